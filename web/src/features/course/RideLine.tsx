import { pathOf, type Ground, type View } from '../../shared/plan';
import type { Evaluation } from './api';

/** Rear wheel heavy, front wheel thin, the swept band as a light wash, chevrons along the way ridden. */
export function RideLine({ drawn, view }: { drawn: Evaluation['drawn']; view: View }) {
  if (drawn === undefined) return null;
  const rear = drawn.rear;
  const entry = runIn(rear[0], view);
  return (
    <g aria-hidden="true">
      <path
        d={pathOf([...drawn.bandLeft, ...drawn.bandRight.toReversed()], view) + 'Z'}
        fill="var(--plan-rear)"
        opacity={0.16}
      />
      <path d={entry} stroke="var(--chalk)" strokeWidth={1.4} strokeDasharray="7 6" fill="none" />
      <path d={pathOf(drawn.front, view)} stroke="var(--chalk)" strokeWidth={1.3} fill="none" />
      <path
        className="rear-wheel"
        d={pathOf(rear, view)}
        stroke="var(--plan-rear)"
        strokeWidth={3.2}
        fill="none"
      />
      {chevrons(rear, view)}
      <EntryArrow at={rear[0]} view={view} />
    </g>
  );
}

function runIn(first: Ground | undefined, view: View): string {
  return first ? pathOf([{ x: -2.5, y: first.y }, first], view) : '';
}

function EntryArrow({ at, view }: { at: Ground | undefined; view: View }) {
  if (at === undefined) return null;
  const x = view.x(-2.3);
  const y = view.y(at.y);
  return (
    <g>
      <path d={`M${x} ${y - 7}l10 7l-10 7`} stroke="var(--chalk)" strokeWidth={2} fill="none" />
      <text x={x - 2} y={y - 12} fill="var(--chalk)" fontSize={13}>
        rides in
      </text>
    </g>
  );
}

function chevrons(points: Ground[], view: View) {
  return [0.22, 0.5, 0.78].map((share) => {
    const i = Math.floor(share * (points.length - 2));
    const a = points[i];
    const b = points[i + 1];
    if (a === undefined || b === undefined) return null;
    const angle = (Math.atan2(view.y(b.y) - view.y(a.y), view.x(b.x) - view.x(a.x)) * 180) / Math.PI;
    return (
      <path
        key={share}
        d="M-6 -7L4 0L-6 7"
        transform={`translate(${view.x(a.x)} ${view.y(a.y)}) rotate(${angle})`}
        stroke="var(--chalk)"
        strokeWidth={2.2}
        fill="none"
      />
    );
  });
}
