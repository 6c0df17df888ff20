import { useState } from 'react';
import type { Course, CourseKind } from '../course';
import { StopRules, useDayLink, type Day } from '../day';
import { Link } from 'react-router';
import type { Machine } from '../machine';
import type { Rider } from '../rider';
import { usePreferences } from '../../shared/units';
import type { Activity, DrillOfDay, Now } from './activity';
import { Ways } from './Buttons';
import { CorrectRun } from './CorrectRun';
import type { LoggedRun } from './outbox';
import { NewRider } from './NewRider';
import { OnCourse } from './OnCourse';
import { OnNoCourse } from './OnNoCourse';
import { RangeHead } from './RangeHead';
import { RunningBar } from './RunningBar';
import { Saved } from './Saved';
import type { RunningBlock, UpNext, useRunning } from './running';
import type { Turning } from './RunLogger';
import { useKeys } from './useKeys';
import { useOutbox } from './useOutbox';
import { WhatRidden, type Wanted } from './WhatRidden';

/** What the range is about: who rides, on what, and what can be ridden. */
export interface OfRider {
  day: Day;
  rider: Rider;
  machine: Machine;
  riders: Rider[];
  courses: Course[];
  kinds: CourseKind[];
  drills: DrillOfDay[];
}

/** One rider, and what they ride now. */
export function RiderRange(props: {
  of: OfRider;
  now: Now;
  turning: Turning;
  lesson: ReturnType<typeof useRunning>;
  /** Whether what is ridden is what the lesson plan has; missing without a lesson. */
  byPlan: boolean | undefined;
  onChoose: (wanted: Wanted) => void;
  onUp: (block: RunningBlock, up: UpNext) => void;
  go: { onRider: (id: number) => void; next: string | undefined; onNext: () => void };
}) {
  const { of, now, go } = props;
  const { day, rider, machine } = of;
  const outbox = useOutbox();
  const [adding, setAdding] = useState(false);
  const [more, setMore] = useState(false);
  const [correcting, setCorrecting] = useState<LoggedRun>();
  const activity = 'riding' in now ? now.riding : undefined;
  const around = { next: go.next, onNext: go.onNext, onCorrect: setCorrecting };
  const who = { dayId: day.id, riderId: rider.id, machineId: machine.id };
  const head = (
    <>
      <StopRules dayId={day.id} />
      <RunningBar lesson={props.lesson} riderId={rider.id} onUp={props.onUp} more={more} onMore={setMore} />
      {adding && (
        <NewRider
          day={day}
          onDone={(id) => {
            setAdding(false);
            go.onRider(id);
          }}
          onLeft={() => setAdding(false)}
        />
      )}
      <RangeHead
        rider={rider}
        riders={of.riders}
        machine={machine}
        activity={activity}
        onNewRider={() => setAdding(true)}
        onRider={go.onRider}
      />
    </>
  );
  const choice = (
    <WhatRidden
      activity={activity}
      courses={of.courses}
      drills={of.drills}
      byPlan={props.byPlan}
      onChoose={props.onChoose}
    />
  );
  const common = { of: who, turning: props.turning, around, outbox, head };
  return (
    <div
      className="range-page"
      // Tapped, a button gives the focus back: keys that follow are the range's, not the button's once more.
      onClick={(e) => {
        if (e.detail > 0 && document.activeElement instanceof HTMLButtonElement)
          document.activeElement.blur();
      }}
    >
      {'nothing' in now ? (
        <NothingRidden why={now.nothing} outbox={outbox} next={go.next} onNext={go.onNext}>
          {head}
          {choice}
        </NothingRidden>
      ) : isOnCourse(now.riding) ? (
        <OnCourse
          key={now.riding.course.id}
          day={day}
          activity={{ ...now.riding, kind: of.kinds.find((k) => k.kind === now.riding.course?.kind) }}
          {...common}
        >
          {choice}
        </OnCourse>
      ) : now.riding.drill !== undefined ? (
        <OnNoCourse key={now.riding.drill.drillId} drill={now.riding.drill} {...common}>
          {choice}
        </OnNoCourse>
      ) : null}
      {correcting && (
        <CorrectRun
          run={correcting}
          day={day}
          courses={of.courses}
          riders={of.riders}
          kinds={of.kinds}
          outbox={outbox}
          onClose={() => setCorrecting(undefined)}
        />
      )}
    </div>
  );
}

function isOnCourse(activity: Activity): activity is Activity & { course: Course } {
  return activity.course !== undefined;
}

/** A talk, a rest, or no turn: nothing is logged until something is chosen to be ridden. */
function NothingRidden(props: {
  why: string;
  outbox: ReturnType<typeof useOutbox>;
  next: string | undefined;
  onNext: () => void;
  children: React.ReactNode;
}) {
  const link = useDayLink();
  const left = usePreferences().hand === 'left';
  useKeys((command) => command.do === 'next' && props.onNext(), false);
  return (
    <>
      <div className="range-read">
        {props.children}
        <p className="border-l-4 border-steel bg-panel px-3 py-2">
          <b>{props.why}</b> To log a run all the same, choose a course or a drill above.
        </p>
        <div className="flex flex-wrap items-center justify-between gap-2">
          <Link to={link('/range/log')} className="thumb inline-flex items-center">
            Runs of the day
          </Link>
          <Saved {...props.outbox} />
        </div>
      </div>
      <div className="log-bar">
        <Ways canUndo={false} next={props.next} left={left} onCommand={() => props.onNext()} />
      </div>
    </>
  );
}
