import type { Run, RunLog } from './api';
import { shown, type LoggedRun, type Outbox } from './outbox';

/** One line of a day's log. */
export interface LogLine {
  run: LoggedRun;
  kept: 'server' | 'device';
  /** When and where it was taken away; missing while it counts. */
  gone?: { at: string; device: string };
  /** The device it was logged or corrected on, and when it was corrected. */
  device: string;
  correctedAt?: string;
  /** What it was before, the latest first. */
  earlier: Run[];
}

/** A day's log, the newest first: what the server has, and what only this device knows yet. */
export function dayLog(log: RunLog, box: Outbox, dayId: number, here: string): LogLine[] {
  const lines = new Map(log.map((l) => [l.run.id, l]));
  const known = shown(log.map((l) => l.run).toReversed(), box, (r) => r.dayId === dayId);
  const done = [...box.sent, ...box.waiting];
  const undone = new Set(done.flatMap((e) => (e.kind === 'undo' ? [e.id] : [])));
  done.forEach((e) => e.kind === 'log' && e.run.replaces !== undefined && undone.delete(e.run.replaces));
  const taken = log
    .filter((l) => undone.has(l.run.id))
    .map((l): LogLine => ({ ...lineOf(l), kept: 'device', gone: { at: '', device: here } }));
  const shownLines = known.map((run): LogLine => {
    const stored = lines.get(run.id);
    return stored !== undefined && run.kept === 'server'
      ? lineOf(stored)
      : { run, kept: run.kept, device: here, earlier: [] };
  });
  return [...shownLines, ...taken].sort((a, b) => b.run.loggedAt.localeCompare(a.run.loggedAt));
}

function lineOf(logged: RunLog[number]): LogLine {
  const { run, earlier } = logged;
  return {
    run,
    kept: 'server',
    device: run.device,
    earlier,
    ...(run.withdrawnAt !== undefined && { gone: { at: run.withdrawnAt, device: run.withdrawnOn } }),
    ...(run.correctedAt !== undefined && { correctedAt: run.correctedAt }),
  };
}
