import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { todayIso, useDay, useDayLink, type Day } from '../day';
import { restsOn, share } from '../sizes';
import { useReading } from '../../shared/http';
import { Button, Chevron, Loading, sideWord, TextField, useSay } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import { useGroup, useNextDay, type Group, type GroupCourse, type GroupRider } from './api';
import { ProgressTabs } from './ProgressTabs';

/** A day's riders side by side: who works on what, and what would serve most of them next time. */
export default function GroupPage() {
  return (
    <div className="flex flex-1 flex-col">
      <ProgressTabs here="group" />
      <Loading of={useDay()}>
        {({ day }) =>
          day === undefined ? (
            <p className="m-6">A group is of a day. There is none yet.</p>
          ) : (
            <OfDay key={day.id} day={day} />
          )
        }
      </Loading>
    </div>
  );
}

function OfDay({ day }: { day: Day }) {
  const group = useReading(useGroup(day.id));
  const link = useDayLink();
  if (day.riders.length === 0 || day.courseIds.length === 0) {
    return (
      <p className="m-6">
        Riders and courses of {day.title} stand here side by side. Put them on the day first, on{' '}
        <Link to={link('/today')}>Today</Link>.
      </p>
    );
  }
  return <Loading of={group}>{(g) => <Shown day={day} group={g} />}</Loading>;
}

function Shown({ day, group }: { day: Day; group: Group }) {
  return (
    <div className="flex min-w-0 flex-col gap-4 px-6 py-4 max-sm:px-3">
      <p className="text-soft">
        {day.title}. For each course, the size a rider works on: the one with a chance nearest to{' '}
        <span className="figures">{group.aimedAt}</span> %. Estimates.
      </p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Riders by course">
        <Table group={group} />
      </div>
      {group.unfinished ? <p className="text-soft">Calculating the rest…</p> : <NextDay day={day} />}
    </div>
  );
}

/** The heading of a row is ruled as its cells are. */
const ROW = 'border-b-rule! text-left! align-top text-ink! font-normal';

function Table({ group }: { group: Group }) {
  const { system } = usePreferences();
  const link = useDayLink();
  const riders = group.courses[0]?.riders ?? [];
  return (
    <table className="table-plain">
      <thead>
        <tr>
          <th scope="col">Rider</th>
          {group.courses.map((c) => (
            <th key={c.courseId} scope="col" className="min-w-48 align-bottom">
              {c.name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {riders.map((r, i) => (
          <tr key={r.riderId}>
            <th scope="row" className={ROW}>
              <Link to={link(`/progress/${r.riderId}`)}>{r.name}</Link>
              <span className="block text-sm text-soft">{r.machineName}</span>
            </th>
            {group.courses.map((c) => (
              <td key={c.courseId} className="align-top">
                <Cell rider={c.riders[i]} nextMetres={c.nextMetres} unfinished={group.unfinished} />
              </td>
            ))}
          </tr>
        ))}
        <tr>
          <th scope="row" className={ROW}>
            Next time, for most
          </th>
          {group.courses.map((c) => (
            <td key={c.courseId} className="align-top">
              {c.nextMetres === undefined ? (
                '–'
              ) : (
                <>
                  <b className="figures text-xl">{lengthText(c.nextMetres, system)}</b>
                  <span className="block text-sm text-soft">{standsText(c, system)}</span>
                </>
              )}
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}

function standsText(course: GroupCourse, system: 'METRIC' | 'IMPERIAL'): string {
  const stands = course.stands.map((metres) => lengthText(metres, system)).join(', ');
  return `${course.settingLabel.toLowerCase()}; set up at ${stands}`;
}

function Cell(props: { rider: GroupRider | undefined; nextMetres: number | undefined; unfinished: boolean }) {
  const { rider, nextMetres } = props;
  const { system } = usePreferences();
  if (rider?.workingMetres === undefined)
    return <span className="text-soft">{props.unfinished ? '…' : 'no size here'}</span>;
  const known = rider.left !== undefined && rider.right !== undefined;
  return (
    <>
      <span className="figures whitespace-nowrap">{lengthText(rider.workingMetres, system)}</span>
      {rider.weakSide && (
        <span className="ml-2 whitespace-nowrap">
          <Chevron side={rider.weakSide} size={10} /> {sideWord(rider.weakSide)} first
        </span>
      )}
      <span className="block text-sm text-soft">
        {rider.next && nextMetres !== undefined && (
          <>
            chance <span className="figures">{share(rider.next.chance)}</span> % at{' '}
            <span className="figures whitespace-nowrap">{lengthText(nextMetres, system)}</span>
            {!known && ', '}
          </>
        )}
        {!known && restsOn(rider.next)}
      </span>
    </>
  );
}

/** One step to the next lesson: the same yard, courses and riders, standing at what is proposed. */
function NextDay({ day }: { day: Day }) {
  const [date, setDate] = useState(todayIso(new Date()));
  const [title, setTitle] = useState(`After ${day.title}`.slice(0, 80));
  const plan = useNextDay(day.id);
  const say = useSay();
  const navigate = useNavigate();
  return (
    <form
      className="flex flex-wrap items-end gap-3 border-t border-rule pt-4"
      aria-label="The next lesson"
      onSubmit={(e) => {
        e.preventDefault();
        plan.mutate(
          { date, title },
          {
            onSuccess: (made) => {
              say.done('The next lesson is planned.');
              void navigate(`/today?day=${made.id}`);
            },
            onError: say.failed,
          },
        );
      }}
    >
      <TextField label="Date" type="date" value={date} onChange={(e) => setDate(e.target.value)} />
      <TextField label="Title" maxLength={80} value={title} onChange={(e) => setTitle(e.target.value)} />
      <Button kind="primary" type="submit" disabled={date === '' || title.trim() === '' || plan.isPending}>
        Plan the next lesson with these
      </Button>
    </form>
  );
}
