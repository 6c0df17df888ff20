import { keep, readKept } from './browser';

/** Something typed and not saved, as this browser keeps it. */
export interface KeptDraft {
  /** When it was typed, in milliseconds. */
  at: number;
  value: unknown;
}

const nameOf = (draft: string) => `wren-lane.draft.${draft}`;

/** Keeps what is typed under the name of its form; whether that was possible. */
export function keepDraft(draft: string, value: unknown, at: number): boolean {
  return keep(nameOf(draft), { at, value });
}

/** What was typed and not saved; undefined where nothing was. */
export function keptDraft(draft: string): KeptDraft | undefined {
  const kept = readKept(nameOf(draft));
  const isDraft = typeof kept === 'object' && kept !== null && 'at' in kept && 'value' in kept;
  return isDraft && typeof kept.at === 'number' ? { at: kept.at, value: kept.value } : undefined;
}

/** Forgets what was typed: it is saved, or not wanted. */
export function dropDraft(draft: string) {
  try {
    localStorage.removeItem(nameOf(draft));
  } catch {
    // Nothing was kept either.
  }
}
