export { entryText, letterOf, outcomeText } from './marks';
