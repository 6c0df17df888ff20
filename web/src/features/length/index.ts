export { LengthField } from './LengthField';
export { moved, readLength, type Calibration, type Calibrations, type Length } from './api';
