import { colourOf, pathOf, type View } from '../../../shared/plan';
import type { Plan } from '../api';

type Cone = Plan['cones'][number];

/** Lines as chalk; tall cones as rings true to their base, flat markers as short bars as long as theirs. */
export function Ground(props: { plan: Plan; view: View; labels: boolean; lit?: string | undefined }) {
  const { plan, view } = props;
  return (
    <g>
      {plan.lines.map((l, i) => (
        <path
          key={i}
          d={pathOf([l.from, l.to], view)}
          stroke="var(--chalk)"
          strokeWidth={l.name === props.lit ? 6 : l.sort === 'BOUNDARY' ? 2 : 1.2}
          strokeDasharray={l.sort === 'MARK' ? '8 5' : l.sort === 'AREA' ? '2 6' : undefined}
          opacity={l.sort === 'AREA' ? 0.55 : 1}
          fill="none"
        />
      ))}
      {plan.cones.map((c) => (
        <Mark key={c.label} cone={c} view={view} lit={c.label === props.lit} />
      ))}
      {plan.cones
        .filter((c) => props.labels || c.label.length === 1)
        .map((c) => (
          <Label key={c.label} cone={c} plan={plan} view={view} />
        ))}
    </g>
  );
}

/** A label beside its cone, away from the middle of the course, so that it does not lie on the line ridden. */
function Label({ cone, plan, view }: { cone: Cone; plan: Plan; view: View }) {
  const middleY = (plan.area.minY + plan.area.maxY) / 2;
  const onAxis = cone.mark.x === cone.centre.x && cone.mark.y === cone.centre.y;
  const away = onAxis ? 0 : Math.sign(cone.centre.y - cone.mark.y);
  const below = away === 0 ? cone.centre.y < middleY : away < 0;
  const sideways = !onAxis && away === 0;
  return (
    <text
      x={view.x(cone.centre.x) + (sideways ? 16 : 0)}
      y={view.y(cone.centre.y) + (sideways ? 5 : below ? 22 : -12)}
      fill="var(--chalk)"
      textAnchor="middle"
      fontSize={13}
      fontWeight={600}
      paintOrder="stroke"
      stroke="var(--tarmac)"
      strokeWidth={4}
    >
      {cone.label}
    </text>
  );
}

function Mark({ cone, view, lit }: { cone: Cone; view: View; lit: boolean }) {
  const x = view.x(cone.centre.x);
  const y = view.y(cone.centre.y);
  const halo = lit && <circle cx={x} cy={y} r={15} fill="none" stroke="var(--chalk)" strokeWidth={2} />;
  const { marker } = cone;
  const base = (marker.baseMetres / 2) * view.pixelsPerMetre;
  if (marker.sort === 'TALL') {
    const r = Math.max(5, base);
    return (
      <g>
        {halo}
        <circle cx={x} cy={y} r={r} fill="none" stroke={colourOf(marker)} strokeWidth={2.5} />
        <circle cx={x} cy={y} r={1.6} fill={colourOf(marker)} />
      </g>
    );
  }
  const half = Math.max(4, base);
  const across = Math.abs(cone.centre.y - cone.mark.y) >= Math.abs(cone.centre.x - cone.mark.x);
  return (
    <g>
      {halo}
      <rect
        x={x - (across ? half : 2.5)}
        y={y - (across ? 2.5 : half)}
        width={across ? 2 * half : 5}
        height={across ? 5 : 2 * half}
        fill={colourOf(marker)}
      />
    </g>
  );
}
