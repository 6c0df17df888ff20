import { describe, expect, it } from 'vitest';
import { fitView } from '../../../shared/plan';
import type { Obstacle } from '../model';
import {
  bayRowDrawn,
  cornerStep,
  endsOf,
  entranceAt,
  lastLineOf,
  lyingFrom,
  obstacleDrawn,
  stretched,
} from './drawn';

const WALL = {
  kind: 'WALL' as const,
  label: 'wall or fence',
  blocks: true,
  lengthMetres: 5,
  widthMetres: 0.2,
  keepClearMetres: 1.5,
};
const ROW = { xMetres: 2, yMetres: 0, turnRadians: 0, count: 8, bayMetres: 2.5, depthMetres: 5 };
const RECTANGLE = [
  { x: 0, y: 0 },
  { x: 40, y: 0 },
  { x: 40, y: 20 },
  { x: 0, y: 20 },
];

describe('where corners can be put down', () => {
  it('is finer the closer one looks, in the units that are read', () => {
    const near = fitView({ minX: 0, maxX: 40, minY: 0, maxY: 20 }, 800, 400);
    const far = fitView({ minX: 0, maxX: 400, minY: 0, maxY: 200 }, 800, 400);
    expect(cornerStep(near, 'METRIC')).toBe(0.5);
    expect(cornerStep(far, 'METRIC')).toBe(5);
    expect(cornerStep(near, 'IMPERIAL')).toBeCloseTo(0.3048, 9);
  });
});

describe('an obstacle', () => {
  it('has its usual size where it is only pointed at', () => {
    const there = { x: 3, y: 4 };
    expect(obstacleDrawn(WALL, there, there)).toMatchObject({
      xMetres: 3,
      yMetres: 4,
      lengthMetres: 5,
      widthMetres: 0.2,
      turnRadians: 0,
    });
  });

  it('reaches from end to end where it is drawn', () => {
    const drawn = obstacleDrawn(WALL, { x: 1, y: 1 }, { x: 4, y: 5 });
    expect(drawn).toMatchObject({ xMetres: 2.5, yMetres: 3, lengthMetres: 5, widthMetres: 0.2 });
    const [from, to] = endsOf(drawn);
    expect(from.x).toBeCloseTo(1, 9);
    expect(to.y).toBeCloseTo(5, 9);
    expect(stretched(from, to).turnRadians).toBeCloseTo(drawn.turnRadians, 9);
  });
});

describe('a row of bays', () => {
  it('counts the bays between its first and its last line', () => {
    const row = bayRowDrawn(ROW, { x: 1, y: 2 }, { x: 1, y: 14.2 });
    expect(row.count).toBe(5);
    expect(row.turnRadians).toBeCloseTo(Math.PI / 2, 9);
    expect(lastLineOf(row).y).toBeCloseTo(14.5, 9);
  });

  it('has one bay at least, and the usual count where it is only pointed at', () => {
    expect(bayRowDrawn(ROW, { x: 1, y: 2 }, { x: 2.5, y: 2 }).count).toBe(1);
    expect(bayRowDrawn(ROW, { x: 1, y: 2 }, { x: 1, y: 2 }).count).toBe(8);
  });
});

describe('the way in', () => {
  it('is on the side nearest to where it is pointed at', () => {
    expect(entranceAt({ x: 41, y: 7.02 }, RECTANGLE)).toEqual({ side: 1, alongMetres: 7 });
    expect(entranceAt({ x: 12, y: 19 }, RECTANGLE)).toEqual({ side: 2, alongMetres: 28 });
  });

  it('stays within the side', () => {
    expect(entranceAt({ x: -6, y: -1 }, RECTANGLE).alongMetres).toBe(0);
  });
});

it('what lies on the yard stays where it is when corner A moves', () => {
  const post: Obstacle = { ...obstacleDrawn(WALL, { x: 10, y: 10 }, { x: 10, y: 10 }), turnRadians: 1 };
  const axes = { xMetres: 2, yMetres: 1, turnRadians: Math.PI / 2 };
  const seen = lyingFrom(axes, post);
  // From A at (2, 1) looking up, 9 m ahead and 8 m to the right.
  expect(seen.xMetres).toBeCloseTo(9, 9);
  expect(seen.yMetres).toBeCloseTo(-8, 9);
  expect(seen.turnRadians).toBeCloseTo(1 - Math.PI / 2, 9);
});
