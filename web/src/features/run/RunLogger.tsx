import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Course } from '../course';
import { useDayLink } from '../day';
import type { Fault, RangeView, Side } from './api';
import type { DrillRidden } from './activity';
import { AfterDrop } from './AfterDrop';
import { Buttons } from './Buttons';
import { toggled, type Command } from './keys';
import { More } from './More';
import type { LoggedRun, ShownRun } from './outbox';
import { Saved } from './Saved';
import { NOTHING_SEEN } from './Seen';
import { Tallies, type Earlier } from './Tallies';
import { Timer, useTimer } from './Timer';
import { useKeys } from './useKeys';
import { useLogging, type Logged } from './useLogging';
import type { HeldOutbox } from './useOutbox';
import { useWakeLock } from './useWakeLock';

/** What is logged: who rides which drill, on which course at which size. */
export interface Ridden {
  of: Omit<Logged, 'side'>;
  drill: DrillRidden | undefined;
  /** Missing where the drill is ridden on none. */
  on: { course: Course; sizeMetres: number | undefined; sizes: number[] } | undefined;
}

/** The side turned to, where there are sides. */
export interface Turning {
  side: Side;
  onSide: (side: Side) => void;
}

/** What a command of the log bar does beside logging. */
export interface Around {
  next: string | undefined;
  onNext: () => void;
  /** Goes to another size, 1 is tighter; missing where there is none. */
  onSize: ((by: 1 | -1) => void) | undefined;
  onCorrect: (run: LoggedRun) => void;
}

/** The runs of what is ridden, and the bar they are logged by: a clean one in one tap, a fault in two. */
export function RunLogger(props: {
  ridden: Ridden;
  turning: Turning | undefined;
  runs: ShownRun[];
  known: { unscored: RangeView['unscored']; earlier: Earlier; reached: boolean };
  around: Around;
  outbox: HeldOutbox;
  /** Who rides what. */
  head: ReactNode;
  /** What else can be ridden, and what comes next. */
  children: ReactNode;
}) {
  const { ridden, turning, runs, around, outbox } = props;
  const link = useDayLink();
  const timer = useTimer();
  useWakeLock();
  const { on, drill } = ridden;
  const side = turning?.side;
  const logging = useLogging(
    { ...ridden.of, ...(side !== undefined && { side }), drillName: drill?.drillName },
    on === undefined ? 'none' : on.sizeMetres,
    timer,
    outbox,
  );
  const { faults, dropped, logAll } = logging;
  const scored = drill?.loggedBy === 'SCORE';
  const needsScore = scored && drill.mark?.measured !== undefined && logging.score === undefined;
  const canLog =
    (on === undefined || on.sizeMetres !== undefined) && drill?.loggedBy !== 'TIMED_RIDE' && !needsScore;
  const log = (seen: Fault[]) => (canLog ? logAll([{ faults: seen }]) : undefined);
  const run = (command: Command) => {
    switch (command.do) {
      case 'clean':
        return log([]);
      case 'log':
        return faults.length > 0 ? log(faults) : undefined;
      case 'fault':
        return logging.setFaults((before) => toggled(before, command.fault));
      case 'side':
        return turning?.onSide(command.side);
      case 'size':
        return around.onSize?.(command.by);
      case 'next':
        return around.onNext();
      case 'undo': {
        const last = runs.at(-1);
        return last && outbox.add({ kind: 'undo', id: last.id });
      }
      case 'timer':
        return timer.toggle();
    }
  };
  useKeys(run, faults.length > 0);
  return (
    <>
      <div className="range-read">
        {dropped && (
          <AfterDrop
            onSay={(beforeDrop) => {
              const observed = { ...(dropped.observed ?? NOTHING_SEEN), beforeDrop };
              outbox.correct(dropped, { observed });
              logging.setDropped(undefined);
            }}
            onLeft={() => logging.setDropped(undefined)}
          />
        )}
        {props.head}
        <Tallies
          runs={runs}
          sided={turning !== undefined}
          onRun={around.onCorrect}
          unscored={props.known.unscored}
          earlier={props.known.earlier}
        />
        {props.children}
        <More
          key={drill?.drillId}
          canLog={on === undefined || on.sizeMetres !== undefined}
          on={on}
          drill={drill}
          logging={logging}
        />
        <div className="flex flex-wrap items-center justify-between gap-2">
          <Timer timer={timer} />
          <Link to={link('/range/log')} className="thumb inline-flex items-center">
            Runs of the day
          </Link>
          <div className="min-h-6 max-sm:w-full">
            <Saved {...outbox} reached={outbox.reached && props.known.reached} />
          </div>
        </div>
        <p className="text-sm text-soft">
          A drop, lost free play at the lever, smell or a fading brake: stop now. Feet up while moving; never
          the front brake with the bars turned.
        </p>
      </div>
      <Buttons
        faults={faults}
        canLog={canLog}
        logs={scored ? 'Clean, with the score' : 'Clean'}
        instead={
          drill?.loggedBy === 'TIMED_RIDE'
            ? 'Minutes count here: log the timed ride above.'
            : needsScore
              ? 'Type the score above, then log the run.'
              : undefined
        }
        turning={turning}
        canUndo={runs.length > 0}
        next={around.next}
        onCommand={run}
      />
    </>
  );
}
