import { Chevron } from '../../shared/ui';
import { secondsText } from '../../shared/units';
import { Outcome } from './marks';
import type { Side } from './api';
import type { ShownRun } from './outbox';

/** How many runs stay in view. */
const SHOWN = 5;

/** What is known of runs beside those of this device that are still to be sent. */
export type Earlier = keyof typeof NONE;

/** What is said where there is none to show. */
const NONE = {
  known: 'No runs yet',
  coming: 'One moment…',
  lost: 'Earlier runs are out of reach',
};

/** The last runs as tallies, and the count to each side. */
export function Tallies(props: {
  runs: ShownRun[];
  /** Whether what is ridden has a side. */
  sided: boolean;
  /** Called with one that is tapped, to be corrected. */
  onRun: (run: ShownRun) => void;
  /** Ids of the first at a new setting, which are not scored. */
  unscored: string[];
  /** What is known of runs beside those of this device that are still to be sent. */
  earlier: Earlier;
}) {
  const { runs } = props;
  const last = runs.slice(-SHOWN);
  return (
    <section
      aria-label="Last runs"
      className="flex min-h-13 flex-wrap items-center justify-between gap-x-3 border-y border-rule py-2"
    >
      {props.sided ? <Count side="LEFT" {...props} /> : <Count side={undefined} {...props} />}
      {last.length === 0 ? (
        <span className="text-soft">{NONE[props.earlier]}</span>
      ) : (
        <ol className="flex items-center">
          {last.map((r) => (
            <li key={r.id}>
              <button
                type="button"
                data-testid="run"
                data-kept={r.kept}
                className={`flex min-h-12 min-w-9 items-center justify-center gap-0.5 px-1 ${r.kept === 'device' ? 'opacity-60' : ''} ${props.unscored.includes(r.id) ? 'border-b-2 border-dotted border-ink' : ''}`}
                title={props.unscored.includes(r.id) ? 'New size: not scored' : undefined}
                onClick={() => props.onRun(r)}
              >
                <span className="sr-only">Correct:</span>
                {r.side !== undefined && <Chevron side={r.side} size={10} />}
                <Outcome run={r} />
                {r.seconds !== undefined && (
                  <span className="figures text-xs text-soft">{secondsText(r.seconds)}</span>
                )}
              </button>
            </li>
          ))}
        </ol>
      )}
      {props.sided && <Count side="RIGHT" {...props} />}
    </section>
  );
}

/** How many of a side's runs, or of all, were clean; none is said of runs that are not known. */
function Count(props: { side: Side | undefined; runs: ShownRun[]; earlier: Earlier }) {
  const { side } = props;
  const those = props.runs.filter(
    (r) => (side === undefined || r.side === side) && (r.sort ?? 'RUN') === 'RUN',
  );
  const known = those.length > 0 || props.earlier === 'known';
  const count = `${those.filter((r) => r.faults.length === 0).length} / ${those.length}`;
  return (
    <span
      className={`figures flex items-center gap-1 whitespace-nowrap ${side === 'RIGHT' ? 'flex-row-reverse' : ''}`}
      aria-label={`${side === undefined ? 'Clean' : side === 'LEFT' ? 'Left, clean' : 'Right, clean'} of all: ${known ? count : 'not known'}`}
    >
      {side !== undefined && <Chevron side={side} />} {known ? count : '–'}
    </span>
  );
}
