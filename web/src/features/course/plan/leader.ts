/** Part of a drawing, in pixels. */
export interface Box {
  minX: number;
  maxX: number;
  minY: number;
  maxY: number;
}

/** Where words that are led out from a spot stand: the end they are led to, in pixels, and how they run from there. */
export interface Led {
  x: number;
  y: number;
  anchor: 'start' | 'middle' | 'end';
}

/** How far out words are led, in pixels. */
const OUT = 46;
const BELOW = 44;
const ABOVE = -40;

/** Between the end of the leader and the words, in pixels. */
export const GAP = 4;

/** What words keep from the edges of the drawing, in pixels: beside, above, and below, where the scale bar is. */
const BESIDE = 14;
const TOP = 24;
const BOTTOM = 34;

/**
 * Where words of a width stand that are led out from a spot: to the right where they fit, else to the left, towards the
 * middle of the drawing; off what is taken, if there is a place where they are. Where they fit on neither side they are
 * centred, or else at an edge.
 */
export function ledFrom(
  from: { x: number; y: number },
  wide: number,
  drawing: { width: number; height: number },
  taken: Box[],
): Led {
  const { width, height } = drawing;
  const clearance = OUT + GAP + wide + BESIDE;
  const ends: Pick<Led, 'x' | 'anchor'>[] = [];
  if (from.x + clearance < width) ends.push({ x: from.x + OUT, anchor: 'start' });
  if (from.x > clearance) ends.push({ x: from.x - OUT, anchor: 'end' });
  if (ends.length === 0) {
    for (const x of [width / 2, width - BESIDE - wide / 2, BESIDE + wide / 2])
      ends.push({ x, anchor: 'middle' });
  }
  const heights = from.y < height / 2 ? [BELOW, ABOVE] : [ABOVE, BELOW];
  const places = ends.flatMap((end) =>
    heights.map((by): Led => ({ ...end, y: Math.min(height - BOTTOM, Math.max(TOP, from.y + by)) })),
  );
  const free = places.find((place) => !taken.some((box) => overlap(box, boxOf(place, wide))));
  return free ?? places[0] ?? { ...from, anchor: 'middle' };
}

/** How far words reach above and below the line they stand on, in pixels. */
const RISE = 15;
const FALL = 5;

function boxOf({ x, y, anchor }: Led, wide: number): Box {
  const minX = { start: x + GAP, middle: x - wide / 2, end: x - GAP - wide }[anchor];
  return { minX, maxX: minX + wide, minY: y - RISE, maxY: y + FALL };
}

function overlap(a: Box, b: Box): boolean {
  return a.minX < b.maxX && b.minX < a.maxX && a.minY < b.maxY && b.minY < a.maxY;
}
