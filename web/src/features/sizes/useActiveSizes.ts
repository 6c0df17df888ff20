import { useState } from 'react';
import { changed, useSaveDay, type Day } from '../day';
import { keep, readKept } from '../../shared/kept';
import { Problem } from '../../shared/http';
import { useSay } from '../../shared/ui';
import { saidAt, withActiveSizes } from './model';

/** What a course of a day stands at, and a way to say that its cones were moved. */
export interface ActiveSizes {
  /** In metres, the widest first; at least one. */
  settings: number[];
  /** Whether only this device knows, since the server was out of reach when it was said; not while it is being told. */
  untold: boolean;
  /** Says that the cones stand at these settings now; every device hears of it. */
  stand: (settings: number[]) => void;
}

/**
 * The settings that stand. They belong to the day, so that everybody sees the same; what could not be told to the server is
 * kept here until it is said again.
 */
export function useActiveSizes(day: Day, courseId: number, asSet: number): ActiveSizes {
  const key = `wren-lane.stands-at.${day.id}.${courseId}`;
  const [here, setHere] = useState<Record<string, number[] | undefined>>({});
  const save = useSaveDay();
  const say = useSay();
  const untold = key in here ? here[key] : read(key);
  const stored = saidAt(day, courseId);
  const remember = (settings: number[] | undefined) => {
    keep(key, settings ?? null);
    setHere((before) => ({ ...before, [key]: settings }));
  };
  return {
    settings: untold ?? (stored.length > 0 ? stored : [asSet]),
    untold: untold !== undefined && !save.isPending,
    stand: (settings) => {
      // At once: the cones have been moved, whatever becomes of the message.
      remember(settings);
      save
        .mutateAsync({
          stored: day,
          day: changed(day, { activeSizes: withActiveSizes(day, courseId, settings) }),
        })
        .then(() => remember(undefined))
        .catch((problem: unknown) => {
          if (!(problem instanceof Problem && problem.unreachable)) remember(undefined);
          say.failed(problem);
        });
    },
  };
}

function read(key: string): number[] | undefined {
  const kept = readKept(key);
  return Array.isArray(kept) && kept.length > 0 && kept.every((m) => typeof m === 'number' && m > 0)
    ? (kept as number[])
    : undefined;
}
