export { DrillsPage } from './DrillsPage';
export { useDrills, type Catalogue } from './api';
export { DrillList } from './DrillList';
export { DrillLinks } from './DrillLinks';
