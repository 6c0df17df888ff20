import { share, type ChanceOf } from '../standing';
import { Chevron } from '../../shared/ui';
import { sayLength, usePreferences } from '../../shared/units';
import type { Side } from './api';
import type { Command } from './keys';

/** To which side, and at which setting, which the rungs are stepped from. */
export function SideAndRung(props: {
  side: Side;
  /** Missing while several settings stand and none is chosen. */
  setting: number | undefined;
  /** Of a clean run at that setting to this side; missing while it is not known. */
  chance: ChanceOf | undefined;
  /** Whether the rungs are known yet. */
  laddered: boolean;
  onCommand: (command: Command) => void;
}) {
  return (
    <div className="grid grid-cols-[1fr_1.1fr_1fr] items-stretch gap-2">
      <SideButton side="LEFT" on={props.side === 'LEFT'} onCommand={props.onCommand} />
      <Rung {...props} />
      <SideButton side="RIGHT" on={props.side === 'RIGHT'} onCommand={props.onCommand} />
    </div>
  );
}

function SideButton(props: { side: Side; on: boolean; onCommand: (command: Command) => void }) {
  const { side, on } = props;
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`flex min-h-16 min-w-15 items-center justify-center gap-1.5 rounded-sm border text-[1.2rem] font-semibold ${side === 'LEFT' ? 'max-sm:flex-col-reverse' : 'max-sm:flex-col'} ${on ? 'border-ink bg-ink text-page' : 'border-rule bg-panel'}`}
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

function Rung(props: {
  setting: number | undefined;
  chance: ChanceOf | undefined;
  laddered: boolean;
  onCommand: (command: Command) => void;
}) {
  const { system } = usePreferences();
  const { figure, unit } =
    props.setting === undefined ? { figure: '–', unit: '' } : sayLength(props.setting, system);
  const step = (by: 1 | -1, name: string, sign: string) => (
    <button
      type="button"
      aria-label={name}
      disabled={!props.laddered || props.setting === undefined}
      className="min-h-15 min-w-15 rounded-sm border border-rule bg-panel text-[1.4rem] hover:border-ink disabled:text-soft"
      onClick={() => props.onCommand({ do: 'rung', by })}
    >
      {sign}
    </button>
  );
  return (
    <div className="flex items-stretch justify-between gap-1" role="group" aria-label="Rung">
      {step(-1, 'Wider', '+')}
      <div className="flex flex-col items-center justify-center">
        <span className="figures text-[1.6rem] leading-none whitespace-nowrap">
          {figure}
          <span className="text-base text-soft"> {unit}</span>
        </span>
        <span className="figures mt-1 text-[0.8rem] whitespace-nowrap text-soft">
          {props.chance === undefined ? '' : `clean ${share(props.chance.chance)} in 100`}
        </span>
      </div>
      {step(1, 'Tighter', '−')}
    </div>
  );
}
