export { LiesIn } from './LiesIn';
export { MarkerChoice } from './MarkerChoice';
export { Owned } from './Owned';
