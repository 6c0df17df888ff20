import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useDayLink } from '../day';
import { CautionNote } from '../../shared/ui';
import type { Catalogue, RiderDrills, StoredDrill } from './api';
import { DrillActions } from './DrillActions';
import { DrillFigures } from './DrillFigures';
import { Ladder } from './Ladder';
import { drillName } from './model';
import { Standings } from './Mastery';
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
          <h2 className="text-xl leading-tight">{drill.name}</h2>
          <p className="text-xl italic">“{taught?.cue ?? drill.words.cue}”</p>
        </div>
        <DrillActions stored={stored} onChange={props.onChange} onCopy={props.onCopy} />
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
          <DrillFigures stored={stored} catalogue={catalogue} />
          <RestsOn ids={taught?.prerequisites ?? drill.prerequisites} catalogue={catalogue} />
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
function Part({ name, children }: { name: string; children: ReactNode }) {
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

function RestsOn({ ids, catalogue }: { ids: string[]; catalogue: Catalogue }) {
  const to = useDrillLink();
  if (ids.length === 0) return null;
  return (
    <Part name="Needs first">
      {ids.map((id, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <Link to={to(id)}>{drillName(catalogue, id)}</Link>
        </span>
      ))}
    </Part>
  );
}
