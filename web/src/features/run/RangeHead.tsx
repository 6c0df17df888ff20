import type { Course } from '../course';
import type { Machine } from '../machine';
import type { Rider } from '../rider';
import { isSame, letterOf, share, Untold, type ChanceOf, type RiderOnIt, type WhatStands } from '../standing';
import { Chevron } from '../../shared/ui';
import { lengthText, sayLength, speedBand, usePreferences } from '../../shared/units';
import type { Side } from './api';
import type { Command } from './keys';
import type { UpNext } from './running';

const PICK = 'thumb max-w-full rounded-sm border border-edge bg-panel px-2 py-2';

/** The choice in the list of riders that makes a new one. */
const NEW = 'new';

/** Who, on what, where, at which rung, to which side: large. */
export function RangeHead(props: {
  rider: Rider;
  riders: Rider[];
  machine: Machine;
  course: Course;
  courses: Course[];
  stands: WhatStands;
  /** What suits this rider of what stands, as far as it is known. */
  suits: RiderOnIt | undefined;
  /** Missing while several stand and none is chosen. */
  setting: number | undefined;
  onSetting: (metres: number) => void;
  /** What they ride now by the running order. */
  task: UpNext | undefined;
  onNewRider: () => void;
  /** Of a clean run at that setting to this side; missing while it is not known. */
  chance: ChanceOf | undefined;
  /** Whether the rungs are known yet. */
  laddered: boolean;
  side: Side;
  onRider: (id: number) => void;
  onCourse: (id: number) => void;
  onCommand: (command: Command) => void;
}) {
  const { rider, machine, course, side, onCommand } = props;
  const { speed } = usePreferences();
  return (
    <>
      <div className="min-w-0">
        <h1 className="truncate">{rider.name}</h1>
        <p className="truncate text-soft">
          {machine.name}
          {props.task && `, ${props.task.drillName}`}
        </p>
        {props.task && (
          <p className="truncate text-soft">
            “{props.task.cue}”, turn <span className="figures">{props.task.done + 1}</span> of{' '}
            <span className="figures">{props.task.of}</span>
            {props.task.speed &&
              `, at ${speedBand(props.task.speed.lowMetresPerSecond, props.task.speed.highMetresPerSecond, speed)}`}
          </p>
        )}
      </div>
      <div className="flex gap-2">
        <select
          aria-label="Rider"
          className={`${PICK} w-1/2`}
          value={rider.id}
          onChange={(e) =>
            e.target.value === NEW ? props.onNewRider() : props.onRider(Number(e.target.value))
          }
        >
          {props.riders.map((r) => (
            <option key={r.id} value={r.id}>
              {r.name}
            </option>
          ))}
          <option value={NEW}>Somebody new…</option>
        </select>
        <select
          aria-label="Course"
          className={`${PICK} w-1/2`}
          value={course.id}
          onChange={(e) => props.onCourse(Number(e.target.value))}
        >
          {props.courses.map((c) => (
            <option key={c.id} value={c.id}>
              {c.name}
            </option>
          ))}
        </select>
      </div>
      <Standing {...props} />
      <div className="grid grid-cols-[1fr_1.1fr_1fr] items-stretch gap-2">
        <SideButton side="LEFT" on={side === 'LEFT'} onCommand={onCommand} />
        <Rung {...props} />
        <SideButton side="RIGHT" on={side === 'RIGHT'} onCommand={onCommand} />
      </div>
    </>
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

/** Which of the settings that stand is ridden, where there are several; and what only this device knows. */
function Standing(props: {
  stands: WhatStands;
  suits: RiderOnIt | undefined;
  setting: number | undefined;
  onSetting: (metres: number) => void;
}) {
  const { stands, suits, setting } = props;
  const { system } = usePreferences();
  return (
    <>
      {stands.settings.length > 1 && (
        <div role="group" aria-label="Setting ridden" className="flex gap-2">
          {stands.settings.map((metres, i) => {
            const on = setting !== undefined && isSame(metres, setting);
            return (
              <button
                key={metres}
                type="button"
                aria-pressed={on}
                className={`min-h-15 flex-1 rounded-sm border ${on ? 'border-ink bg-ink text-page' : 'border-rule bg-panel'}`}
                onClick={() => props.onSetting(metres)}
              >
                <b>{letterOf(i)}</b> <span className="figures">{lengthText(metres, system)}</span>
              </button>
            );
          })}
        </div>
      )}
      {setting === undefined && (
        <p role="alert" className="text-ochre">
          {suits === undefined
            ? 'Say which of these is ridden.'
            : 'None of these suits this rider’s rung: say which is ridden.'}
        </p>
      )}
      <Untold stands={stands} />
    </>
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
