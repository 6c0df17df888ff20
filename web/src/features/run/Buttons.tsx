import { usePreferences } from '../../shared/units';
import { Chevron } from '../../shared/ui';
import type { Fault, Side } from './api';
import type { Command } from './keys';
import { FAULTS } from '../fault';
import type { Turning } from './RunLogger';

/** The log bar: clean in one tap, a fault and Log in two. Made for gloves, and what is tapped most under either thumb. */
export function Buttons(props: {
  faults: Fault[];
  canLog: boolean;
  /** What one tap logs. */
  logs: string;
  /** What to do where one tap logs nothing; missing where it does. */
  instead: string | undefined;
  /** Missing where what is ridden has no side. */
  turning: Turning | undefined;
  canUndo: boolean;
  /** Who is next by the lesson plan; missing where there is none. */
  next: string | undefined;
  onCommand: (command: Command) => void;
}) {
  const { faults, canLog, turning, onCommand } = props;
  const left = usePreferences().hand === 'left';
  return (
    <div className="log-bar">
      <div className="flex items-stretch gap-1.5 @max-[17rem]:flex-wrap">
        {turning && <SideButton side="LEFT" on={turning.side === 'LEFT'} onCommand={onCommand} />}
        {props.instead === undefined ? (
          <button
            type="button"
            disabled={!canLog}
            className="log-clean min-w-0 flex-1 rounded-sm border-2 @max-[17rem]:order-first @max-[17rem]:basis-full border-moss bg-moss px-1 text-xl leading-tight font-bold text-page disabled:border-rule disabled:bg-panel disabled:text-soft"
            onClick={() => onCommand({ do: 'clean' })}
          >
            {props.logs}
          </button>
        ) : (
          <p className="log-clean flex min-w-0 flex-1 items-center @max-[17rem]:order-first @max-[17rem]:basis-full border border-rule bg-panel px-3">
            {props.instead}
          </p>
        )}
        {turning && <SideButton side="RIGHT" on={turning.side === 'RIGHT'} onCommand={onCommand} />}
      </div>
      <div className="grid grid-cols-4 gap-1.5 @max-[17rem]:grid-cols-2">
        {FAULTS.map((f) => {
          const on = faults.includes(f.fault);
          return (
            <button
              key={f.fault}
              type="button"
              aria-pressed={on}
              className={`log-key flex min-w-0 flex-col items-center justify-center rounded-sm border-2 ${on ? 'border-brick bg-brick text-page' : 'border-rule bg-panel'}`}
              onClick={() => onCommand({ do: 'fault', fault: f.fault })}
            >
              <span className="text-xl leading-none font-bold">{f.letter}</span>
              <span className="max-w-full overflow-hidden text-xs leading-tight">{f.word}</span>
            </button>
          );
        })}
        <button
          type="button"
          disabled={faults.length === 0 || !canLog}
          className={`log-key min-w-0 rounded-sm border-2 border-cone bg-cone leading-tight font-bold text-on-cone disabled:border-rule disabled:bg-panel disabled:font-normal disabled:text-soft ${left ? 'col-start-1 row-start-2 @max-[17rem]:row-start-auto' : ''}`}
          onClick={() => onCommand({ do: 'log' })}
        >
          Log faults
        </button>
      </div>
      <Ways {...props} left={left} />
    </div>
  );
}

/** Back, and on to the next rider; also where nothing is logged. */
export function Ways(props: {
  canUndo: boolean;
  next: string | undefined;
  left: boolean;
  onCommand: (command: Command) => void;
}) {
  const { onCommand } = props;
  return (
    <div className="grid grid-cols-2 gap-1.5 @max-[17rem]:grid-cols-1">
      <button
        type="button"
        disabled={!props.canUndo}
        className="log-key min-w-0 rounded-sm border border-rule bg-panel leading-tight disabled:text-soft"
        onClick={() => onCommand({ do: 'undo' })}
      >
        Undo the last run
      </button>
      <button
        type="button"
        className={`log-key line-clamp-2 min-w-0 rounded-sm border border-ink bg-panel px-2 leading-tight font-semibold wrap-anywhere ${props.left ? 'order-first' : ''}`}
        onClick={() => onCommand({ do: 'next' })}
      >
        {props.next === undefined ? 'Next rider' : `Next: ${props.next}`}
      </button>
    </div>
  );
}

function SideButton(props: { side: Side; on: boolean; onCommand: (command: Command) => void }) {
  const { side, on } = props;
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`log-clean flex w-1/4 min-w-0 items-center @max-[17rem]:flex-1 justify-center gap-1.5 rounded-sm border text-lg font-semibold ${side === 'LEFT' ? 'max-sm:flex-col-reverse' : 'max-sm:flex-col'} ${on ? 'border-ink bg-ink text-page' : 'border-rule bg-panel'}`}
      onClick={() => props.onCommand({ do: 'side', side })}
    >
      {side === 'LEFT' ? (
        <>
          <Chevron side="LEFT" size={18} /> Left
        </>
      ) : (
        <>
          Right <Chevron side="RIGHT" size={18} />
        </>
      )}
    </button>
  );
}
