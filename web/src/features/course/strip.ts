import type { Line, Place } from './api';

/** How heavily each part of a turn is shaded: held most, rolled in and out less. */
const SHADES: Record<Line['phases'][number]['doing'], number> = {
  ROLLS_IN: 0.1,
  HOLDS: 0.24,
  ROLLS_OUT: 0.1,
};

/** The turns along a strip of a width. */
export function bandsOf(line: Line, width: number): { x: number; width: number; opacity: number }[] {
  const scale = width / line.lengthMetres;
  return line.phases.map((p) => ({
    x: p.fromMetres * scale,
    width: (p.toMetres - p.fromMetres) * scale,
    opacity: SHADES[p.doing],
  }));
}

/** A curve along the strip of a value between −1 and 1, zero in the middle, left up. */
export function curveOf(line: Line, value: (p: Place) => number, width: number, height: number): string {
  const scale = width / line.lengthMetres;
  return line.places
    .filter((_, i) => i % 2 === 0 || i === line.places.length - 1)
    .map((p, i) => {
      const v = Math.max(-1, Math.min(1, value(p)));
      const y = height / 2 - (v * height) / 2.1;
      return `${i === 0 ? 'M' : 'L'}${(p.distanceMetres * scale).toFixed(1)} ${y.toFixed(1)}`;
    })
    .join('');
}
