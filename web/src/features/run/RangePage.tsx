import { Link, useNavigate, useParams } from 'react-router';
import { useCourseKinds, useCourses, type Course, type CourseKind } from '../course';
import { useDay, useDayLink, type Day } from '../day';
import { useMachines, type Machine } from '../machine';
import { useRiders, type Rider } from '../rider';
import { useAddress } from '../../shared/address';
import { together, useNews, useReading } from '../../shared/http';
import { Loading, NotHere } from '../../shared/ui';
import { ridingNow, useDrillsOfDay } from './activity';
import type { Side } from './api';
import { RiderRange, type OfRider } from './RiderRange';
import type { Wanted } from './WhatRidden';
import { upAfter, useAhead, useRunning, type RunningBlock, type UpNext } from './running';

/** Beside the riders: one at a time, a run in two taps. */
export default function RangePage() {
  useNews();
  const ofDay = useDay();
  // The bar of the lesson stands above all else: nothing is drawn that it would push down beneath a thumb.
  const lesson = useAhead(ofDay.state === 'ready' ? ofDay.value.day?.id : undefined);
  const all = together(
    ofDay,
    useReading(useCourses()),
    useReading(useMachines()),
    useReading(useRiders()),
    useReading(useCourseKinds()),
    lesson,
  );
  return (
    <Loading of={all}>
      {([{ day }, courses, machines, riders, kinds]) =>
        day === undefined ? (
          <NotReady />
        ) : (
          <Shown day={day} courses={courses} machines={machines} riders={riders} kinds={kinds} />
        )
      }
    </Loading>
  );
}

function Shown(props: {
  day: Day;
  courses: Course[];
  machines: Machine[];
  riders: Rider[];
  kinds: CourseKind[];
}) {
  const { day, courses, machines, riders, kinds } = props;
  const { riderId } = useParams();
  const link = useDayLink();
  const on = day.courseIds.flatMap((id) => courses.find((c) => c.id === id) ?? []);
  const at = riderId === undefined ? 0 : day.riders.findIndex((r) => String(r.riderId) === riderId);
  if (at < 0 && day.riders.length > 0) {
    return (
      <NotHere what="rider on this day">
        <Link to={link('/range')}>Riders of the day.</Link>{' '}
        <Link to={link('/today')}>Put somebody on it.</Link>
      </NotHere>
    );
  }
  const pair = day.riders[at];
  const rider = riders.find((r) => r.id === pair?.riderId);
  const machine = machines.find((m) => m.id === pair?.machineId);
  if (pair === undefined || rider === undefined || machine === undefined) return <NotReady />;
  const after = day.riders[(at + 1) % day.riders.length] ?? pair;
  return (
    <OfOne
      key={`${day.id}/${rider.id}`}
      of={{
        day,
        rider,
        machine,
        riders: day.riders.flatMap((r) => riders.find((o) => o.id === r.riderId) ?? []),
        courses: on,
        kinds,
      }}
      after={after.riderId}
    />
  );
}

/** What the address says of what is ridden, and all that changes it. */
function OfOne({ of, after }: { of: Omit<OfRider, 'drills'>; after: number }) {
  const { day, rider, courses } = of;
  const navigate = useNavigate();
  const [address] = useAddress();
  const lesson = useRunning(day.id);
  const read = useDrillsOfDay(day.id);
  const { running } = lesson;
  const isOn = running?.status === 'ON' || running?.status === 'PAUSED';
  const choice = { drill: address.get('drill'), course: address.get('course'), step: address.get('step') };
  // What is not known for want of the server does not keep runs on the day's courses from being logged.
  if (read.isPending && read.failureCount === 0)
    return <Loading of={{ state: 'loading' }}>{() => null}</Loading>;
  const drills = read.data?.find((r) => r.riderId === rider.id)?.drills ?? [];
  const now = ridingNow({ choice, running, riderId: rider.id, courses, drills });
  const byPlan =
    isOn && ((choice.drill === null && choice.course === null) || choice.step !== String(running.step));
  // All parts go along in one step: a run logged with the very next key is theirs, to this side.
  const go = (id: number, parts: Record<string, string | undefined>, replace = false) => {
    const search = new URLSearchParams(address);
    for (const [name, value] of Object.entries(parts))
      if (value === undefined) search.delete(name);
      else search.set(name, value);
    void navigate({ pathname: `/range/${id}`, search: search.toString() }, { replace });
  };
  const choose = (wanted: Wanted) =>
    go(
      rider.id,
      {
        drill: wanted.drill,
        course: wanted.course?.toString(),
        step: isOn ? String(running.step) : undefined,
      },
      true,
    );
  const show = (_block: RunningBlock, up: UpNext) =>
    go(up.riderId, {
      drill: undefined,
      course: undefined,
      step: undefined,
      ...(up.side !== undefined && { side: up.side }),
    });
  const up = upAfter(running, rider.id);
  const side = sideOf(address.get('side'));
  const activity = 'riding' in now ? now.riding : undefined;
  return (
    <RiderRange
      of={{ ...of, drills }}
      now={now}
      turning={{
        side: side ?? activity?.turn?.side ?? activity?.course?.firstTurn ?? 'LEFT',
        onSide: (to) => go(rider.id, { side: to }, true),
      }}
      lesson={lesson}
      byPlan={isOn ? byPlan : undefined}
      onChoose={choose}
      onUp={show}
      go={{
        onRider: (id) => go(id, {}),
        next: up?.up.riderName,
        onNext: () => (up === undefined ? go(after, {}) : show(up.block, up.up)),
      }}
    />
  );
}

function sideOf(text: string | null): Side | undefined {
  return text === 'LEFT' || text === 'RIGHT' ? text : undefined;
}

function NotReady() {
  const link = useDayLink();
  return (
    <div className="m-6 max-w-xl">
      <h1 className="mb-3">Range</h1>
      <p>
        Runs are logged here once the day has riders. <Link to={link('/today')}>Put them on the day.</Link>
      </p>
    </div>
  );
}
