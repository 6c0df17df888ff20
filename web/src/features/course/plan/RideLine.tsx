import { memo } from 'react';
import { pathOf, sameView, type Ground, type View } from '../../../shared/plan';
import type { Line, Place } from '../api';

interface Drawn {
  line: Line;
  view: View;
  other?: boolean;
}

/** Drawn anew where it changes only: its paths are long, and much about them changes while something is dragged. */
export const RideLine = memo(
  Paths,
  (a, b) => a.line === b.line && a.other === b.other && sameView(a.view, b.view),
);

/** Rear wheel heavy, front wheel thin, the swept band as a light wash, chevrons along the way ridden. */
function Paths({ line, view, other }: Drawn) {
  const rear = line.places.map((p) => p.rear);
  const front = line.places.map((p) => p.front);
  const band = [...line.places.map((p) => p.left), ...line.places.map((p) => p.right).toReversed()];
  const colour = other ? 'var(--plan-other)' : 'var(--plan-rear)';
  return (
    <g aria-hidden="true">
      <path d={pathOf(band, view) + 'Z'} fill={colour} opacity={other ? 0.1 : 0.16} />
      <path
        d={pathOf(front, view)}
        stroke={other ? colour : 'var(--chalk)'}
        strokeWidth={1.3}
        fill="none"
        strokeDasharray={other ? '3 4' : undefined}
      />
      <path
        className={other ? 'other-rear-wheel' : 'rear-wheel'}
        d={pathOf(rear, view)}
        stroke={colour}
        strokeWidth={other ? 2.4 : 3.2}
        strokeDasharray={other ? '9 5' : undefined}
        fill="none"
      />
      {!other && chevrons(rear, line.lengthMetres, view)}
    </g>
  );
}

/** How far apart chevrons stand, in metres, so that the way can be told wherever it crosses itself. */
const CHEVRONS_APART = 5.6;

function chevrons(points: Ground[], metres: number, view: View) {
  const count = Math.max(3, Math.round(metres / CHEVRONS_APART));
  return Array.from({ length: count }, (_, n) => {
    const i = Math.floor(((n + 0.5) / count) * (points.length - 2));
    const a = points[i];
    const b = points[i + 1];
    if (a === undefined || b === undefined) return null;
    const angle = (Math.atan2(view.y(b.y) - view.y(a.y), view.x(b.x) - view.x(a.x)) * 180) / Math.PI;
    return (
      <path
        key={n}
        d="M-6 -7L4 0L-6 7"
        transform={`translate(${view.x(a.x)} ${view.y(a.y)}) rotate(${angle})`}
        stroke="var(--chalk)"
        strokeWidth={2.2}
        fill="none"
      />
    );
  });
}

/** The machine where it is: outline through its wheels and widest points, the rear wheel filled. */
export function Outline({ place, view }: { place: Place; view: View }) {
  const { rear, front, left, right } = place;
  const dot = (p: Ground, r: number, fill: string) => (
    <circle cx={view.x(p.x)} cy={view.y(p.y)} r={r} fill={fill} stroke="var(--tarmac)" strokeWidth={1.5} />
  );
  return (
    <g className="outline-now" aria-hidden="true">
      <path
        d={pathOf([rear, left, front, right], view) + 'Z'}
        fill="var(--chalk)"
        fillOpacity={0.25}
        stroke="var(--chalk)"
        strokeWidth={2}
      />
      <path d={pathOf([rear, front], view)} stroke="var(--chalk)" strokeWidth={2.5} />
      {dot(front, 4.5, 'var(--chalk)')}
      {dot(rear, 6, 'var(--plan-rear)')}
    </g>
  );
}
