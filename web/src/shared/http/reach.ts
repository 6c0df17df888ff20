import { useSyncExternalStore } from 'react';
import { KEPT_SINCE } from '../../worker';

/** How it stands with the server: whether it answers, and else since when nothing newer is shown, where that is known. */
export interface Reach {
  gone: boolean;
  since?: string;
}

const THERE: Reach = { gone: false };
let reach = THERE;
let keptAnswers = 0;
const listeners = new Set<() => void>();

/** Questions that the server itself has answered since this page was opened. */
const answered = new Set<string>();

/**
 * Notes of an answer whether the server gave it, or it was kept from before. Says whether it is news: what was kept is none
 * for a page that has had the server's own answer to the same question, which may be later.
 *
 * @param question where the same is asked at several addresses; else the address
 */
export function note(response: Response, question = response.url): boolean {
  const kept = response.headers.get(KEPT_SINCE) ?? undefined;
  if (kept === undefined) answered.add(question);
  else keptAnswers++;
  const before = reach.since;
  if (kept === undefined) become(THERE);
  else if (before === undefined) become({ gone: true, since: kept });
  return kept === undefined || !answered.has(question);
}

/** Notes that nobody answered at all. */
export function noteGone() {
  if (!reach.gone) become({ gone: true });
}

function become(next: Reach) {
  if (next === reach) return;
  reach = next;
  listeners.forEach((tell) => tell());
}

function subscribe(tell: () => void) {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** How it stands with the server now, as far as the last answers say. */
export function useReach(): Reach {
  return useSyncExternalStore(subscribe, () => reach);
}

/** How many answers so far were only kept from before: no more of them means that all since came from the server. */
export function countKept(): number {
  return keptAnswers;
}
