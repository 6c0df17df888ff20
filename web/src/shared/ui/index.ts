export { NotHere } from './NotHere';
export * from './basics';
export { Loading } from './Loading';
export { ReckoningNote } from './ReckoningNote';
export { Toggle } from './Toggle';
export { ToastProvider, useSay } from './toasts';
export { Chevron, sideWord, type SideName } from './sides';
export { Downloads } from './Downloads';
export { Conflicts } from './Conflicts';
