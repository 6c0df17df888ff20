export { useDaySizes, type RiderOnIt } from './api';
export { letterOf, moved, saidAt } from './model';
export { useActiveSizes, type ActiveSizes } from './useActiveSizes';
export { Untold } from './Untold';
export { Setting } from './Setting';
export { ActiveSizesList } from './ActiveSizesList';
export { ActiveSizesPanel } from './ActiveSizesPanel';
export { Chance, restsOn, share, type ChanceOf } from './Chance';
