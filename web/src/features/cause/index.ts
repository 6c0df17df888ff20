export { CausesTab } from './CausesTab';
export { useCauses } from './api';
