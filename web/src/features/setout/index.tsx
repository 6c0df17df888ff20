import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { requestOf, useCourses, type Course } from '../course';
import { useDay, useDayLink, type Day } from '../day';
import { together, useReading } from '../../shared/http';
import { Button, Loading, Select } from '../../shared/ui';
import { usePreferences } from '../../shared/units';
import { useSheet } from './api';
import { ChangeOverView } from './ChangeOverView';
import { SheetView } from './SheetView';

/** Where the cones go, to be printed or read off a phone. */
export default function SetOutPage() {
  const all = together(useDay(), useReading(useCourses()));
  return <Loading of={all}>{([{ day }, courses]) => <Shown day={day} courses={courses} />}</Loading>;
}

function Shown({ day, courses }: { day: Day | undefined; courses: Course[] }) {
  const { id } = useParams();
  const navigate = useNavigate();
  const link = useDayLink();
  const [search, setSearch] = useSearchParams();
  const ofDay = (day?.courseIds ?? []).flatMap((c) => courses.find((o) => o.id === c) ?? []);
  const all = ofDay.length > 0 ? ofDay : courses;
  const shown = courses.find((c) => String(c.id) === id) ?? all[0];
  if (shown === undefined) {
    return (
      <div className="m-6 max-w-xl">
        <h1 className="mb-3">Set-out</h1>
        <p>
          The tape measurements for every cone stand here once there is a course.{' '}
          <Link to={link('/course/new')}>Plan a course.</Link>
        </p>
      </div>
    );
  }
  return (
    <div className="flex flex-1 flex-col px-6 py-4 print:p-0">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h1>{shown.name}</h1>
        <div className="no-print flex items-end gap-3">
          <Select
            label="Course"
            value={String(shown.id)}
            options={all.map((c) => ({ value: String(c.id), label: c.name }))}
            onChoose={(v) => void navigate(link(`/set-out/${v}`))}
          />
          <Button kind="primary" onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </div>
      <Sheet key={shown.id} course={shown} />
      <ChangeOverView
        course={requestOf(shown)}
        others={all.filter((c) => c.id !== shown.id)}
        to={courses.find((c) => String(c.id) === search.get('to'))}
        onTo={(to) =>
          setSearch((before) => {
            const next = new URLSearchParams(before);
            if (to === undefined) next.delete('to');
            else next.set('to', String(to));
            return next;
          })
        }
      />
    </div>
  );
}

function Sheet({ course }: { course: Course }) {
  const { system } = usePreferences();
  const request = requestOf(course);
  const sheet = useReading(useSheet(request, system));
  return <Loading of={sheet}>{(s) => <SheetView course={request} setOut={s} />}</Loading>;
}
