export { useSheet } from './api';
export { FillPocket, usePocket } from './pocket';
