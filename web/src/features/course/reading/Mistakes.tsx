import { CalculationNote } from '../../../shared/ui';
import { lengthText, usePreferences } from '../../../shared/units';
import { useMistakes, type MistakeCost, type CalculationRequest } from '../api';
import { mistakeText, sorted } from './mistakes';

/** What one mistake costs in room, the worst first. */
export function Mistakes({ of }: { of: CalculationRequest }) {
  const { system, speed } = usePreferences();
  const costs = useMistakes(of);
  if (costs.data?.costs.length === 0) return null;
  const { dear, free, open } = sorted(costs.data?.costs ?? []);
  const most = Math.max(...dear.map((c) => c.lostMetres), 0.01);
  const names = (list: MistakeCost[]) => list.map((c) => mistakeText(c.mistake, system, speed)).join(', ');
  return (
    <section
      aria-label="What a mistake costs"
      className={`grid min-h-49 content-start gap-1 ${costs.stale ? 'opacity-50' : ''}`}
    >
      <h3 className="text-sm text-soft">What a mistake costs in clearance, an estimate</h3>
      <ul className="grid gap-1.5">
        {dear.map((c) => (
          <li key={c.mistake} className="grid grid-cols-[1fr_auto] gap-x-3 text-sm">
            <span className="first-letter:uppercase">{mistakeText(c.mistake, system, speed)}</span>
            <span className="figures text-right">
              {c.orMore && 'more than '}
              {lengthText(c.lostMetres, system)}
              {c.clearanceMetres < 0 && <b className="text-brick"> too tight</b>}
            </span>
            <span aria-hidden="true" className="col-span-2 h-1.5 bg-rule">
              <span
                className={`block h-full ${c.clearanceMetres < 0 ? 'bg-brick' : 'bg-ink'}`}
                style={{ width: `${(100 * c.lostMetres) / most}%` }}
              />
            </span>
          </li>
        ))}
      </ul>
      {free.length > 0 && <p className="text-sm">Costs next to nothing here: {names(free)}.</p>}
      {open.length > 0 && <p className="text-sm">Not solved: {names(open)}.</p>}
      {costs.data && <p className="text-sm text-soft">One at a time, all else ridden as well as can be.</p>}
      <CalculationNote of={costs} what="what mistakes cost" />
    </section>
  );
}
