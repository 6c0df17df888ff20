import { useSyncExternalStore } from 'react';
import { KEPT_SINCE } from '../../worker';

let since: string | undefined;
let keptAnswers = 0;
const listeners = new Set<() => void>();

/** What the server itself has answered since this page was opened, by address. */
const answered = new Set<string>();

/**
 * Notes of an answer whether the server gave it, or it was kept from before. Says whether it is news: what was kept is none
 * for a page that has had the server's own answer to the same question, which may be later.
 */
export function note(response: Response): boolean {
  const kept = response.headers.get(KEPT_SINCE) ?? undefined;
  if (kept === undefined) answered.add(response.url);
  else keptAnswers++;
  if ((kept === undefined) !== (since === undefined)) {
    since = kept;
    listeners.forEach((tell) => tell());
  }
  return kept === undefined || !answered.has(response.url);
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
