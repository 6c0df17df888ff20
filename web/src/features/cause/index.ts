export { CausesPage } from './CausesPage';
export { useCauses } from './api';
