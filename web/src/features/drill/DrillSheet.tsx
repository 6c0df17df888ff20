import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { useDayLink } from '../day';
import { outcomeText } from '../run';
import { Button, CautionNote, useSay } from '../../shared/ui';
import { speedBand, usePreferences } from '../../shared/units';
import { useHideDrill, useRestoreDrill, type Catalogue, type RiderDrills, type StoredDrill } from './api';
import { Ladder } from './Ladder';
import { Standings } from './Standings';
import { useDrillLink } from './useDrillLink';

/** One drill, complete. */
export function DrillSheet(props: {
  stored: StoredDrill;
  catalogue: Catalogue;
  riders: RiderDrills[];
  onChange: () => void;
  onCopy: () => void;
}) {
  const { stored, catalogue, riders } = props;
  const { drill } = stored;
  const taught =
    riders.length === 1 ? riders[0]?.drills.find((d) => d.drill.id === drill.id)?.drill : undefined;
  const stage = catalogue.stages.find((s) => s.stage === drill.stage)?.label;
  const link = useDayLink();
  return (
    <article aria-label={drill.name} className="border-l-4 border-cone bg-panel px-4 py-3">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <div>
          <p className="text-sm text-soft">
            {stage}
            {stored.origin === 'OWN' && ' · your own'}
            {stored.origin === 'CHANGED' && ' · changed here'}
            {stored.hidden && ' · left out'}
          </p>
          <h2 className="text-[1.4rem] leading-tight">{drill.name}</h2>
          <p className="text-[1.2rem] italic">“{taught?.cue ?? drill.cue}”</p>
        </div>
        <Actions stored={stored} onChange={props.onChange} onCopy={props.onCopy} />
      </div>
      <div className="mt-3 grid gap-x-8 gap-y-3 lg:grid-cols-3">
        <div className="flex flex-col gap-3">
          <Part name="Aim">{drill.words.aim}</Part>
          <Part name="Why it works">{drill.words.why}</Part>
          <Part name="How it is ridden">
            <List of={drill.words.how} ordered />
          </Part>
          <Part name="Look">
            <List of={taught?.look ?? drill.words.look} />
          </Part>
        </div>
        <div className="flex flex-col gap-3">
          <Part name="Instructor watches">
            <List of={drill.words.watch} />
          </Part>
          <Part name="Stands">{drill.words.standAt}</Part>
          <Figures stored={stored} catalogue={catalogue} />
          <RestsOn ids={taught?.after ?? drill.after} catalogue={catalogue} />
          {(taught?.cautions ?? drill.words.cautions).map((c) => (
            <CautionNote key={c}>{c}</CautionNote>
          ))}
        </div>
        <div className="flex flex-col gap-3">
          <Ladder steps={taught?.steps ?? drill.steps} />
          {riders.length > 0 && <Standings drillId={drill.id} riders={riders} />}
          <Link to={link('/lesson/drills')} className="self-end">
            Close this drill
          </Link>
        </div>
      </div>
    </article>
  );
}

/** A part of a drill under its name. */
export function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <h3 className="text-sm text-soft">{name}</h3>
      <div>{children}</div>
    </div>
  );
}

function List({ of, ordered = false }: { of: string[]; ordered?: boolean }) {
  const items = of.map((text) => <li key={text}>{text}</li>);
  return ordered ? (
    <ol className="list-decimal pl-5">{items}</ol>
  ) : (
    <ul className="list-[square] pl-5 marker:text-soft">{items}</ul>
  );
}

const MACHINES = {
  HAND_CLUTCH: 'hand clutch',
  AUTOMATIC_CLUTCH: 'automatic clutch',
  TWIST_AND_GO: 'twist-and-go',
};

function Figures({ stored, catalogue }: { stored: StoredDrill; catalogue: Catalogue }) {
  const { drill } = stored;
  const { speed } = usePreferences();
  const band = drill.riding.speed;
  const measure = catalogue.measures.find((m) => m.measure === drill.pass.measure)?.label;
  const each = drill.riding.sides === 'EACH' ? ' on each side' : '';
  const minutes = Object.entries(drill.spell.longestMinutes) as [keyof typeof MACHINES, number][];
  const signs = drill.spell.stopSigns
    .map((s) => catalogue.stopSigns.find((t) => t.sign === s)?.label)
    .filter((s) => s !== undefined);
  return (
    <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1">
      {band && (
        <Row name="Speed">
          <span className="figures">
            {speedBand(band.lowMetresPerSecond, band.highMetresPerSecond, speed)}
          </span>
        </Row>
      )}
      <Row name="Engine">{drill.words.engine}</Row>
      <Row name="Mastered">
        {drill.pass.target === undefined
          ? `${drill.pass.clean} clean of the last ${drill.pass.of}${each}${drill.pass.tightness === undefined ? '' : `, at tightness ${drill.pass.tightness} or tighter`}`
          : `${drill.pass.target} ${measure}, ${drill.pass.clean} of ${drill.pass.of}`}
      </Row>
      <Row name="At most">{minutesText(minutes)}, yours to change</Row>
      <Row name="Stop at">{signs.join(', ')}</Row>
      {drill.faults.length > 0 && <Row name="Usual faults">{outcomeText(drill.faults)}</Row>}
    </dl>
  );
}

/** Minutes said once where they are the same on every machine. */
function minutesText(minutes: [keyof typeof MACHINES, number][]): string {
  const first = minutes[0]?.[1];
  return minutes.every(([, m]) => m === first)
    ? `${first} min without a break`
    : minutes.map(([machine, m]) => `${m} min ${MACHINES[machine]}`).join(', ');
}

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <dt className="text-sm text-soft">{name}</dt>
      <dd>{children}</dd>
    </>
  );
}

function RestsOn({ ids, catalogue }: { ids: string[]; catalogue: Catalogue }) {
  const to = useDrillLink();
  if (ids.length === 0) return null;
  return (
    <Part name="Rests on">
      {ids.map((id, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <Link to={to(id)}>{catalogue.drills.find((d) => d.drill.id === id)?.drill.name ?? id}</Link>
        </span>
      ))}
    </Part>
  );
}

function Actions(props: { stored: StoredDrill; onChange: () => void; onCopy: () => void }) {
  const { stored } = props;
  const hide = useHideDrill();
  const restore = useRestoreDrill();
  const say = useSay();
  const navigate = useNavigate();
  const link = useDayLink();
  return (
    <div className="no-print flex flex-wrap items-center gap-2">
      <Button onClick={props.onChange}>Change</Button>
      <Button onClick={props.onCopy}>Make one like it</Button>
      <Button
        onClick={() => hide.mutate({ stored, hidden: !stored.hidden }, { onError: say.failed })}
        disabled={hide.isPending}
      >
        {stored.hidden ? 'Take in again' : 'Leave out'}
      </Button>
      {stored.origin !== 'SHIPPED' && (
        <Button
          disabled={restore.isPending}
          onClick={() => {
            // The drill may be gone from the page by the time it is gone from the server.
            restore.mutateAsync(stored).then(
              () => {
                if (stored.origin === 'OWN') void navigate(link('/lesson/drills'));
                say.done(stored.origin === 'OWN' ? 'Drill taken away.' : 'Restored as it came with the app.');
              },
              (error: unknown) => say.failed(error),
            );
          }}
        >
          {stored.origin === 'OWN' ? 'Take away' : 'Restore'}
        </Button>
      )}
      <a href={`/api/drills/${stored.drill.id}/export.json`} download>
        Download
      </a>
    </div>
  );
}
