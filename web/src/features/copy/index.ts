export { Copies } from './Copies';
