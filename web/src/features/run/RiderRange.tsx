import { useState } from 'react';
import { Link } from 'react-router';
import { settingOf, type Course, type CourseKind } from '../course';
import { StopRules, useDayLink, type Day } from '../day';
import type { Machine } from '../machine';
import type { Rider } from '../rider';
import { moved, useStandingOf, useWhatStands } from '../standing';
import { useRange, type Fault, type Side } from './api';
import { Buttons } from './Buttons';
import { stepped, toggled, type Command } from './keys';
import { AdviceBox } from './AdviceBox';
import { AfterDrop } from './AfterDrop';
import { CorrectRun } from './CorrectRun';
import { shown, type LoggedRun } from './outbox';
import { More } from './More';
import { MoveCones } from './MoveCones';
import { RangeHead } from './RangeHead';
import { NewRider } from './NewRider';
import { turnOf, type RunningBlock, type UpNext, type useRunning } from './running';
import { RunningBar } from './RunningBar';
import { NOTHING_SEEN } from './Seen';
import { Saved } from './Saved';
import { SideAndRung } from './SideAndRung';
import { Tallies } from './Tallies';
import { Timer, useTimer } from './Timer';
import { useKeys } from './useKeys';
import { useLogging } from './useLogging';
import { useOutbox } from './useOutbox';
import { useRidden } from './useRidden';
import { useWakeLock } from './useWakeLock';

