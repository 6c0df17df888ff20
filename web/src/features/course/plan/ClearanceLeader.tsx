import type { View } from '../../../shared/plan';
import { lengthText, usePreferences } from '../../../shared/units';
import type { Clearance } from '../api';
import { GAP, ledFrom, type Box } from './leader';

/** Pixels a letter of the leader's text takes, at most. */
const LETTER = 9;

/** A room, led out from the spot to what leaves it. */
export function ClearanceLeader(props: {
  clearance: Clearance;
  view: View;
  text?: string | undefined;
  taken: Box[];
}) {
  const { clearance, view, text, taken } = props;
  const { system } = usePreferences();
  const from = { x: view.x(clearance.at.x), y: view.y(clearance.at.y) };
  const to = { x: view.x(clearance.nearest.x), y: view.y(clearance.nearest.y) };
  const said = text ?? lengthText(clearance.clearanceMetres, system);
  const label = ledFrom(from, said.length * LETTER, view, taken);
  return (
    <g aria-hidden="true">
      <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} stroke="var(--plan-cone)" strokeWidth={3} />
      <path d={`M${from.x} ${from.y}L${label.x} ${label.y - 5}`} stroke="var(--plan-cone)" strokeWidth={1} />
      <text
        x={label.x + { start: GAP, middle: 0, end: -GAP }[label.anchor]}
        y={label.y}
        textAnchor={label.anchor}
        fill="var(--plan-cone)"
        className="figures"
        fontSize={15}
        fontWeight={600}
        paintOrder="stroke"
        stroke="var(--tarmac)"
        strokeWidth={5}
      >
        {said}
      </text>
    </g>
  );
}
