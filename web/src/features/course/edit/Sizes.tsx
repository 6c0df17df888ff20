import { Term } from '../../../shared/ui';
import { sayLength, difficultyText, usePreferences } from '../../../shared/units';
import type { Ladder } from '../api';
import { baysText } from '../model';

/** The sizes of a machine: one press sets the course to one. */
export function Sizes(props: {
  ladder: Ladder | undefined;
  label: string;
  machineName: string | undefined;
  setting: number;
  onSize: (metres: number) => void;
}) {
  const { system } = usePreferences();
  if (props.machineName === undefined) return null;
  return (
    <div className="min-h-17">
      <div className="mb-1 text-sm text-soft">
        <Term word="size">Sizes</Term> of {props.label} for {props.machineName}
        {props.ladder?.sizes.some((r) => r.difficulty !== undefined) && ', with their difficulty'}
      </div>
      <div role="group" aria-label="Sizes" className="flex flex-wrap">
        {props.ladder?.sizes.map((r) => {
          const on = Math.abs(r.settingMetres - props.setting) < 0.005;
          const { figure, unit } = sayLength(r.settingMetres, system);
          return (
            <button
              key={r.settingMetres}
              type="button"
              aria-pressed={on}
              onClick={() => props.onSize(r.settingMetres)}
              className={`figures -ml-px min-w-20 border px-3 py-1 first:ml-0 ${on ? 'border-ink bg-ink text-page' : 'border-rule bg-panel hover:border-ink'}`}
            >
              {r.inBays && <span className="block">{baysText(r.inBays.counted)}</span>}
              <span className={r.inBays ? `block text-xs ${on ? '' : 'text-soft'}` : 'block'}>
                {figure} {unit}
              </span>
              <span className={`block text-xs ${on ? '' : 'text-soft'}`}>
                {r.difficulty === undefined ? '\u00a0' : difficultyText(r.difficulty)}
              </span>
            </button>
          );
        }) ?? <span className="text-soft">Calculating…</span>}
        {props.ladder?.sizes.length === 0 && (
          <span className="text-soft">No size of this course suits this machine.</span>
        )}
      </div>
    </div>
  );
}
