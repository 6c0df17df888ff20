import type { Ground, View } from '../../../shared/plan';
import { METRES_PER_FOOT, type LengthSystem } from '../../../shared/units';
import type { Stand, UsualObstacle } from '../api';
import type { BayRow, Entrance, Obstacle } from '../model';

/** Things are put down and moved by this, in metres: as near as a hand can point. */
export const STEP = 0.1;

/** Where corners can be put down by eye, in metres or feet: the finest at which a finger tells two places apart. */
const COARSER: Record<LengthSystem, number[]> = {
  METRIC: [0.5, 1, 2, 5, 10],
  IMPERIAL: [1, 2, 5, 10, 20, 50].map((feet) => feet * METRES_PER_FOOT),
};

/** Places that can be told apart with a finger lie so many pixels from one another. */
const APART = 6;

/** By how much corners are put down on a drawing, in metres. */
export function cornerStep(view: View, system: LengthSystem): number {
  const steps = COARSER[system];
  return steps.find((s) => s * view.pixelsPerMetre >= APART) ?? (steps.at(-1) as number);
}

const apart = (a: Ground, b: Ground) => Math.hypot(b.x - a.x, b.y - a.y);
const heading = (from: Ground, to: Ground) => Math.atan2(to.y - from.y, to.x - from.x);

/** The corners of a rectangle, A at the origin and AB along x. */
export function rectangleOf(length: number, width: number): Ground[] {
  return [
    { x: 0, y: 0 },
    { x: length, y: 0 },
    { x: length, y: width },
    { x: 0, y: width },
  ];
}

/** An obstacle drawn from end to end; one of the usual size where both ends are one place. */
export function obstacleDrawn(usual: UsualObstacle, from: Ground, to: Ground): Obstacle {
  const { kind, lengthMetres, widthMetres, keepClearMetres } = usual;
  const fresh = { kind, name: '', lengthMetres, widthMetres, turnRadians: 0, keepClearMetres };
  const length = apart(from, to);
  return length < 2 * STEP
    ? { ...fresh, xMetres: from.x, yMetres: from.y }
    : { ...fresh, ...stretched(from, to) };
}

/** Where something lies that reaches from one place to another; as long as a step at least. */
export function stretched(from: Ground, to: Ground) {
  return {
    xMetres: (from.x + to.x) / 2,
    yMetres: (from.y + to.y) / 2,
    lengthMetres: Math.max(STEP, apart(from, to)),
    turnRadians: heading(from, to),
  };
}

/** The two ends of an obstacle. */
export function endsOf(o: Obstacle): [Ground, Ground] {
  const dx = (Math.cos(o.turnRadians) * o.lengthMetres) / 2;
  const dy = (Math.sin(o.turnRadians) * o.lengthMetres) / 2;
  return [
    { x: o.xMetres - dx, y: o.yMetres - dy },
    { x: o.xMetres + dx, y: o.yMetres + dy },
  ];
}

/** A row of bays drawn from its first line to its last; a usual one where both are one place. */
export function bayRowDrawn(usual: BayRow, from: Ground, to: Ground): BayRow {
  const length = apart(from, to);
  const start = { ...usual, xMetres: from.x, yMetres: from.y, turnRadians: 0 };
  return length < usual.bayMetres / 2
    ? start
    : {
        ...start,
        count: Math.max(1, Math.round(length / usual.bayMetres)),
        turnRadians: heading(from, to),
      };
}

/** Where a row of bays ends. */
export function lastLineOf(row: BayRow): Ground {
  const length = row.count * row.bayMetres;
  return {
    x: row.xMetres + Math.cos(row.turnRadians) * length,
    y: row.yMetres + Math.sin(row.turnRadians) * length,
  };
}

/** The way in that is nearest to a place: on which side, and how far along it. */
export function entranceAt(place: Ground, corners: Ground[]): Entrance {
  const ways = corners.map((a, side) => {
    const b = corners[(side + 1) % corners.length] ?? a;
    const length = apart(a, b) || 1;
    const along = ((place.x - a.x) * (b.x - a.x) + (place.y - a.y) * (b.y - a.y)) / length;
    const within = Math.min(length, Math.max(0, Math.round(along / STEP) * STEP));
    const off = apart(place, {
      x: a.x + ((b.x - a.x) * within) / length,
      y: a.y + ((b.y - a.y) * within) / length,
    });
    return { side, alongMetres: within, off };
  });
  const { side, alongMetres } = ways.reduce((best, way) => (way.off < best.off ? way : best));
  return { side, alongMetres };
}

/** A place as it is seen from other axes. */
export function seenFrom({ xMetres, yMetres, turnRadians }: Stand, p: Ground): Ground {
  const c = Math.cos(turnRadians);
  const s = Math.sin(turnRadians);
  const dx = p.x - xMetres;
  const dy = p.y - yMetres;
  return { x: c * dx + s * dy, y: -s * dx + c * dy };
}

/** Something that lies on the yard, as it is seen from other axes. */
export function lyingFrom<T extends { xMetres: number; yMetres: number; turnRadians: number }>(
  axes: Stand,
  thing: T,
): T {
  const at = seenFrom(axes, { x: thing.xMetres, y: thing.yMetres });
  const turned = thing.turnRadians - axes.turnRadians;
  return {
    ...thing,
    xMetres: at.x,
    yMetres: at.y,
    turnRadians: Math.atan2(Math.sin(turned), Math.cos(turned)),
  };
}
