export { body, http, type Api } from './client';
export { Problem, said, type Finding } from './problem';
export { together, useReading, type Loaded } from './loaded';
export { useLatest, type Answer, type Latest } from './useLatest';
