export { askBy, changing, type Choice, type Conflict, type Seen } from './changing';
export { body, http, type Api } from './client';
export { Problem, said, type Finding } from './problem';
export { together, useReading, type Loaded } from './loaded';
export { useKeeping } from './useKeeping';
export { useLasting, useReckoned, type Progress, type Reckoned } from './useReckoned';
export { useLatest, type Answer, type Latest } from './useLatest';
export { countKept, useKeptSince } from './reach';
export { readRunsAnew, useNews } from './useNews';
