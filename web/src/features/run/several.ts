import type { Fault, RunRequest } from './api';

/** Runs watched rather than tapped: how many were clean, and how often each fault was seen. */
export interface Several {
  clean: number;
  faults: Partial<Record<Fault, number>>;
}

/** What of an entry goes beside its faults. */
export type Detail = Partial<Pick<RunRequest, 'sort' | 'minutes' | 'laps' | 'faultCounts'>>;

export const NONE: Several = { clean: 0, faults: {} };

/** How many runs they are. */
export function countOf(several: Several): number {
  return several.clean + Object.values(several.faults).reduce((sum, n) => sum + n, 0);
}

/** One more or fewer of a fault, or of the clean ones; never below none. */
export function stepped(several: Several, of: Fault | 'clean', by: 1 | -1): Several {
  if (of === 'clean') return { ...several, clean: Math.max(0, several.clean + by) };
  const n = Math.max(0, (several.faults[of] ?? 0) + by);
  const { [of]: _before, ...others } = several.faults;
  return { ...several, faults: n === 0 ? others : { ...others, [of]: n } };
}

/**
 * The faults of each run, to be logged one after another. Nobody said in which order they were, so the clean ones come
 * last: no advice then rests on a last run that was not the last.
 */
export function runsOf(several: Several): Fault[][] {
  const faulty = Object.entries(several.faults).flatMap(([fault, n]) =>
    Array.from({ length: n }, () => [fault as Fault]),
  );
  return [...faulty, ...Array.from({ length: several.clean }, () => [])];
}

/** A timed ride as it is logged; undefined while it has no length. */
export function timedRideOf(
  minutes: number | undefined,
  laps: number | undefined,
  seen: Several['faults'],
): Pick<RunRequest, 'sort' | 'minutes' | 'laps' | 'faultCounts' | 'faults'> | undefined {
  if (minutes === undefined && laps === undefined) return undefined;
  return {
    sort: 'SPELL',
    ...(minutes !== undefined && { minutes }),
    ...(laps !== undefined && { laps }),
    faultCounts: seen as Record<Fault, number>,
    faults: Object.keys(seen) as Fault[],
  };
}
