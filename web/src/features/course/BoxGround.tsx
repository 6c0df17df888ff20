import { pathOf, type View } from '../../shared/plan';
import type { Evaluation } from './api';

type Cone = Evaluation['cones'][number];

/** Lines as chalk; tall cones as rings true to their base, flat markers as short bars. */
export function BoxGround({
  evaluation,
  view,
  labels,
}: {
  evaluation: Evaluation;
  view: View;
  labels: boolean;
}) {
  const out = evaluation.turnSide === 'LEFT' ? 1 : -1;
  return (
    <g>
      {evaluation.lines.map((l) => (
        <path
          key={l.name}
          d={pathOf([l.from, l.to], view)}
          stroke="var(--chalk)"
          strokeWidth={2}
          fill="none"
        />
      ))}
      {evaluation.cones.map((c) => (
        <Mark key={c.label} cone={c} view={view} />
      ))}
      {evaluation.cones
        .filter((c) => labels || c.label.length === 1)
        .map((c) => (
          <text
            key={c.label}
            x={view.x(c.centre.x) + (c.role === 'CORNER' ? 15 : onFarLine(c) ? 18 : 0)}
            y={
              onFarLine(c)
                ? view.y(c.centre.y) + 5
                : view.y(c.centre.y) + (c.centre.y * out <= 0 ? 22 * out : -11 * out) + (out === 1 ? 0 : 8)
            }
            fill="var(--chalk)"
            textAnchor="middle"
            fontSize={13}
            fontWeight={600}
          >
            {c.label}
          </text>
        ))}
    </g>
  );
}

/** Whether an edge mark stands on the far line, where a label above it would lie on the line. */
function onFarLine(cone: Cone): boolean {
  return cone.role === 'EDGE' && cone.mark.x !== cone.centre.x;
}

function Mark({ cone, view }: { cone: Cone; view: View }) {
  const x = view.x(cone.centre.x);
  const y = view.y(cone.centre.y);
  if (cone.sort === 'TALL') {
    const r = Math.max(5, 0.14 * view.pixelsPerMetre);
    return (
      <g>
        <circle cx={x} cy={y} r={r} fill="none" stroke="var(--plan-cone)" strokeWidth={2.5} />
        <circle cx={x} cy={y} r={1.6} fill="var(--plan-cone)" />
      </g>
    );
  }
  const half = Math.max(4, 0.1 * view.pixelsPerMetre);
  const across = !onFarLine(cone);
  return (
    <rect
      x={x - (across ? half : 2.5)}
      y={y - (across ? 2.5 : half)}
      width={across ? 2 * half : 5}
      height={across ? 5 : 2 * half}
      fill="var(--plan-cone)"
    />
  );
}
