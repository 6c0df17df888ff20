export { Outcome, entryText, outcomeText, letterOf } from './marks';
export type { Run } from './api';
