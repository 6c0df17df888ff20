export { useRiderOptions, useRiders, useSaveRider, type Rider } from './api';
export { LEVELS, NEW_RIDER } from './model';
