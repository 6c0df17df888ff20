import type { CSSProperties } from 'react';
import { Link } from 'react-router';
import type { Catalogue, RiderDrills, StoredDrill } from './api';
import { countStates, STATES } from './model';
import { StateMark } from './StateMark';
import { useDrillLink } from './useDrillLink';

/** The stages climbing to the right, each with its drills and where the riders stand on them. */
export function Stages(props: {
  catalogue: Catalogue;
  /** Whose standing is shown: one rider, everyone of the day, or nobody. */
  riders: RiderDrills[];
  chosen: string | undefined;
}) {
  const { catalogue } = props;
  const climbing = catalogue.stages.filter((s) => s.stage !== 'ALONGSIDE');
  const shown = (stage: string) =>
    catalogue.drills.filter((d) => d.drill.stage === stage && isShown(d, props.riders));
  return (
    <div className="overflow-x-auto pb-2">
      <ol className="flex min-w-232 items-stretch gap-px" aria-label="Stages">
        {climbing.map((s, i) => (
          <li
            key={s.stage}
            className="flex min-w-0 flex-1 sm:pt-(--climb)"
            style={{ '--climb': `${(climbing.length - 1 - i) * 1.4}rem` } as CSSProperties}
          >
            <div
              className={`flex-1 border-t-4 bg-panel px-2 py-1.5 ${i % 2 === 0 ? 'border-cone' : 'border-ink'}`}
            >
              <h2 className="leading-tight">
                <span className="figures mr-1 text-soft">{i + 1}</span>
                {s.label}
              </h2>
              <p className="mb-1 min-h-10 text-xs leading-tight text-soft">{s.summary}</p>
              <ul>
                {shown(s.stage).map((d) => (
                  <Row
                    key={d.drill.id}
                    stored={d}
                    riders={props.riders}
                    chosen={props.chosen === d.drill.id}
                  />
                ))}
              </ul>
            </div>
          </li>
        ))}
      </ol>
      <section
        aria-label="Alongside"
        className="mt-px min-w-232 border-t-3 border-dashed border-[#b5ad9b] bg-panel px-2 py-1.5"
      >
        <h2>
          Alongside <span className="font-normal text-soft">whenever there is cause</span>
        </h2>
        <ul className="grid grid-cols-4 gap-x-4">
          {shown('ALONGSIDE').map((d) => (
            <Row key={d.drill.id} stored={d} riders={props.riders} chosen={props.chosen === d.drill.id} />
          ))}
        </ul>
      </section>
    </div>
  );
}

/** For one rider only what is taught to them; for a group, or nobody, everything. */
function isShown(stored: StoredDrill, riders: RiderDrills[]): boolean {
  return riders.length !== 1 || riders[0]?.drills.some((d) => d.drill.id === stored.drill.id) === true;
}

function Row(props: { stored: StoredDrill; riders: RiderDrills[]; chosen: boolean }) {
  const { drill, hidden } = props.stored;
  const to = useDrillLink();
  return (
    <li>
      <Link
        to={to(drill.id)}
        aria-current={props.chosen ? 'true' : undefined}
        className={`flex min-h-6 items-start justify-between gap-1.5 border-b border-rule py-1 text-sm leading-tight text-ink no-underline hover:underline ${props.chosen ? 'border-l-4 border-l-cone pl-1.5 font-semibold' : ''} ${hidden ? 'line-through decoration-soft' : ''}`}
      >
        <span className="min-w-0 break-words">
          {drill.name}
          {hidden && <span className="sr-only"> left out</span>}
        </span>
        <Marks drillId={drill.id} riders={props.riders} />
      </Link>
    </li>
  );
}

function Marks({ drillId, riders }: { drillId: string; riders: RiderDrills[] }) {
  if (riders.length === 0) return null;
  const counts = countStates(riders, drillId);
  const one = riders.length === 1;
  return (
    <span className="flex shrink-0 items-center gap-1 pt-px">
      {STATES.filter(({ state }) => counts[state] > 0 && (one || state !== 'NOT_YET')).map(
        ({ state, label }) => (
          <span key={state} className="flex items-center gap-px" title={label}>
            <StateMark state={state} />
            {!one && <span className="figures text-xs text-soft">{counts[state]}</span>}
          </span>
        ),
      )}
    </span>
  );
}

/** What the marks mean. */
export function Legend({ group }: { group: boolean }) {
  return (
    <p className="flex flex-wrap gap-x-4 gap-y-1 text-sm text-soft">
      {STATES.map(({ state, label }) => (
        <span key={state} className="flex items-center gap-1">
          <StateMark state={state} named={false} />
          {label}
        </span>
      ))}
      {group && <span>Figures: how many of the day’s riders.</span>}
    </p>
  );
}
