import { useState } from 'react';
import { settingOf, type Course, type CourseKind } from '../course';
import type { Day } from '../day';
import type { Machine } from '../machine';
import type { Rider } from '../rider';
import { useRange, type Fault, type Side } from './api';
import { Buttons } from './Buttons';
import { stepped, toggled, type Command } from './keys';
import { shown } from './outbox';
import { RangeHead } from './RangeHead';
import { Saved } from './Saved';
import { Tallies } from './Tallies';
import { Timer, useTimer } from './Timer';
import { useKeys } from './useKeys';
import { useOutbox } from './useOutbox';
import { useWakeLock } from './useWakeLock';

/** One rider on one course. */
export function RiderRange(props: {
  day: Day;
  courses: Course[];
  kinds: CourseKind[];
  rider: Rider;
  machine: Machine;
  riders: Rider[];
  onRider: (id: number) => void;
  onNext: () => void;
}) {
  const { day, rider, machine } = props;
  const [courseId, setCourseId] = useState(props.courses[0]?.id ?? 0);
  const course = props.courses.find((c) => c.id === courseId) ?? (props.courses[0] as Course);
  const [picked, setPicked] = useState<number>();
  const [side, setSide] = useState<Side>(course.firstTurn);
  const kind = props.kinds.find((k) => k.kind === course.kind);
  const [faults, setFaults] = useState<Fault[]>([]);
  const outbox = useOutbox();
  const timer = useTimer();
  useWakeLock();

  const of = { dayId: day.id, riderId: rider.id, courseId: course.id };
  const known = useRange({ ...of, machineId: machine.id, settingMetres: picked });
  const standing = known.data?.standing;
  const runs = shown(known.data?.runs ?? [], outbox.box, of);
  const setting =
    picked ??
    runs.at(-1)?.settingMetres ??
    standing?.rung?.settingMetres ??
    (kind ? settingOf(course, kind) : 0);
  const advised = useRange({ ...of, machineId: machine.id, settingMetres: setting });
  const advice = side === 'LEFT' ? advised.data?.nextLeft : advised.data?.nextRight;
  const rungs = standing?.ladder.rungs.map((r) => r.settingMetres) ?? [];

  // Until the rider's rung is known, or the server is found out of reach, a run would be logged at a guess.
  const ready = known.data !== undefined || known.isError;

  const log = (seen: Fault[]) => {
    if (!ready) return;
    outbox.add({
      kind: 'log',
      id: crypto.randomUUID(),
      run: {
        ...of,
        machineId: machine.id,
        side,
        settingMetres: setting,
        faults: seen,
        loggedAt: new Date().toISOString(),
      },
    });
    setPicked(setting);
    setFaults([]);
  };
  const undo = () => {
    const last = runs.at(-1);
    if (last !== undefined) outbox.add({ kind: 'undo', id: last.id });
  };
  const run = (command: Command) => {
    switch (command.do) {
      case 'clean':
        return log([]);
      case 'log':
        return faults.length > 0 ? log(faults) : undefined;
      case 'fault':
        return setFaults((before) => toggled(before, command.fault));
      case 'side':
        return setSide(command.side);
      case 'rung':
        return setPicked(stepped(rungs, setting, command.by));
      case 'next':
        return props.onNext();
      case 'undo':
        return undo();
      case 'timer':
        return timer.toggle();
    }
  };
  useKeys(run);

  return (
    <div className="mx-auto flex w-full max-w-3xl flex-1 flex-col gap-3 px-4 py-3">
      <RangeHead
        {...props}
        course={course}
        onCourse={setCourseId}
        setting={setting}
        tightness={standing?.ladder.rungs.find((r) => r.settingMetres === setting)?.tightness}
        side={side}
        onCommand={run}
      />
      <Tallies runs={runs} ready={ready} />
      <p aria-live="polite" className="min-h-12 border-l-4 border-steel bg-panel px-3 py-1.5">
        {advice ? (
          <>
            <b>{MOVES[advice.move]}</b> {advice.reason}
          </>
        ) : (
          <span className="text-soft">Advice follows the first run.</span>
        )}
      </p>
      <Buttons ready={ready} faults={faults} canUndo={runs.length > 0} onCommand={run} />
      <div className="mt-auto flex flex-wrap items-center justify-between gap-2">
        <Timer timer={timer} />
        <Saved {...outbox} />
      </div>
      <p className="text-sm text-soft">
        A drop, lost free play at the lever, smell or a fading brake: stop now. Feet up while moving; never
        the front brake with the bars turned.
      </p>
    </div>
  );
}

const MOVES = { TIGHTEN: 'Tighten.', HOLD: 'Hold.', WIDEN: 'Widen.', CHANGE_SIDE: 'Change side.' } as const;
