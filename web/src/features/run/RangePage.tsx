import { Link, useNavigate, useParams } from 'react-router';
import { useCourseKinds, useCourses, type Course, type CourseKind } from '../course';
import { useDay, useDayLink, type Day } from '../day';
import { useMachines, type Machine } from '../machine';
import { useRiders, type Rider } from '../rider';
import { useAddress, usePart } from '../../shared/address';
import { together, useNews, useReading } from '../../shared/http';
import { Loading, NotHere } from '../../shared/ui';
import type { Side } from './api';
import { RiderRange } from './RiderRange';
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
  const { day, courses, machines, riders } = props;
  const { riderId } = useParams();
  const navigate = useNavigate();
  const link = useDayLink();
  const on = day.courseIds.flatMap((id) => courses.find((c) => c.id === id) ?? []);
  const [address] = useAddress();
  // Course and side stay as they are for the next rider, and for a reload.
  const [courseId, sayCourse] = usePart('course');
  const [side, saySide] = usePart('side');
  const lesson = useRunning(day.id);
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
  const course = on.find((c) => String(c.id) === courseId) ?? on[0];
  if (pair === undefined || rider === undefined || machine === undefined || course === undefined)
    return <NotReady />;
  // All parts go along in one step: a run logged with the very next key is theirs, to this side.
  const go = (id: number, parts = { course: courseId, side }) => {
    const search = new URLSearchParams(address);
    for (const [name, value] of Object.entries(parts)) if (value !== null) search.set(name, value);
    void navigate({ pathname: `/range/${id}`, search: search.toString() });
  };
  const up = upAfter(lesson.running, rider.id);
  const show = (block: RunningBlock, shown: UpNext) => {
    go(shown.riderId, { course: block.courseId?.toString() ?? courseId, side: shown.side ?? side });
  };
  const after = day.riders[(at + 1) % day.riders.length] ?? pair;
  return (
    <RiderRange
      key={`${day.id}/${rider.id}`}
      day={day}
      course={course}
      courses={on}
      kinds={props.kinds}
      rider={rider}
      machine={machine}
      riders={day.riders.flatMap((r) => riders.find((o) => o.id === r.riderId) ?? [])}
      side={sideOf(side) ?? course.firstTurn}
      onRider={go}
      onCourse={(id) => sayCourse(String(id))}
      onSide={saySide}
      lesson={lesson}
      onUp={show}
      next={up?.up.riderName}
      onNext={() => (up === undefined ? go(after.riderId) : show(up.block, up.up))}
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
        Runs are logged here once the day has a course and riders.{' '}
        <Link to={link('/today')}>Put them on the day.</Link>
      </p>
    </div>
  );
}
