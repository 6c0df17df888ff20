export { DrillsTab } from './DrillsTab';
export { useDrills, type Catalogue } from './api';
export { DrillList } from './DrillList';
export { DrillLinks } from './DrillLinks';
