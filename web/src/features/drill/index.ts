export { DrillsPage } from './DrillsPage';
export { useDrills, useStandings, type Catalogue, type RiderDrills, type StoredDrill } from './api';
export { StateMark } from './StateMark';
