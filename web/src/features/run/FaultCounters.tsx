import type { Fault } from './api';
import { FAULTS } from '../fault';
import type { Several } from './several';

/** How often each fault was seen. */
export function FaultCounters(props: {
  seen: Several['faults'];
  onStep: (fault: Fault, by: 1 | -1) => void;
}) {
  return (
    <div className="grid grid-cols-4 gap-2">
      {FAULTS.map((f) => (
        <Counter
          key={f.fault}
          name={f.word}
          letter={f.letter}
          count={props.seen[f.fault] ?? 0}
          onStep={(by) => props.onStep(f.fault, by)}
        />
      ))}
    </div>
  );
}

/** How often something was seen: one more with every tap, one less with the key below. */
export function Counter(props: {
  name: string;
  letter?: string;
  count: number;
  onStep: (by: 1 | -1) => void;
}) {
  const { name, letter, count } = props;
  return (
    <div role="group" aria-label={name} className="grid gap-1">
      <button
        type="button"
        aria-label={`One ${name} more`}
        className={`flex min-h-16 flex-col items-center justify-center rounded-sm border-2 bg-page ${count > 0 ? 'border-ink' : 'border-rule'}`}
        onClick={() => props.onStep(1)}
      >
        <span className="figures text-xl leading-none font-bold">{count > 0 ? count : (letter ?? '+')}</span>
        <span className="text-sm">{name}</span>
      </button>
      <button
        type="button"
        aria-label={`One ${name} less`}
        disabled={count === 0}
        className="min-h-12 rounded-sm border border-rule bg-page text-xl disabled:opacity-40"
        onClick={() => props.onStep(-1)}
      >
        −
      </button>
    </div>
  );
}
