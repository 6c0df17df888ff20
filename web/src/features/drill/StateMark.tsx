import type { State } from './api';
import { stateLabel } from './model';

/** How far a rider is with a drill: a full disc, half a disc, a ring, a short dash. */
export function StateMark({ state, named = true }: { state: State; named?: boolean }) {
  return (
    <svg
      width="14"
      height="14"
      viewBox="0 0 14 14"
      className="inline-block shrink-0"
      {...(named ? { role: 'img', 'aria-label': stateLabel(state) } : { 'aria-hidden': true })}
    >
      {state === 'MASTERED' && <circle cx="7" cy="7" r="6" className="fill-moss" />}
      {state === 'WORKING_ON' && (
        <>
          <circle cx="7" cy="7" r="5.2" strokeWidth="1.6" className="fill-panel stroke-ochre" />
          <path d="M7 1.8 A5.2 5.2 0 0 0 7 12.2 Z" className="fill-ochre" />
        </>
      )}
      {state === 'NEXT' && (
        <circle cx="7" cy="7" r="5" strokeWidth="2.4" className="fill-panel stroke-cone" />
      )}
      {state === 'NOT_YET' && <path d="M3 7 H11" strokeWidth="2" className="stroke-soft" />}
    </svg>
  );
}
