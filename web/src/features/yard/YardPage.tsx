import { Link, useNavigate, useParams } from 'react-router';
import { useCourses, type Course } from '../course';
import { useChangeDay, useDay, useDayLink, type Day } from '../day';
import { chosen, JUST_SAVED, useAddress, useJustSaved } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Button, Loading, NotHere, Select, Toggle } from '../../shared/ui';
import { useYards, type Yard } from './api';
import { CoursesOnYard } from './placing/CoursesOnYard';
import { YardForm } from './form/YardForm';

const NEW = 'new';
const MEASURED = 'measured';
const COURSES = 'courses';

/** The yard of the day: measured, calibrated, with the day's courses placed on it. */
export default function YardPage() {
  const all = together(useDay(), useReading(useYards()), useReading(useCourses()));
  return (
    <Loading of={all}>
      {([{ day }, yards, courses]) => <Chosen day={day} yards={yards} courses={courses} />}
    </Loading>
  );
}

function Chosen({ day, yards, courses }: { day: Day | undefined; yards: Yard[]; courses: Course[] }) {
  const { id } = useParams();
  const navigate = useNavigate();
  const link = useDayLink();
  const justSaved = useJustSaved();
  const [search, setAddress] = useAddress();
  const { change } = useChangeDay();
  const { one: yard, missing } = chosen(yards, id, yards.find((y) => y.id === day?.yardId) ?? yards[0]);
  if (missing) {
    return (
      <NotHere what="yard">
        <Link to={link('/yard')}>The day’s yard.</Link>
      </NotHere>
    );
  }
  const choose = async (of: number) => {
    if (day === undefined || day.yardId === of) return;
    await change(day, { yardId: of }, 'This yard is now the yard of the day.');
  };
  const ofDay = day !== undefined && yard !== undefined && day.yardId === yard.id;
  const placing = ofDay && search.get('view') === COURSES;
  return (
    <div className="flex flex-1 flex-col">
      <div className="flex flex-wrap items-end justify-between gap-4 px-6 pt-4">
        <h1>{yard?.name ?? 'New yard'}</h1>
        <div className="flex flex-wrap items-end gap-3">
          {ofDay && (
            <Toggle
              label="View"
              showLabel={false}
              value={placing ? COURSES : MEASURED}
              options={[
                { value: MEASURED, label: 'As measured' },
                { value: COURSES, label: 'Courses on it' },
              ]}
              onChoose={(v) => setAddress('view', v === COURSES ? v : '')}
            />
          )}
          <Select
            label="Yard"
            value={yard === undefined ? NEW : String(yard.id)}
            options={[
              ...yards.map((y) => ({ value: String(y.id), label: y.name })),
              { value: NEW, label: 'New yard…' },
            ]}
            onChoose={(to) => void navigate(link(`/yard/${to}`))}
          />
          {yard !== undefined && day !== undefined && day.yardId !== yard.id && (
            <Button onClick={() => void choose(yard.id)}>Use on {day.title}</Button>
          )}
        </div>
      </div>
      {placing ? (
        <CoursesOnYard
          key={`${day.id}/${yard.id}`}
          yard={yard}
          day={day}
          courses={day.courseIds.flatMap((id) => courses.find((c) => c.id === id) ?? [])}
        />
      ) : (
        <YardForm
          key={yard?.id ?? NEW}
          yard={yard}
          justSaved={justSaved}
          onSaved={async (stored, leaving) => {
            if (day !== undefined && day.yardId === undefined) await choose(stored.id);
            if (!leaving) await navigate(link(`/yard/${stored.id}`), { state: JUST_SAVED });
          }}
          onDeleted={() => void navigate(link('/yard'))}
        />
      )}
    </div>
  );
}
