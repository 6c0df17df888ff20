/** A place on the ground: x along the run, y to the left, in metres. */
export interface Ground {
  x: number;
  y: number;
}

/** Corners of what has to be in view, in metres. */
export interface Bounds {
  minX: number;
  maxX: number;
  minY: number;
  maxY: number;
}

/** The corners of what lies round some places, and so far beyond, in metres. */
export function around(places: Ground[], beyond = 0): Bounds {
  const xs = places.map((p) => p.x);
  const ys = places.map((p) => p.y);
  return {
    minX: Math.min(...xs) - beyond,
    maxX: Math.max(...xs) + beyond,
    minY: Math.min(...ys) - beyond,
    maxY: Math.max(...ys) + beyond,
  };
}

/** From ground to screen: x to the right, y up, one scale both ways. */
export interface View {
  width: number;
  height: number;
  pixelsPerMetre: number;
  x: (metres: number) => number;
  y: (metres: number) => number;
  metresX: (pixels: number) => number;
  metresY: (pixels: number) => number;
  bounds: Bounds;
}

/** Kept free at each side of a drawing, in pixels. */
export interface Margin {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** The same at both sides, and above and below. */
export function evenly(x: number, y: number): Margin {
  return { left: x, right: x, top: y, bottom: y };
}

/** A drawing less wide than this is on a phone, in pixels: what stands round it comes nearer. */
export const NARROW = 520;

/** The view that shows the bounds as large as the drawing allows, in the middle of what its margin leaves. */
export function fitView(bounds: Bounds, width: number, height: number, margin = evenly(0, 0)): View {
  const { left, right, top, bottom } = margin;
  const scale = Math.min(
    Math.max(1, width - left - right) / (bounds.maxX - bounds.minX),
    Math.max(1, height - top - bottom) / (bounds.maxY - bounds.minY),
  );
  const middleX = (bounds.minX + bounds.maxX) / 2;
  const middleY = (bounds.minY + bounds.maxY) / 2;
  const centre = { x: (left + width - right) / 2, y: (top + height - bottom) / 2 };
  return viewOf(width, height, scale, { x: middleX, y: middleY }, centre);
}

/** A closer look at a drawing: so many times as large, with a place of the ground in the middle. */
export interface Closer {
  times: number;
  middle: Ground;
}

/** The view of a closer look. */
export function closerView({ width, height, pixelsPerMetre }: View, { times, middle }: Closer): View {
  return viewOf(width, height, times * pixelsPerMetre, middle, { x: width / 2, y: height / 2 });
}

/** The place within bounds that is nearest to a place. */
export function within(place: Ground, { minX, maxX, minY, maxY }: Bounds): Ground {
  return { x: Math.min(maxX, Math.max(minX, place.x)), y: Math.min(maxY, Math.max(minY, place.y)) };
}

/** The view at a scale that shows a place of the ground at a place of the drawing. */
function viewOf(width: number, height: number, scale: number, middle: Ground, centre: Ground): View {
  const { x: middleX, y: middleY } = middle;
  const { x: centreX, y: centreY } = centre;
  const metresX = (p: number) => (p - centreX) / scale + middleX;
  const metresY = (p: number) => (centreY - p) / scale + middleY;
  return {
    width,
    height,
    pixelsPerMetre: scale,
    x: (m) => (m - middleX) * scale + centreX,
    y: (m) => centreY - (m - middleY) * scale,
    metresX,
    metresY,
    bounds: { minX: metresX(0), maxX: metresX(width), minY: metresY(height), maxY: metresY(0) },
  };
}

/** Whether two views show the same ground at the same place. */
export function sameView(a: View, b: View): boolean {
  return (
    a.width === b.width &&
    a.height === b.height &&
    a.pixelsPerMetre === b.pixelsPerMetre &&
    a.bounds.minX === b.bounds.minX &&
    a.bounds.minY === b.bounds.minY
  );
}

/** A path through places on the ground. */
export function pathOf(points: Ground[], view: View): string {
  return points
    .map((p, i) => `${i === 0 ? 'M' : 'L'}${view.x(p.x).toFixed(1)} ${view.y(p.y).toFixed(1)}`)
    .join('');
}

/** Whether something runs so far to the right that a narrow drawing shows it larger turned a quarter. */
export function isLong({ minX, maxX, minY, maxY }: Bounds): boolean {
  return maxX - minX > LONG * (maxY - minY);
}

/** So many times as long as it is wide; less is not worth turning one's head for. */
const LONG = 1.6;

/** A copy of something measured on the ground, turned a quarter to the left: what ran to the right runs up. */
export function quarterTurned<T>(of: T): T {
  if (Array.isArray(of)) return of.map((o: unknown) => quarterTurned(o)) as T;
  if (typeof of !== 'object' || of === null) return of;
  const turned = Object.fromEntries(
    Object.entries(of).map(([key, value]) => [key, quarterTurned<unknown>(value)]),
  );
  const { x, y, minX, maxX, minY, maxY } = of as Partial<Ground & Bounds>;
  if (typeof x === 'number' && typeof y === 'number') return { ...turned, x: -y, y: x } as T;
  return (
    minX !== undefined && maxX !== undefined && minY !== undefined && maxY !== undefined
      ? { ...turned, minX: -maxY, maxX: -minY, minY: minX, maxY: maxX }
      : turned
  ) as T;
}

/** Multiples of a step within a range. */
export function ticks(from: number, to: number, step: number): number[] {
  const first = Math.ceil(from / step);
  const last = Math.floor(to / step);
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => (first + i) * step);
}

/** The nearest place at multiples of a step, in metres. */
export function snappedTo(step: number, { x, y }: Ground): Ground {
  return { x: Math.round(x / step) * step, y: Math.round(y / step) * step };
}

/** How many steps an arrow key moves something by with Shift. */
const MANY = 10;

/** Where an arrow key moves something on the ground: by a step, with Shift by ten; nothing for another key. */
export function arrowed(
  e: { key: string; shiftKey: boolean },
  from: Ground,
  step: number,
): Ground | undefined {
  const way = arrowWay(e.key);
  const by = e.shiftKey ? MANY * step : step;
  return way && snappedTo(step, { x: from.x + way[0] * by, y: from.y + way[1] * by });
}

/** Which way an arrow key points on the ground, as steps along x and y; nothing for another key. */
export function arrowWay(key: string): [number, number] | undefined {
  const ways: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  };
  return ways[key];
}
