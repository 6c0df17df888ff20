import type { View } from '../../shared/plan';
import { lengthText, usePreferences } from '../../shared/units';
import type { Evaluation } from './api';

/** The room at the line that binds, led out from the spot. */
export function RoomLeader(props: { evaluation: Evaluation; view: View; farX: number; exitY: number }) {
  const { evaluation, view } = props;
  const { system } = usePreferences();
  const fit = evaluation.pairs[0]?.asSet;
  const front = evaluation.drawn?.front;
  if (fit === undefined || front === undefined) return null;
  const far = fit.bindingLine === 'far line';
  const reach = (p: { x: number; y: number }) => (far ? p.x : p.y * Math.sign(props.exitY));
  const spot = front.reduce((best, p) => (reach(p) > reach(best) ? p : best));
  const wall = far ? { x: props.farX, y: spot.y } : { x: spot.x, y: props.exitY };
  const label = {
    x: view.x(spot.x) + (far ? -150 : -96),
    y: view.y(spot.y) + (far ? 0 : 40 * Math.sign(props.exitY)),
  };
  return (
    <g aria-hidden="true">
      <path
        d={`M${view.x(spot.x)} ${view.y(spot.y)}L${view.x(wall.x)} ${view.y(wall.y)}`}
        stroke="var(--plan-cone)"
        strokeWidth={3}
      />
      <path
        d={`M${view.x(spot.x)} ${view.y(spot.y)}L${label.x + 60} ${label.y}`}
        stroke="var(--plan-cone)"
        strokeWidth={1}
      />
      <text
        x={label.x + 56}
        y={label.y + 5}
        textAnchor="end"
        fill="var(--plan-cone)"
        className="figures"
        fontSize={15}
        fontWeight={600}
        paintOrder="stroke"
        stroke="var(--tarmac)"
        strokeWidth={5}
      >
        {lengthText(fit.room.metres, system)}
      </text>
    </g>
  );
}
