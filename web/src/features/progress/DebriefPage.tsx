import { decimals } from '../../shared/units';
import { useState } from 'react';
import { Link } from 'react-router';
import { useDay, useDayLink, type Day } from '../day';
import { useReading } from '../../shared/http';
import { Button, Downloads, Figure, Loading, NotesField, useSay, useDraft } from '../../shared/ui';
import { Practice } from './Practice';
import { ProgressTabs } from './ProgressTabs';
import { Review } from './Review';
import { useDebrief, useTell, type DebriefOf, type RiderDebrief } from './api';

/** A day told to its riders: three sentences each, to be put in one's own words and printed. */
export default function DebriefPage() {
  const day = useDay();
  return (
    <div className="flex flex-1 flex-col">
      <ProgressTabs here="debrief" />
      <Loading of={day}>
        {({ day: d }) =>
          d === undefined ? (
            <p className="m-6">A debrief is of a day. There is none yet.</p>
          ) : (
            <OfDay key={d.id} day={d} />
          )
        }
      </Loading>
    </div>
  );
}

function OfDay({ day }: { day: Day }) {
  const debrief = useReading(useDebrief(day.id));
  return (
    <div className="mx-auto flex w-full max-w-4xl flex-col gap-4 px-6 py-4 max-sm:px-3">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 className="text-2xl">{day.title}</h2>
        <div className="no-print flex items-center gap-4">
          <Downloads pdf={`/api/days/${day.id}/debrief.pdf`} />
        </div>
      </div>
      <Loading of={debrief}>{(d) => <Told day={day} debrief={d} />}</Loading>
    </div>
  );
}

function Told({ day, debrief }: { day: Day; debrief: DebriefOf }) {
  const link = useDayLink();
  const [editing, setEditing] = useState<number>();
  if (debrief.runs === 0 && !debrief.unfinished) {
    return (
      <p>
        Nothing was logged on this day yet. <Link to={link('/range')}>Log runs on Range</Link>, or choose
        another day on <Link to={link('/today')}>Today</Link>.
      </p>
    );
  }
  return (
    <>
      <div className="flex flex-wrap gap-x-8 gap-y-2 border-y border-rule py-2">
        <Figure name="Runs" figure={String(debrief.runs)} />
        <Figure name="Clean" figure={String(debrief.clean)} unit={`of ${debrief.runs}`} />
        <Figure name="Drops" figure={String(debrief.drops)} />
        <Figure name="First to last run" figure={String(debrief.minutes)} unit="min" />
      </div>
      {debrief.riders.map((rider) => (
        <Rider
          key={rider.riderId}
          day={day}
          rider={rider}
          editing={editing === rider.riderId}
          onEdit={() => setEditing(rider.riderId)}
          onDone={() => setEditing(undefined)}
        />
      ))}
      {debrief.unfinished && <p className="text-soft">Calculating the rest…</p>}
      <Review of={debrief.review} />
      <p className="text-sm text-soft">
        Calculated from what was logged, on the kind of course each rode most; estimates where they say
        “better”. What you saw comes first: put it in your own words.
      </p>
    </>
  );
}

/** What a rider is told where nobody put it in other words. */
function calculationOf(rider: RiderDebrief): string {
  return [rider.better, rider.holdsBack, rider.next].filter((s) => s !== '').join('\n');
}

/** One rider: what is computed, or what the instructor says instead. */
function Rider(props: {
  day: Day;
  rider: RiderDebrief;
  editing: boolean;
  onEdit: () => void;
  onDone: () => void;
}) {
  const { rider } = props;
  const link = useDayLink();
  return (
    <section className="break-inside-avoid border-b border-rule pb-3" aria-label={rider.riderName}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2>
          <Link to={link(`/progress/${rider.riderId}`)} className="text-ink">
            {rider.riderName}
          </Link>
        </h2>
        <span className="text-soft">
          {[rider.machineName, rider.kindLabel].filter((w) => w !== undefined).join(' · ')}
        </span>
      </div>
      {props.editing ? (
        <OwnWords {...props} />
      ) : (
        <div className="mt-1 flex items-start justify-between gap-x-4 gap-y-2 max-sm:flex-col">
          <div className="whitespace-pre-line">
            {rider.own.text === '' ? calculationOf(rider) : rider.own.text}
          </div>
          <Button className="no-print shrink-0" onClick={props.onEdit}>
            In your own words
          </Button>
        </div>
      )}
      {rider.drills.length > 0 && (
        <ul aria-label="Drills without a course" className="mt-1 text-soft">
          {rider.drills.map((d) => (
            <li key={d.name}>
              {d.name}: {d.entries} logged, {d.clean} clean
              {d.minutes !== undefined && `, ${decimals(d.minutes, 0)} min`}
            </li>
          ))}
        </ul>
      )}
      <Practice rider={rider} />
    </section>
  );
}

function OwnWords({ day, rider, onDone }: { day: Day; rider: RiderDebrief; onDone: () => void }) {
  const tell = useTell(day.id);
  const say = useSay();
  const [text, setText] = useState(rider.own.text === '' ? calculationOf(rider) : rider.own.text);
  const unsaved = useDraft({ name: `debrief/${day.id}/${rider.riderId}`, value: text, onRestore: setText });
  const keep = (said: string) =>
    tell.mutate(
      { rider, text: said },
      {
        onSuccess: () => {
          unsaved.stored();
          onDone();
          say.done(said === '' ? 'Back to the calculated text.' : 'Saved.');
        },
        onError: say.failed,
      },
    );
  return (
    <div className="no-print mt-2 grid gap-2">
      {unsaved.question}
      <NotesField label={`Told to ${rider.riderName}`} value={text} rows={7} onChange={setText} />
      <div className="flex flex-wrap gap-3">
        <Button kind="primary" data-save disabled={tell.isPending} onClick={() => keep(text.trim())}>
          Save
        </Button>
        {rider.own.text !== '' && (
          <Button disabled={tell.isPending} onClick={() => keep('')}>
            Use the calculated text
          </Button>
        )}
        <Button
          kind="quiet"
          onClick={() => {
            unsaved.letGo();
            onDone();
          }}
        >
          Cancel
        </Button>
      </div>
    </div>
  );
}
