import { describe, expect, it } from 'vitest';
import type { Line } from '../api';
import { bandsOf, curveOf } from './strip';

const place = (distanceMetres: number, barsRadians: number) => ({
  distanceMetres,
  rear: { x: 0, y: 0 },
  front: { x: 1, y: 0 },
  left: { x: 0, y: 1 },
  right: { x: 0, y: -1 },
  leanRadians: 0,
  barsRadians,
  clearanceMetres: 1,
});
const clearance = {
  name: 'cone 1',
  part: 'BODY' as const,
  clearanceMetres: 1,
  distanceMetres: 0,
  at: { x: 0, y: 0 },
  nearest: { x: 0, y: 0 },
};
const line: Line = {
  places: [place(0, 0), place(5, 1), place(10, -2)],
  marks: [],
  phases: [
    { doing: 'ROLLS_IN', side: 'LEFT', fromMetres: 0, toMetres: 2 },
    { doing: 'HOLDS', side: 'LEFT', fromMetres: 2, toMetres: 7 },
  ],
  clearances: [clearance],
  binding: clearance,
  steeringShare: 0.5,
  mostLeanRadians: 0.1,
  lengthMetres: 10,
};

describe('the strip along a line', () => {
  it('stretches the turns over its width, held ones the heaviest', () => {
    const [rolls, holds] = bandsOf(line, 500);
    expect(rolls).toMatchObject({ x: 0, width: 100 });
    expect(holds).toMatchObject({ x: 100, width: 250 });
    expect(holds?.opacity).toBeGreaterThan(rolls?.opacity ?? 1);
  });

  it('draws left upwards, and keeps within the strip', () => {
    const points = curveOf(line, (p) => p.barsRadians, 500, 100).match(/-?[\d.]+,-?[\d.]+/g) ?? [];
    const ys = points.map((p) => Number(p.split(',')[1]));
    expect(ys[0]).toBe(50);
    expect(Math.max(...ys)).toBeLessThanOrEqual(100);
    expect(ys.at(-1)).toBeGreaterThan(50);
  });
});
