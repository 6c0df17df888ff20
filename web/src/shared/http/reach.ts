import { useSyncExternalStore } from 'react';
import { KEPT_SINCE } from '../../worker';

let since: string | undefined;
let keptAnswers = 0;
const listeners = new Set<() => void>();

/** Notes of an answer whether the server gave it, or it was kept from before. */
export function note(response: Response) {
  const kept = response.headers.get(KEPT_SINCE) ?? undefined;
  if (kept !== undefined) keptAnswers++;
  if ((kept === undefined) === (since === undefined)) return;
  since = kept;
  listeners.forEach((tell) => tell());
}

function subscribe(tell: () => void) {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** Since when what is shown is only kept from before, as the server said the time; undefined while it answers. */
export function useKeptSince(): string | undefined {
  return useSyncExternalStore(subscribe, () => since);
}

/** How many answers so far were only kept from before: no more of them means that all since came from the server. */
export function countKept(): number {
  return keptAnswers;
}
