import { CourseDrawing, requestOf, type Course } from '../course';
import type { ReactNode } from 'react';
import { useSheet } from '../setup';
import { lengthText, usePreferences } from '../../shared/units';
import type { Observed } from './api';
import { TECHNIQUES } from '../fault';

/** How far off the cone aimed at a machine came, in metres: what can be told from the edge of a yard. */
const OFF = [0.5, 1, 2];

export const NOTHING_SEEN: Observed = { technique: [] };

/** Whether anything was said. */
export function says(seen: Observed): boolean {
  return seen.technique.length > 0 || seen.mark !== undefined || seen.offMetres !== undefined;
}

/** How the next run was ridden, and where it went wrong: for those who want to say more than its faults. */
export function SeenPanel(props: {
  /** Missing where what is ridden is ridden on none. */
  on: { course: Course; sizes: number[] } | undefined;
  seen: Observed;
  onSeen: (seen: Observed) => void;
}) {
  const { seen, onSeen } = props;
  const { mark, offMetres, technique, ...others } = seen;
  const { system } = usePreferences();
  const at = (name: string | undefined) =>
    onSeen({
      ...others,
      technique,
      ...(offMetres !== undefined && { offMetres }),
      ...(name !== undefined && name !== mark && { mark: name }),
    });
  const off = (metres: number) =>
    onSeen({
      ...others,
      technique,
      ...(mark !== undefined && { mark }),
      ...(metres !== offMetres && { offMetres: metres }),
    });
  const toggle = (one: Observed['technique'][number]) =>
    onSeen({
      ...seen,
      technique: technique.includes(one) ? technique.filter((t) => t !== one) : [...technique, one],
    });
  return (
    <div className="grid gap-2 border-l-4 border-steel bg-panel px-3 py-2">
      <p className="text-sm text-soft">Goes with the next run or timedRide. Choose as many as you saw.</p>
      <div className="grid grid-cols-3 gap-2 sm:grid-cols-4" role="group" aria-label="How it was ridden">
        {TECHNIQUES.map((t) => (
          <Choice key={t.technique} on={technique.includes(t.technique)} onTap={() => toggle(t.technique)}>
            {t.word}
          </Choice>
        ))}
      </div>
      {props.on && (
        <WherePlan course={props.on.course} activeSizes={props.on.sizes} mark={mark} onMark={at} />
      )}
      <div className="grid grid-cols-4 items-center gap-2" role="group" aria-label="Off the cone by">
        <span className="text-sm text-soft">Off the cone by</span>
        {OFF.map((metres) => (
          <Choice key={metres} on={offMetres === metres} onTap={() => off(metres)}>
            <span className="figures">{lengthText(metres, system)}</span>
          </Choice>
        ))}
      </div>
    </div>
  );
}

/** A large thing to tap that stays on. */
export function Choice(props: { on: boolean; onTap: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      aria-pressed={props.on}
      className={`min-h-15 rounded-sm border px-1 leading-tight ${props.on ? 'border-ink bg-ink text-page' : 'border-rule bg-page'}`}
      onClick={props.onTap}
    >
      {props.children}
    </button>
  );
}

/** The plan to tap a cone or line on; the same by name from a list. */
function WherePlan(props: {
  course: Course;
  activeSizes: number[];
  mark: string | undefined;
  onMark: (name: string | undefined) => void;
}) {
  const { system } = usePreferences();
  const sheet = useSheet({
    laid: { course: requestOf(props.course), activeSizes: props.activeSizes },
    system,
  });
  const plan = sheet.data?.plan;
  if (plan === undefined) return null;
  const names = [
    ...plan.cones.map((c) => c.label),
    ...new Set(plan.lines.filter((l) => l.sort === 'BOUNDARY').map((l) => l.name)),
  ];
  return (
    <>
      <CourseDrawing
        plan={plan}
        course={requestOf(props.course)}
        look={{ plain: true, labels: true }}
        marks={{ lit: props.mark, onMark: props.onMark }}
        className="h-72"
      />
      <label className="flex items-center gap-2">
        <span className="text-sm text-soft">Where</span>
        <select
          className="min-h-12 flex-1 rounded-sm border border-edge bg-page px-2"
          value={props.mark ?? ''}
          onChange={(e) => props.onMark(e.target.value === '' ? undefined : e.target.value)}
        >
          <option value="">Tap the plan, or choose</option>
          {names.map((name) => (
            <option key={name} value={name}>
              {name}
            </option>
          ))}
        </select>
      </label>
    </>
  );
}
