import { scaleLinear } from 'd3-scale';
import { line as curve } from 'd3-shape';
import type { Line, Place } from '../api';

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
  const along = scaleLinear([0, line.lengthMetres], [0, width]);
  const up = scaleLinear([-1, 1], [height / 2 + height / 2.1, height / 2 - height / 2.1]).clamp(true);
  return (
    curve<Place>(
      (p) => along(p.distanceMetres),
      (p) => up(value(p)),
    ).digits(1)(line.places) ?? ''
  );
}
