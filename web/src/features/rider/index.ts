export { useRiderOptions, useRiders, useSaveRider, type Rider } from './api';
export { abilityOf, LEVELS, NEW_RIDER } from './model';
