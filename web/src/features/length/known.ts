import { createContext, useContext } from 'react';
import type { Calibrations } from './api';

/** The pace and bay known where the day takes place, so that every length anywhere can be said in them. */
export const KnownContext = createContext<Calibrations>({});

/** What one pace and one bay measure here, if known. */
export function useKnown(): Calibrations {
  return useContext(KnownContext);
}
