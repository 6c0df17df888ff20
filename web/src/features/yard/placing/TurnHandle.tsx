import { useRef } from 'react';
import type { View } from '../../../shared/plan';
import type { Stand, Standing } from '../api';

/** Turns are rounded to this, in degrees. */
const TURN_STEP = 5;

/** A handle ahead of a course that turns it about its own origin. */
export function TurnHandle({
  course,
  view,
  onMove,
}: {
  course: Standing;
  view: View;
  onMove: (stand: Stand) => void;
}) {
  const turning = useRef(false);
  const { stand } = course;
  const origin = { x: view.x(stand.xMetres), y: view.y(stand.yMetres) };
  // Ahead of the course: beyond the middle of the side its x axis points to.
  const [, b, c] = course.area;
  if (b === undefined || c === undefined) return null;
  const ahead = {
    x: (view.x(b.x) + view.x(c.x)) / 2 + 20 * Math.cos(stand.turnRadians),
    y: (view.y(b.y) + view.y(c.y)) / 2 - 20 * Math.sin(stand.turnRadians),
  };
  // Seen from the origin, the handle lies off the x axis by this much.
  const off = Math.atan2(-(ahead.y - origin.y), ahead.x - origin.x) - stand.turnRadians;
  const turnTo = (radians: number) => {
    const step = (TURN_STEP * Math.PI) / 180;
    const turned = Math.round(radians / step) * step;
    onMove({ ...stand, turnRadians: Math.atan2(Math.sin(turned), Math.cos(turned)) });
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`Turn ${course.name}`}
      aria-valuemin={-180}
      aria-valuemax={180}
      aria-valuenow={Math.round((stand.turnRadians * 180) / Math.PI)}
      className="cursor-grab touch-none"
      onPointerDown={(e) => {
        turning.current = true;
        e.stopPropagation();
        e.currentTarget.setPointerCapture(e.pointerId);
      }}
      onPointerMove={(e) => {
        const box = e.currentTarget.ownerSVGElement?.getBoundingClientRect();
        if (!turning.current || box === undefined) return;
        const x = e.clientX - box.left - origin.x;
        const y = e.clientY - box.top - origin.y;
        turnTo(Math.atan2(-y, x) - off);
      }}
      onPointerUp={() => {
        turning.current = false;
      }}
      onKeyDown={(e) => {
        const way = { ArrowLeft: 1, ArrowUp: 1, ArrowRight: -1, ArrowDown: -1 }[e.key];
        if (way === undefined) return;
        e.preventDefault();
        e.stopPropagation();
        turnTo(stand.turnRadians + (way * TURN_STEP * Math.PI) / 180);
      }}
    >
      <circle cx={ahead.x} cy={ahead.y} r={20} fill="transparent" />
      <circle cx={ahead.x} cy={ahead.y} r={7} fill="var(--cone)" stroke="var(--chalk)" strokeWidth={2} />
      <path
        d={`M${ahead.x - 3} ${ahead.y + 2}a3.5 3.5 0 1 1 5 1`}
        stroke="#fff"
        strokeWidth={1.4}
        fill="none"
      />
    </g>
  );
}
