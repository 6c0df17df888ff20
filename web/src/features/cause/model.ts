import { BEFORE_DROP, FAULTS, TECHNIQUES } from '../fault';
import type { Cause } from './api';

/** A row somebody is about to fill in. */
export const NEW_CAUSE: Cause = { faults: [], technique: [], before: [], likely: '', cue: '', drills: [] };

/** The faults of a row, in the order they are logged. */
export function faultsText(cause: Cause): string {
  return sentence(FAULTS.filter((f) => cause.faults.includes(f.fault)).map((f) => f.word));
}

/** What is seen with them. */
export function techniqueText(cause: Cause): string {
  const seen = TECHNIQUES.filter((t) => cause.technique.includes(t.technique)).map((t) => t.word);
  return seen.length === 0 ? '' : `with ${sentence(seen)}`;
}

/** What came last before a drop. */
export function beforeText(cause: Cause): string {
  const last = BEFORE_DROP.filter((b) => cause.before.includes(b.before)).map((b) => b.word);
  return last.length === 0 ? '' : `last before a drop: ${sentence(last)}`;
}

function sentence(words: string[]): string {
  const all = words.map((w) => w.toLowerCase());
  const last = all.at(-1) ?? '';
  return all.length < 2 ? last : `${all.slice(0, -1).join(', ')} or ${last}`;
}

/** The table with one row in the place of another, or taken out; at its end, one more. */
export function replaced(rows: Cause[], at: number, by: Cause | undefined): Cause[] {
  return [...rows.slice(0, at), ...(by === undefined ? [] : [by]), ...rows.slice(at + 1)];
}

/** A list with something in it that was not, or without it. */
export function toggled<T>(list: T[], one: T): T[] {
  return list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
}
