import { body, type Answer } from './client';
import { Problem } from './problem';

/** Something stored, with the version that was read: what is changed elsewhere since is not overwritten unasked. */
export interface Seen {
  id: number;
  version: number;
}

/** Somebody else's state beside one's own; `wanted` is missing where a thing was to be deleted. */
export interface Conflict {
  current: Record<string, unknown>;
  wanted: Record<string, unknown> | undefined;
}

/** What a person chose to keep; undefined where they would rather go on working. */
export type Choice = 'mine' | 'theirs' | undefined;

type Ask = (conflict: Conflict) => Promise<Choice>;

let ask: Ask = () => Promise.resolve(undefined);

/** Names who asks a person to choose; gives a way to stop. */
export function askBy(asking: Ask): () => void {
  ask = asking;
  return () => {
    ask = () => Promise.resolve(undefined);
  };
}

/** The version as `If-Match` takes it. */
export function tagOf(seen: { version: number }): { 'If-Match': string } {
  return { 'If-Match': `"${seen.version}"` };
}

/**
 * Changes or deletes something as it was read. Where it was changed elsewhere since, a person sees both states and chooses:
 * their own is sent again over the other, or the other is kept and what was sent is given up.
 */
export async function changing<T>(
  seen: { version: number },
  send: (header: { 'If-Match': string }) => Promise<Answer<T>>,
): Promise<T> {
  try {
    return await body(send(tagOf(seen)));
  } catch (e) {
    if (!(e instanceof Problem) || e.conflict === undefined) throw e;
    const choice = await ask(e.conflict);
    if (choice === 'mine') return changing({ version: Number(e.conflict.current.version) }, send);
    throw choice === 'theirs'
      ? new Problem(e.status, 'Kept as it was changed elsewhere.', [])
      : new Problem(e.status, 'Not stored: it was changed elsewhere. Save again to choose.', []);
  }
}
