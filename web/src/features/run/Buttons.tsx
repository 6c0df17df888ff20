import { usePreferences } from '../../shared/units';
import type { Fault } from './api';
import type { Command } from './keys';
import { FAULTS } from '../fault';

/** Clean in one tap; a fault and Log in two. Made for gloves, and what is tapped most under either thumb. */
export function Buttons(props: {
  faults: Fault[];
  /** Whether it is known at which setting. */
  canLog: boolean;
  canUndo: boolean;
  /** Who is next by the running order; missing where there is none. */
  next: string | undefined;
  onCommand: (command: Command) => void;
}) {
  const { faults, canLog, onCommand } = props;
  const left = usePreferences().hand === 'left';
  return (
    <div className="grid gap-2">
      <button
        type="button"
        disabled={!canLog}
        className="min-h-17 rounded-sm border-2 border-moss bg-moss text-[1.5rem] font-bold text-page disabled:border-rule disabled:bg-panel disabled:text-soft"
        onClick={() => onCommand({ do: 'clean' })}
      >
        Clean
      </button>
      <div className="grid grid-cols-4 gap-2">
        {FAULTS.map((f) => {
          const on = faults.includes(f.fault);
          return (
            <button
              key={f.fault}
              type="button"
              aria-pressed={on}
              className={`flex min-h-15 flex-col items-center justify-center rounded-sm border-2 ${on ? 'border-brick bg-brick text-page' : 'border-rule bg-panel'}`}
              onClick={() => onCommand({ do: 'fault', fault: f.fault })}
            >
              <span className="text-[1.3rem] font-bold leading-none">{f.letter}</span>
              <span className="text-[0.87rem]">{f.word}</span>
            </button>
          );
        })}
        <button
          type="button"
          disabled={faults.length === 0 || !canLog}
          className={`min-h-15 rounded-sm border-2 border-cone bg-cone font-bold text-on-cone disabled:border-rule disabled:bg-panel disabled:font-normal disabled:text-soft ${left ? 'col-start-1 row-start-2' : ''}`}
          onClick={() => onCommand({ do: 'log' })}
        >
          Log faults
        </button>
      </div>
      <div className="grid grid-cols-2 gap-2">
        <button
          type="button"
          disabled={!props.canUndo}
          className="min-h-15 rounded-sm border border-rule bg-panel disabled:text-soft"
          onClick={() => onCommand({ do: 'undo' })}
        >
          Undo the last run
        </button>
        <button
          type="button"
          className={`min-h-15 truncate rounded-sm border border-ink bg-panel px-2 font-semibold ${left ? 'order-first' : ''}`}
          onClick={() => onCommand({ do: 'next' })}
        >
          {props.next === undefined ? 'Next rider' : `Next: ${props.next}`}
        </button>
      </div>
    </div>
  );
}
