import type { RunRequest } from './api';

/** Something done on this device that the server may not know yet. */
export type Entry = { kind: 'log'; id: string; run: RunRequest } | { kind: 'undo'; id: string };

/** What waits, in the order it was done, and what the server refused for good. */
export interface Outbox {
  waiting: Entry[];
  refused: { entry: Entry; message: string }[];
}

export const EMPTY: Outbox = { waiting: [], refused: [] };

/** Adds what was done. */
export function added(box: Outbox, entry: Entry): Outbox {
  return { ...box, waiting: [...box.waiting, entry] };
}

/** Takes out what the server has stored. */
export function stored(box: Outbox, entry: Entry): Outbox {
  return { ...box, waiting: box.waiting.filter((e) => !same(e, entry)) };
}

/** Puts aside what the server will never take, so that the rest can go on. */
export function refused(box: Outbox, entry: Entry, message: string): Outbox {
  return { ...stored(box, entry), refused: [...box.refused, { entry, message }] };
}

function same(a: Entry, b: Entry): boolean {
  return a.kind === b.kind && a.id === b.id;
}

/** A run as the range shows it, wherever it is kept. */
export interface ShownRun {
  id: string;
  side: RunRequest['side'];
  settingMetres: number;
  faults: RunRequest['faults'];
  kept: 'server' | 'device';
}

/** Runs of the server and of this device together, without the undone, oldest first. */
export function shown(
  server: Omit<ShownRun, 'kept'>[],
  box: Outbox,
  of: Pick<RunRequest, 'dayId' | 'riderId' | 'courseId'>,
): ShownRun[] {
  const undone = new Set(box.waiting.flatMap((e) => (e.kind === 'undo' ? [e.id] : [])));
  const known = new Set(server.map((r) => r.id));
  const here = box.waiting.flatMap((e) =>
    e.kind === 'log' &&
    !known.has(e.id) &&
    e.run.dayId === of.dayId &&
    e.run.riderId === of.riderId &&
    e.run.courseId === of.courseId
      ? [
          {
            id: e.id,
            side: e.run.side,
            settingMetres: e.run.settingMetres,
            faults: e.run.faults,
            kept: 'device' as const,
          },
        ]
      : [],
  );
  return [...server.map((r) => ({ ...r, kept: 'server' as const })), ...here].filter(
    (r) => !undone.has(r.id),
  );
}

/** Reads what is kept on this device; anything not understood is left alone and counts as empty. */
export function readOutbox(kept: string | null): Outbox {
  try {
    const read = JSON.parse(kept ?? 'null') as Outbox | null;
    return read !== null && Array.isArray(read.waiting) && Array.isArray(read.refused) ? read : EMPTY;
  } catch {
    return EMPTY;
  }
}
