export { MarkerChoice } from './MarkerChoice';
export { Owned } from './Owned';
