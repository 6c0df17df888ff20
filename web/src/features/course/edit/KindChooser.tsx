import { memo, useState } from 'react';
import { around, pathOf, Thumbnail } from '../../../shared/plan';
import { useKindPlans, type CourseKind, type Plan } from '../api';

/** The kind at work; opened, every kind as a small true drawing, the one at work as it is set now. */
export function KindChooser(props: {
  kinds: CourseKind[];
  chosen: CourseKind;
  plan: Plan | undefined;
  open: boolean;
  onChoose: (kind: CourseKind) => void;
}) {
  const [open, setOpen] = useState(props.open);
  const plans = useKindPlans(open);
  return (
    <div>
      <div className="flex flex-wrap items-baseline gap-x-3">
        <button
          type="button"
          aria-expanded={open}
          className="rounded-sm border border-rule bg-panel px-3 py-1 font-semibold hover:border-ink"
          onClick={() => setOpen(!open)}
        >
          {props.chosen.label} <span aria-hidden="true">{open ? '▴' : '▾'}</span>
        </button>
        <span className="min-w-0 flex-1 text-soft">{props.chosen.purpose}</span>
      </div>
      {open && (
        <ul
          aria-label="Kinds of course"
          className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(7rem,1fr))] gap-2"
        >
          {props.kinds.map((kind) => {
            const on = kind.kind === props.chosen.kind;
            return (
              <li key={kind.kind}>
                <button
                  type="button"
                  aria-pressed={on}
                  title={kind.purpose}
                  onClick={() => props.onChoose(kind)}
                  className={`block w-full rounded-sm border p-1 text-left text-xs leading-tight ${on ? 'border-ink bg-ink text-page' : 'border-rule bg-panel hover:border-ink'}`}
                >
                  <Small plan={on && props.plan ? props.plan : plans.get(kind.kind)} />
                  <span className="mt-1 block truncate px-0.5">{kind.label}</span>
                </button>
              </li>
            );
          })}
        </ul>
      )}
    </div>
  );
}

/** Bare ground until the plan is there. Fifteen of them stand by while one is dragged. */
const Small = memo(function Small({ plan }: { plan: Plan | undefined }) {
  const bounds = around(plan ? [...plan.cones.map((c) => c.centre), ...plan.way] : [{ x: 0, y: 0 }], 0.5);
  return (
    <Thumbnail bounds={bounds} width={102} height={56}>
      {(view) =>
        plan && (
          <>
            {plan.lines
              .filter((l) => l.sort === 'BOUNDARY')
              .map((l, i) => (
                <path key={i} d={pathOf([l.from, l.to], view)} stroke="var(--chalk)" strokeWidth={1} />
              ))}
            <path d={pathOf(plan.way, view)} stroke="var(--plan-rear)" strokeWidth={1.6} fill="none" />
            {plan.cones.map((c) => (
              <circle
                key={c.label}
                cx={view.x(c.centre.x)}
                cy={view.y(c.centre.y)}
                r={1.5}
                fill="var(--plan-cone)"
              />
            ))}
          </>
        )
      }
    </Thumbnail>
  );
});
