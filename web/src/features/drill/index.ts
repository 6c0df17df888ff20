export { DrillsPage } from './DrillsPage';
