export { DrillsPage } from './DrillsPage';
export { useDrills } from './api';
