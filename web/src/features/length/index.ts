export { LengthField } from './LengthField';
export { MetresField } from './MetresField';
export { KnownContext, useKnown } from './known';
export { moved, readLength, type Calibration, type Calibrations, type Length, type Usual } from './api';
