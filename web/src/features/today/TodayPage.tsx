import { Link, useSearchParams } from 'react-router';
import { Copies } from '../copy';
import { useCourseKinds, useCourses } from '../course';
import { StopRules, useBriefing, useDay, type Briefing, type Day } from '../day';
import { together, useReading } from '../../shared/http';
import { Downloads, Loading, Select } from '../../shared/ui';
import { dateText } from '../../shared/units';
import { Bring, Cautions, GoOn, NotReady, SetFirst } from './Briefed';
import { DayEditor } from './DayEditor';
import { NewDay } from './NewDay';
import { RiderTable } from './RiderTable';

/** In the address of a day that is not stored yet. */
const NEW = 'new';

/** Chosen where none of the days that are listed will do. */
const OLDER = 'older';

/** The day on one page: what to bring, who rides what, what is not ready. */
export default function TodayPage() {
  const day = useDay();
  return (
    <Loading of={day}>
      {({ day: d, ...rest }) => (d === undefined ? <NewDay /> : <Chosen key={d.id} day={d} {...rest} />)}
    </Loading>
  );
}

function Chosen({ day, days, readOlder }: { day: Day; days: Day[]; readOlder?: () => void }) {
  const [params, setParams] = useSearchParams();
  // With what the list of courses is made from, so that it comes in at once and pushes nothing down.
  const all = together(
    useReading(useBriefing(day.id)),
    useReading(useCourses()),
    useReading(useCourseKinds()),
  );
  const another = params.get('day') === NEW;
  return (
    <div className="flex flex-1 flex-col">
      <div className="flex flex-wrap items-end justify-between gap-3 px-6 pt-4">
        <div>
          <h1>{another ? 'New day' : day.title}</h1>
          {!another && <p className="text-soft">{dateText(day.date)}</p>}
        </div>
        <Select
          label="Day"
          value={another ? NEW : String(day.id)}
          options={[
            ...days.map((d) => ({ value: String(d.id), label: `${dateText(d.date)} · ${d.title}` })),
            ...(readOlder ? [{ value: OLDER, label: 'Older days…' }] : []),
            { value: NEW, label: 'New day…' },
          ]}
          onChoose={(v) => (v === OLDER ? readOlder?.() : setParams({ day: v }))}
        />
      </div>
      {another ? (
        <NewDay days={days} like={day} />
      ) : (
        <Loading of={all}>{([briefing]) => <Page day={day} briefing={briefing} />}</Loading>
      )}
    </div>
  );
}

function Page({ day, briefing }: { day: Day; briefing: Briefing }) {
  return (
    <div className="grid flex-1 grid-cols-1 gap-6 px-6 py-4 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <div className="flex min-w-0 flex-col gap-5">
        <RiderTable day={day} briefing={briefing} />
        <DayEditor day={day} />
        <Downloads
          pdf={`/api/days/${day.id}/cone-plan.pdf`}
          drawing={day.yardId === undefined ? undefined : { path: `/api/days/${day.id}/drawing` }}
          files={[{ label: 'the day as JSON', path: `/api/days/${day.id}/export.json` }]}
        />
        <Copies />
        <p>
          <Link to="/phone">Phones and tablets</Link>: log in the yard on another device.
        </p>
      </div>
      <aside aria-label="Before you go" className="flex flex-col gap-5">
        <StopRules dayId={day.id} />
        <GoOn briefing={briefing} />
        <NotReady briefing={briefing} />
        <SetFirst day={day} />
        <Bring briefing={briefing} />
        <Cautions briefing={briefing} />
      </aside>
    </div>
  );
}
