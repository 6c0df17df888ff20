import { Chevron } from '../../shared/ui';
import { Outcome } from './marks';
import type { ShownRun } from './outbox';

/** How many runs stay in view. */
const SHOWN = 5;

/** The last runs as tallies, and the count to each side. */
export function Tallies({ runs, ready }: { runs: ShownRun[]; ready: boolean }) {
  const last = runs.slice(-SHOWN);
  const count = (side: ShownRun['side']) => {
    const those = runs.filter((r) => r.side === side);
    return `${those.filter((r) => r.faults.length === 0).length} / ${those.length}`;
  };
  return (
    <section
      aria-label="Last runs"
      className="flex min-h-13 items-center justify-between gap-3 border-y border-rule py-2"
    >
      <span className="figures whitespace-nowrap" aria-label={`Left, clean of all: ${count('LEFT')}`}>
        <Chevron side="LEFT" /> {count('LEFT')}
      </span>
      {last.length === 0 ? (
        <span className="text-soft">{ready ? 'No runs yet' : 'One moment…'}</span>
      ) : (
        <ol className="flex items-center gap-3">
          {last.map((r) => (
            <li
              key={r.id}
              data-testid="run"
              data-kept={r.kept}
              className={`flex items-center gap-0.5 ${r.kept === 'device' ? 'opacity-60' : ''}`}
            >
              <Chevron side={r.side} size={10} />
              <Outcome faults={r.faults} />
            </li>
          ))}
        </ol>
      )}
      <span className="figures whitespace-nowrap" aria-label={`Right, clean of all: ${count('RIGHT')}`}>
        {count('RIGHT')} <Chevron side="RIGHT" />
      </span>
    </section>
  );
}
