import { useState } from 'react';
import { deviceName } from '../../shared/device';
import { dropDraft, keepDraft, keptDraft } from '../../shared/kept';
import { useSay } from '../../shared/ui';
import type { Fault, RunRequest, Score } from './api';
import type { LoggedRun } from './outbox';
import { NOTHING_SEEN, says } from './Seen';
import type { Detail } from './several';
import type { Held } from './Timer';
import type { HeldOutbox } from './useOutbox';

/** Whose runs are logged, and where. */
export type Logged = Pick<RunRequest, 'dayId' | 'riderId' | 'machineId' | 'drillId' | 'courseId' | 'side'>;

export type HeldLogging = ReturnType<typeof useLogging>;

/**
 * What is tapped until it is logged, and the logging: the next run takes with it what was noted beside its faults.
 *
 * @param size at which a course is ridden, in metres; undefined while that is not known, none without a course
 */
export function useLogging(
  of: Logged & { drillName: string | undefined },
  size: number | 'none' | undefined,
  timer: Held,
  outbox: HeldOutbox,
) {
  const say = useSay();
  const [faults, setFaults] = useState<Fault[]>([]);
  // A note half typed is the rider's until their next run, also after a reload.
  const noteOf = `range/note/${of.dayId}/${of.riderId}`;
  const [note, typeNote] = useState(() => String(keptDraft(noteOf)?.value ?? ''));
  const setNote = (text: string) => {
    typeNote(text);
    if (text === '') dropDraft(noteOf);
    else keepDraft(noteOf, text, Date.now());
  };
  const [seen, setSeen] = useState(NOTHING_SEEN);
  const [score, setScore] = useState<Score>();
  const [dropped, setDropped] = useState<LoggedRun>();

  const logAll = (entries: { faults: Fault[]; detail?: Detail }[]) => {
    if (size === undefined) {
      say.failed(new Error('Not logged: say first which of the settings that stand is ridden.'));
      return;
    }
    const now = Date.now();
    const { drillName, ...logged } = of;
    entries.forEach((entry, i) => {
      const id = crypto.randomUUID();
      const run = {
        ...logged,
        ...(size !== 'none' && { settingMetres: size }),
        faults: entry.faults,
        // One after another, also where several are logged at once.
        loggedAt: new Date(now + i).toISOString(),
        ...entry.detail,
        ...(i === 0 && timer.seconds !== undefined && { seconds: timer.seconds }),
        ...(i === 0 && note.trim() !== '' && { note }),
        ...(i === 0 && says(seen) && { observed: seen }),
        ...(i === 0 && score !== undefined && { score }),
      };
      outbox.add({ kind: 'log', id, run: { ...run, device: deviceName() }, drillName });
      const named = { ...run, ...(drillName !== undefined && { drillName }), id };
      setDropped(entry.faults.includes('DROP') ? named : undefined);
    });
    timer.clear();
    setNote('');
    setSeen(NOTHING_SEEN);
    setScore(undefined);
    setFaults([]);
  };
  return { faults, setFaults, note, setNote, seen, setSeen, score, setScore, dropped, setDropped, logAll };
}
