import type { RunRequest } from './api';

/** Something done on this device that the server may not know yet. */
export type Entry = { kind: 'log'; id: string; run: RunRequest } | { kind: 'undo'; id: string };

/** What waits, in the order it was done, and what the server refused for good. */
export interface Outbox {
  waiting: Entry[];
  refused: { entry: Entry; message: string }[];
}

export const EMPTY: Outbox = { waiting: [], refused: [] };

/** A run as the range shows it, wherever it is kept. */
export type ShownRun = Pick<
  RunRequest,
  'side' | 'settingMetres' | 'faults' | 'sort' | 'seconds' | 'minutes' | 'laps' | 'faultCounts' | 'note'
> & { id: string; kept: 'server' | 'device' };

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
      ? [{ ...e.run, id: e.id, kept: 'device' as const }]
      : [],
  );
  return [...server.map((r) => ({ ...r, kept: 'server' as const })), ...here].filter(
    (r) => !undone.has(r.id),
  );
}
