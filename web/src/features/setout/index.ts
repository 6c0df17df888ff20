export { useSheet } from './api';
