import { Link, useNavigate, useParams } from 'react-router';
import { useCourses, type Course } from '../course';
import { NextStep, useDay, useDayLink, type Day } from '../day';
import { chosen, useAddress } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Button, Downloads, Loading, NotHere, Select } from '../../shared/ui';
import { useMachines } from '../machine';
import { abilityOf, useRiders } from '../rider';
import { useYards, type Yard } from '../yard';
import { alongOf, startsOn } from './along';
import { ChangeoverView } from './ChangeoverView';
import { DayOrderView } from './DayOrderView';
import { usePocket } from './pocket';
import { Sheet } from './Sheet';
import { Stands } from './Stands';
import { useWho } from './useWho';

/** Where the cones go, to be printed or read off a phone. */
export default function SetupPage() {
  const all = together(
    useDay(),
    useReading(useCourses()),
    useReading(useYards()),
    useReading(useMachines()),
    useReading(useRiders()),
  );
  return (
    <Loading of={all}>
      {([{ day }, courses, yards]) => <Shown day={day} courses={courses} yards={yards} />}
    </Loading>
  );
}

function Shown({ day, courses, yards }: { day: Day | undefined; courses: Course[]; yards: Yard[] }) {
  const { id } = useParams();
  const navigate = useNavigate();
  const link = useDayLink();
  const [search, set] = useAddress();
  const who = useWho(day);
  const pocket = usePocket();
  const ofDay = (day?.courseIds ?? []).flatMap((c) => courses.find((o) => o.id === c) ?? []);
  const all = ofDay.length > 0 ? ofDay : courses;
  const { one: shown, missing } = chosen(courses, id, all[0]);
  if (missing) {
    return (
      <NotHere what="course">
        <Link to={link('/setup')}>The day’s first.</Link>
      </NotHere>
    );
  }
  if (shown === undefined) {
    return (
      <div className="m-6 max-w-xl">
        <h1 className="mb-3">Set up</h1>
        <p>
          The tape measurements for every cone stand here once there is a course.{' '}
          <Link to={link('/course/new')}>Plan a course.</Link>
        </p>
      </div>
    );
  }
  const oneByOne = search.get('one') !== null;
  const stand = day?.stands.find((s) => s.courseId === shown.id)?.stand;
  const yard = yards.find((y) => y.id === day?.yardId);
  const along = stand && yard ? alongOf(search.get('along') ?? '') : undefined;
  const ability = abilityOf(who.pair?.rider);
  const rider = {
    ...(day && { dayId: String(day.id) }),
    ...(who.pair && {
      machineId: String(who.pair.machine.id),
      level: ability.level,
      ...(ability.mostLeanRadians !== undefined && { mostLeanRadians: String(ability.mostLeanRadians) }),
    }),
  };
  const ridden = `?${new URLSearchParams(rider).toString()}`;
  const asked = new URLSearchParams({
    ...rider,
    ...(along && {
      line: along.line,
      number: String(along.number),
      fromItsEnd: String(along.fromItsEnd),
    }),
  }).toString();
  const query = asked === '' ? '' : `?${asked}`;
  return (
    <div className="flex flex-1 flex-col px-6 py-4 print:p-0">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1>{shown.name}</h1>
          {pocket !== 'empty' && !oneByOne && (
            <p role="status" className="no-print text-sm text-soft">
              {pocket === 'ready'
                ? 'Ready for offline: the day’s sheets open here without the server.'
                : 'The day’s sheets are being fetched for offline use.'}
            </p>
          )}
        </div>
        {!oneByOne && (
          <div className="no-print flex flex-wrap items-end gap-3 max-sm:grid max-sm:w-full max-sm:grid-cols-2">
            {yard && stand && (
              <Select
                label="Measure from"
                value={along ? (search.get('along') ?? '') : ''}
                options={startsOn(yard)}
                onChoose={(v) => set('along', v)}
              />
            )}
            <Select
              label="Course"
              value={String(shown.id)}
              options={all.map((c) => ({ value: String(c.id), label: c.name }))}
              onChoose={(v) => void navigate(link(`/setup/${v}`))}
            />
            {who.choice}
            <Button kind="primary" onClick={() => window.print()}>
              Print
            </Button>
            <NextStep here="SETUP" own={{ path: '/range', name: 'Range' }} />
          </div>
        )}
      </div>
      <Sheet
        key={shown.id}
        course={shown}
        day={day}
        along={along}
        who={who}
        oneByOne={oneByOne}
        onOneByOne={(on) => set('one', on ? '1' : '')}
        stands={day?.courseIds.includes(shown.id) === true && <Stands day={day} course={shown} />}
      >
        <div className="mt-4">
          <Downloads
            pdf={`/api/courses/${shown.id}/setup-sheet.pdf${query}`}
            drawing={{ path: `/api/courses/${shown.id}/drawing`, query: ridden }}
            files={[
              { label: 'CSV', path: `/api/courses/${shown.id}/setup-sheet.csv${query}` },
              { label: 'the course as JSON', path: `/api/courses/${shown.id}/export.json` },
            ]}
          />
        </div>
        <ChangeoverView
          course={shown}
          others={all.filter((c) => c.id !== shown.id)}
          day={day}
          along={along}
          to={search.get('to') ?? ''}
          onTo={(to) => set('to', to)}
        />
        {day && ofDay.length > 1 && <DayOrderView key={day.id} day={day} courses={ofDay} />}
      </Sheet>
    </div>
  );
}
