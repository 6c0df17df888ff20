import type { RunRequest } from './api';

/** Something done on this device that the server may not know yet. */
export type Entry =
  | {
      kind: 'log';
      id: string;
      run: RunRequest;
      /** What its drill is called, to be shown until the server has it. */
      drillName?: string | undefined;
    }
  | { kind: 'undo'; id: string };

/**
 * What waits, in the order it was done; what the server has stored since anything was read of it; and what it refused for
 * good.
 */
export interface Outbox {
  waiting: Entry[];
  sent: Entry[];
  refused: { entry: Entry; message: string }[];
}

export const EMPTY: Outbox = { waiting: [], sent: [], refused: [] };

/** A run as it was logged, wherever it is kept. */
export type LoggedRun = Omit<RunRequest, 'replaces' | 'device'> & {
  id: string;
  /** What the drill was called; missing where it names none, and until the server has it. */
  drillName?: string;
  /** As the server computes it from the time; missing until it has. */
  speedMetresPerSecond?: number;
};

export type ShownRun = LoggedRun & { kept: 'server' | 'device' };

/**
 * Runs of the server and of this device together, without the undone, oldest first; what was corrected stands where it
 * stood.
 *
 * @param belongs whether a run is one of those shown, such as a rider's on a course
 */
export function shown(server: LoggedRun[], box: Outbox, belongs: (run: RunRequest) => boolean): ShownRun[] {
  const runs: ShownRun[] = server.map((r) => ({ ...r, kept: 'server' }));
  const take = (id: string | undefined) => {
    const at = runs.findIndex((r) => r.id === id);
    const [taken] = at < 0 ? [] : runs.splice(at, 1);
    return { at: at < 0 ? runs.length : at, taken };
  };
  const done = [
    ...box.sent.map((entry) => ({ entry, kept: 'server' as const })),
    ...box.waiting.map((entry) => ({ entry, kept: 'device' as const })),
  ];
  for (const { entry, kept } of done) {
    if (entry.kind === 'undo') {
      take(entry.id);
    } else if (!runs.some((r) => r.id === entry.id)) {
      const { replaces, device: _device, ...run } = entry.run;
      const { at, taken } = take(replaces);
      const loggedAt = taken?.loggedAt ?? run.loggedAt;
      const { drillName } = entry;
      if (belongs(entry.run))
        runs.splice(at, 0, {
          ...run,
          ...(drillName !== undefined && { drillName }),
          loggedAt,
          id: entry.id,
          kept,
        });
    }
  }
  return runs;
}

/** Some of a run changed; what is given as undefined is left out of it. */
export type Changes = { [K in keyof RunRequest]?: RunRequest[K] | undefined };

/** A run as it is asked for again, with some of it changed: it takes the place of the one it corrects. */
export function correction(of: LoggedRun, changes: Changes, device: string, at: Date): RunRequest {
  const { dayId, riderId, machineId, drillId, courseId, side, settingMetres, faults } = of;
  const { sort, seconds, minutes, laps, faultCounts, note, observed, score } = of;
  const before: RunRequest = {
    dayId,
    riderId,
    machineId,
    ...(drillId !== undefined && { drillId }),
    ...(courseId !== undefined && { courseId }),
    ...(side !== undefined && { side }),
    ...(settingMetres !== undefined && { settingMetres }),
    faults,
    loggedAt: at.toISOString(),
    ...(sort !== undefined && { sort }),
    ...(seconds !== undefined && { seconds }),
    ...(minutes !== undefined && { minutes }),
    ...(laps !== undefined && { laps }),
    ...(faultCounts !== undefined && { faultCounts }),
    ...(note !== undefined && { note }),
    ...(observed !== undefined && { observed }),
    ...(score !== undefined && { score }),
  };
  const left = Object.entries({ ...before, ...changes }).filter(([, value]) => value !== undefined);
  return {
    ...(Object.fromEntries(left) as unknown as RunRequest),
    loggedAt: at.toISOString(),
    replaces: of.id,
    device,
  };
}
