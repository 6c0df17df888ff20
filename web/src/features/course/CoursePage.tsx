import { Link, useNavigate, useParams } from 'react-router';
import { useDay, useDayLink, type Day } from '../day';
import { useMachines, type Machine } from '../machine';
import { useRiders, type Rider } from '../rider';
import { chosen } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Loading, NotHere } from '../../shared/ui';
import { usePreferences } from '../../shared/units';
import { useCourseKinds, useEveryCourse, type Course, type CourseKind } from './api';
import { CourseEditor } from './edit/CourseEditor';
import { fresh, requestOf } from './model';

/** A course: its dimensions, who fits it, and by how much. */
export default function CoursePage() {
  const all = together(
    useDay(),
    useReading(useEveryCourse()),
    useReading(useMachines()),
    useReading(useRiders()),
    useReading(useCourseKinds()),
  );
  return (
    <Loading of={all}>
      {([{ day }, courses, machines, riders, kinds]) => (
        <Shown day={day} courses={courses} machines={machines} riders={riders} kinds={kinds} />
      )}
    </Loading>
  );
}

function Shown(props: {
  day: Day | undefined;
  courses: Course[];
  machines: Machine[];
  riders: Rider[];
  kinds: CourseKind[];
}) {
  const { day, courses, machines, riders, kinds } = props;
  const { id } = useParams();
  const navigate = useNavigate();
  const link = useDayLink();
  const { system } = usePreferences();
  const first = day?.courseIds[0];
  const { one: shown, missing } = chosen(
    courses,
    id,
    courses.find((c) => c.id === first) ?? courses.find((c) => !c.archived),
  );
  if (missing) {
    return (
      <NotHere what="course">
        <Link to={link('/course')}>The day’s first.</Link>
      </NotHere>
    );
  }
  const standard = kinds.find((k) => k.usual);
  if (standard === undefined) return null;
  return (
    <CourseEditor
      key={shown?.id ?? 'new'}
      stored={shown}
      start={shown ? requestOf(shown) : fresh(standard, system)}
      kinds={kinds}
      day={day}
      courses={courses}
      machines={machines}
      riders={riders}
      onOpen={(to) => void navigate(link(`/course/${to}`))}
    />
  );
}
