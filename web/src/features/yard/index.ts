export { useYards, type Yard } from './api';
export { letter, sideText } from './model';
