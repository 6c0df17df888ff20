export { chosen } from './chosen';
export { JUST_SAVED, useAddress, useJustSaved, usePart } from './useAddress';
