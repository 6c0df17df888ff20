import type { View } from '../../../shared/plan';
import { lengthText, usePreferences } from '../../../shared/units';
import type { Room } from '../api';

/** Pixels a letter of the leader's text takes, at most. */
const LETTER = 9;

/** A room, led out from the spot to what leaves it. */
export function RoomLeader({ room, view, text }: { room: Room; view: View; text?: string | undefined }) {
  const { system } = usePreferences();
  const from = { x: view.x(room.at.x), y: view.y(room.at.y) };
  const to = { x: view.x(room.nearest.x), y: view.y(room.nearest.y) };
  const said = text ?? lengthText(room.roomMetres, system);
  const wide = said.length * LETTER + 60;
  // To the right where it fits, else to the left; on a narrow plan where neither does, centred.
  const right = from.x + wide < view.width;
  const centred = !right && from.x < wide;
  const below = from.y < view.height / 2;
  const label = {
    x: centred ? view.width / 2 : Math.min(view.width - 14, Math.max(14, from.x + (right ? 46 : -46))),
    y: Math.min(view.height - 34, Math.max(24, from.y + (below ? 44 : -40))),
  };
  return (
    <g aria-hidden="true">
      <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} stroke="var(--plan-cone)" strokeWidth={3} />
      <path d={`M${from.x} ${from.y}L${label.x} ${label.y - 5}`} stroke="var(--plan-cone)" strokeWidth={1} />
      <text
        x={label.x + (centred ? 0 : right ? 4 : -4)}
        y={label.y}
        textAnchor={centred ? 'middle' : right ? 'start' : 'end'}
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
