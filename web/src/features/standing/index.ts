export { useStandingOf, type RiderOnIt } from './api';
export { letterOf, moved, saidAt } from './model';
export { useWhatStands, type WhatStands } from './useWhatStands';
export { Untold } from './Untold';
export { Setting } from './Setting';
export { StandsAt } from './StandsAt';
export { WhatStandsPanel } from './WhatStandsPanel';
export { Chance, restsOn, share, type ChanceOf } from './Chance';
