export { LiesIn } from './LiesIn';
export { lying } from './model';
export { MarkerChoice } from './MarkerChoice';
export { Owned } from './Owned';