/** One rider on one course. */
export function RiderRange(props: {
  day: Day;
  course: Course;
  courses: Course[];
  kinds: CourseKind[];
  side: Side;
  rider: Rider;
  machine: Machine;
  riders: Rider[];
  onRider: (id: number) => void;
  onCourse: (id: number) => void;
  onSide: (side: Side) => void;
  lesson: ReturnType<typeof useRunning>;
  onUp: (block: RunningBlock, up: UpNext) => void;
  /** Who is up next by the running order; missing where there is none. */
  next: string | undefined;
  onNext: () => void;
}) {
  const { day, rider, machine, course, side } = props;
  const link = useDayLink();
  const kind = props.kinds.find((k) => k.kind === course.kind);
  const stands = useWhatStands(day, course.id, kind ? settingOf(course, kind) : 0);
  const who = useStandingOf(day.id, course.id, stands.settings);
  const own = who.data?.stands.riders.find((r) => r.riderId === rider.id);
  const { setting, choose } = useRidden(
    `${day.id}.${course.id}.${rider.id}`,
    stands.settings,
    own?.settingMetres,
  );
  const [proposed, setProposed] = useState<number>();
  const outbox = useOutbox();
  const timer = useTimer();
  useWakeLock();

  const of = { dayId: day.id, riderId: rider.id, courseId: course.id, machineId: machine.id };
  // Which setting suits them is on its way: what it brings is asked for once, not without a setting first.
  const suitsComes = (who.isPending || who.isPlaceholderData) && who.failureCount === 0;
  const known = useRange({ ...of, settingMetres: setting }, setting !== undefined || !suitsComes);
  const logging = useLogging({ ...of, side }, setting, timer, outbox);
  const { faults, dropped, logAll } = logging;
  const standing = known.data?.standing;
  const runs = shown(
    known.data?.runs ?? [],
    outbox.box,
    (r) => r.dayId === day.id && r.riderId === rider.id && r.courseId === course.id,
  );
  const advice = side === 'LEFT' ? known.data?.nextLeft : known.data?.nextRight;
  const back = side === 'LEFT' ? known.data?.backLeft : known.data?.backRight;
  const unknown = known.failed ? 'lost' : 'coming';
  const earlier = known.data === undefined ? unknown : setting === undefined ? 'coming' : 'known';
  const rungs = standing?.ladder.rungs.map((r) => r.settingMetres) ?? [];

  const [adding, setAdding] = useState(false);
  const turn = turnOf(props.lesson.running, rider.id);
  const [correcting, setCorrecting] = useState<LoggedRun>();
  const log = (seen: Fault[]) => logAll([{ faults: seen }]);
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
        return logging.setFaults((before) => toggled(before, command.fault));
      case 'side':
        return props.onSide(command.side);
      case 'rung': {
        if (setting === undefined) return;
        const next = stepped(rungs, proposed ?? setting, command.by);
        return setProposed(next === setting ? undefined : next);
      }
      case 'next':
        return props.onNext();
      case 'undo':
        return undo();
      case 'timer':
        return timer.toggle();
    }
  };
  useKeys(run, faults.length > 0);

  return (
    <div
      className="mx-auto flex w-full max-w-3xl flex-1 flex-col gap-2 px-4 pt-2"
      // Tapped, a button gives the focus back: keys that follow are the range's, not the button's once more.
      onClick={(e) => {
        if (e.detail > 0 && document.activeElement instanceof HTMLButtonElement)
          document.activeElement.blur();
      }}
    >
      <StopRules dayId={day.id} />
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
      <RunningBar lesson={props.lesson} riderId={rider.id} onUp={props.onUp} />
      {adding && (
        <NewRider
          day={day}
          onDone={(id) => {
            setAdding(false);
            props.onRider(id);
          }}
          onLeft={() => setAdding(false)}
        />
      )}
      <RangeHead
        {...props}
        onCourse={(id) => {
          props.onCourse(id);
          setProposed(undefined);
        }}
        stands={stands}
        setting={setting}
        onSetting={choose}
        task={turn?.up}
        onNewRider={() => setAdding(true)}
      />
      {proposed !== undefined && setting !== undefined && (
        <MoveCones
          day={day.id}
          course={course.id}
          rider={rider.id}
          settings={moved(stands.settings, setting, proposed)}
          from={setting}
          to={proposed}
          onMoved={() => {
            stands.stand(moved(stands.settings, setting, proposed));
            choose(proposed);
            setProposed(undefined);
          }}
          onLeft={() => setProposed(undefined)}
        />
      )}
      <AdviceBox
        riderId={rider.id}
        setting={setting}
        placed={own !== undefined}
        advice={advice}
        standing={standing}
        back={back}
        laddered={rungs.length > 0}
        onMove={proposed === undefined ? (by) => run({ do: 'rung', by }) : undefined}
      />
      <Tallies runs={runs} onRun={setCorrecting} unscored={known.data?.unscored ?? []} earlier={earlier} />
      <More
        canLog={setting !== undefined}
        course={course}
        standsAt={stands.settings}
        task={turn?.up}
        seen={logging.seen}
        onSeen={logging.setSeen}
        score={logging.score}
        onScore={logging.setScore}
        note={logging.note}
        onNote={logging.setNote}
        onLog={logAll}
      />
      <div className="flex flex-wrap items-center justify-between gap-2">
        <Timer timer={timer} />
        <Link to={link('/range/log')} className="thumb inline-flex items-center">
          Runs of the day
        </Link>
        <div className="min-h-6 max-sm:w-full">
          <Saved {...outbox} reached={outbox.reached && !known.failed} />
        </div>
      </div>
      <p className="text-sm text-soft">
        A drop, lost free play at the lever, smell or a fading brake: stop now. Feet up while moving; never
        the front brake with the bars turned.
      </p>
      <div className="log-bar -mx-4 mt-auto grid gap-2 border-t border-rule bg-page px-4 pt-2 pb-3">
        <SideAndRung
          side={side}
          setting={setting}
          chance={
            setting === undefined
              ? undefined
              : side === 'LEFT'
                ? known.data?.chanceLeft
                : known.data?.chanceRight
          }
          laddered={rungs.length > 0}
          onCommand={run}
        />
        <Buttons
          faults={faults}
          canLog={setting !== undefined}
          canUndo={runs.length > 0}
          next={props.next}
          onCommand={run}
        />
      </div>
      {correcting && (
        <CorrectRun
          run={correcting}
          day={day}
          courses={props.courses}
          riders={props.riders}
          kinds={props.kinds}
          outbox={outbox}
          onClose={() => setCorrecting(undefined)}
        />
      )}
    </div>
  );
}
