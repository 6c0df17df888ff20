export { chosen } from './chosen';
export { useAddress, usePart } from './useAddress';
