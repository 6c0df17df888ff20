export { chosen } from './chosen';
export { useAddress } from './useAddress';
