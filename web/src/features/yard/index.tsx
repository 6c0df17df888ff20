import { useState } from 'react';
import { useCourses, type Course } from '../course';
import { useChangeDay, useDay, type Day } from '../day';
import { useAddress } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Button, Loading, Select, Toggle } from '../../shared/ui';
import { useYards, type Yard } from './api';
import { CoursesOnYard } from './CoursesOnYard';
import { YardForm } from './YardForm';

export { useYards, type Yard } from './api';
export { letter } from './model';

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
  const [picked, setPicked] = useState<string>();
  const [saved, setSaved] = useState<Yard>();
  const [search, setAddress] = useAddress();
  const { change } = useChangeDay();
  const shown = picked ?? (day?.yardId !== undefined ? String(day.yardId) : String(yards[0]?.id ?? NEW));
  // One just saved may not stand in the list yet.
  const yard = [...yards, ...(saved ? [saved] : [])].find((y) => String(y.id) === shown);
  const choose = async (id: number) => {
    if (day === undefined || day.yardId === id) return;
    await change(day, { yardId: id }, 'This yard is now the yard of the day.');
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
            value={shown}
            options={[
              ...yards.map((y) => ({ value: String(y.id), label: y.name })),
              { value: NEW, label: 'New yard…' },
            ]}
            onChoose={setPicked}
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
          key={shown}
          yard={yard}
          justSaved={saved !== undefined && saved.id === yard?.id}
          onSaved={async (stored) => {
            setSaved(stored);
            setPicked(String(stored.id));
            if (day !== undefined && day.yardId === undefined) await choose(stored.id);
          }}
          onDeleted={() => {
            setSaved(undefined);
            setPicked(undefined);
          }}
        />
      )}
    </div>
  );
}
