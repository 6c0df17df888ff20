import type { Course } from '../course';
import { lying } from '../kit';
import type { Machine } from '../machine';
import type { Rider } from '../rider';
import { isSame, letterOf, Untold, type WhatStands } from '../standing';
import { several } from '../../shared/ui';
import { lengthText, speedBand, usePreferences } from '../../shared/units';
import type { UpNext } from './running';

const PICK = 'thumb max-w-full rounded-sm border border-edge bg-panel px-2 py-2';

/** The choice in the list of riders that makes a new one. */
const NEW = 'new';

/** Who, on what, where: large. */
export function RangeHead(props: {
  rider: Rider;
  riders: Rider[];
  machine: Machine;
  course: Course;
  courses: Course[];
  stands: WhatStands;
  /** Missing while several stand and none is chosen. */
  setting: number | undefined;
  onSetting: (metres: number) => void;
  /** What they ride now by the running order. */
  task: UpNext | undefined;
  onNewRider: () => void;
  onRider: (id: number) => void;
  onCourse: (id: number) => void;
}) {
  const { rider, machine, course } = props;
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
    </>
  );
}

/** Which of the settings that stand is ridden, where there are several; and what only this device knows. */
function Standing(props: {
  course: Course;
  stands: WhatStands;
  setting: number | undefined;
  onSetting: (metres: number) => void;
}) {
  const { stands, setting } = props;
  const { system } = usePreferences();
  const lies = lying(props.course, stands.settings.length);
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
                {lies[i] !== undefined && <span className="block text-[0.8rem]">{several(lies[i])}</span>}
              </button>
            );
          })}
        </div>
      )}
      <Untold stands={stands} />
    </>
  );
}
