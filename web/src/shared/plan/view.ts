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

/** The view that shows the bounds as large as the drawing allows, in its middle; the margin is in pixels. */
export function fitView(bounds: Bounds, width: number, height: number, margin = { x: 0, y: 0 }): View {
  const scale = Math.min(
    Math.max(1, width - 2 * margin.x) / (bounds.maxX - bounds.minX),
    Math.max(1, height - 2 * margin.y) / (bounds.maxY - bounds.minY),
  );
  const middleX = (bounds.minX + bounds.maxX) / 2;
  const middleY = (bounds.minY + bounds.maxY) / 2;
  const halfX = width / 2 / scale;
  const halfY = height / 2 / scale;
  return {
    width,
    height,
    pixelsPerMetre: scale,
    x: (m) => (m - middleX) * scale + width / 2,
    y: (m) => height / 2 - (m - middleY) * scale,
    metresX: (p) => (p - width / 2) / scale + middleX,
    metresY: (p) => (height / 2 - p) / scale + middleY,
    bounds: { minX: middleX - halfX, maxX: middleX + halfX, minY: middleY - halfY, maxY: middleY + halfY },
  };
}

/** A path through places on the ground. */
export function pathOf(points: Ground[], view: View): string {
  return points
    .map((p, i) => `${i === 0 ? 'M' : 'L'}${view.x(p.x).toFixed(1)} ${view.y(p.y).toFixed(1)}`)
    .join('');
}

/** Multiples of a step within a range. */
export function ticks(from: number, to: number, step: number): number[] {
  const first = Math.ceil(from / step);
  const last = Math.floor(to / step);
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => (first + i) * step);
}
