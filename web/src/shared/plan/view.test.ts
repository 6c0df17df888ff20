import { describe, expect, it } from 'vitest';
import {
  around,
  arrowed,
  closerView,
  evenly,
  fitView,
  isLong,
  pathOf,
  quarterTurned,
  sameView,
  snappedTo,
  ticks,
  within,
} from './view';

const bounds = { minX: -4, maxX: 10, minY: -1, maxY: 6 };

describe('the view of a plan', () => {
  const view = fitView(bounds, 800, 300);

  it('is the same where it shows the same ground at the same place', () => {
    expect(sameView(view, fitView({ ...bounds }, 800, 300))).toBe(true);
    expect(sameView(view, fitView({ ...bounds, maxX: 11 }, 800, 300))).toBe(false);
    expect(sameView(view, fitView({ ...bounds, maxY: 7 }, 800, 300))).toBe(false);
    expect(sameView(view, fitView(bounds, 801, 300))).toBe(false);
    expect(sameView(view, fitView(bounds, 800, 300, evenly(1, 0)))).toBe(true);
    expect(sameView(view, fitView(bounds, 800, 300, { left: 2, right: 0, top: 0, bottom: 0 }))).toBe(false);
  });

  it('shows everything at one scale', () => {
    expect(view.pixelsPerMetre).toBeCloseTo(300 / 7);
    for (const [x, y] of [
      [-4, -1],
      [10, 6],
    ] as const) {
      expect(view.x(x)).toBeGreaterThanOrEqual(0);
      expect(view.x(x)).toBeLessThanOrEqual(800);
      expect(view.y(y)).toBeGreaterThanOrEqual(-1e-9);
      expect(view.y(y)).toBeLessThanOrEqual(300 + 1e-9);
    }
  });

  it('keeps each margin free, and shows more ground where there is none', () => {
    const beside = fitView(bounds, 800, 300, { left: 20, right: 200, top: 10, bottom: 50 });
    expect(beside.x(10)).toBeLessThanOrEqual(600);
    expect(beside.x(-4)).toBeGreaterThanOrEqual(20);
    expect(beside.y(6)).toBeCloseTo(10);
    expect(beside.y(-1)).toBeCloseTo(250);
    expect(beside.bounds.maxX).toBeCloseTo(beside.metresX(800));
  });

  it('puts left of the run at the top', () => {
    expect(view.y(5)).toBeLessThan(view.y(0));
    expect(view.x(5)).toBeGreaterThan(view.x(0));
  });

  it('looks closer with a place in the middle, at one scale still', () => {
    const closer = closerView(view, { times: 4, middle: { x: 8, y: 5 } });
    expect(closer.pixelsPerMetre).toBeCloseTo(4 * view.pixelsPerMetre);
    expect([closer.x(8), closer.y(5)]).toEqual([400, 150]);
    expect(closer.metresX(closer.x(3.21))).toBeCloseTo(3.21);
    expect(closer.bounds.maxX - closer.bounds.minX).toBeCloseTo(800 / closer.pixelsPerMetre);
    expect(closer.bounds.maxY).toBeCloseTo(5 + 150 / closer.pixelsPerMetre);
  });

  it('keeps a place within bounds', () => {
    expect(within({ x: -9, y: 2 }, bounds)).toEqual({ x: -4, y: 2 });
    expect(within({ x: 3, y: 99 }, bounds)).toEqual({ x: 3, y: 6 });
  });

  it('finds a place back from the screen', () => {
    expect(view.metresX(view.x(3.21))).toBeCloseTo(3.21);
    expect(view.metresY(view.y(1.23))).toBeCloseTo(1.23);
  });

  it('draws a path', () => {
    expect(
      pathOf(
        [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
        ],
        fitView({ minX: 0, maxX: 1, minY: 0, maxY: 1 }, 100, 100),
      ),
    ).toBe('M0.0 100.0L100.0 100.0');
  });
});

it('ticks at whole steps inside a range', () => {
  expect(ticks(-1.2, 2.1, 1)).toEqual([-1, 0, 1, 2]);
  expect(ticks(0.2, 0.8, 1)).toEqual([]);
});

describe('what lies round some places', () => {
  const places = [
    { x: 3, y: -1 },
    { x: -2, y: 4 },
    { x: 0, y: 0 },
  ];

  it('reaches to the outermost of them, and as far beyond as is asked', () => {
    expect(around(places)).toEqual({ minX: -2, maxX: 3, minY: -1, maxY: 4 });
    expect(around(places, 0.5)).toEqual({ minX: -2.5, maxX: 3.5, minY: -1.5, maxY: 4.5 });
  });
});

describe('a plan turned a quarter', () => {
  const plan = {
    label: 'A',
    area: { minX: 0, maxX: 20, minY: -1, maxY: 3 },
    cones: [{ centre: { x: 20, y: 3 }, sort: 'TALL' }, { centre: { x: 0, y: -1 } }],
    none: undefined,
  };

  it('runs up where it ran to the right, its left still on the left', () => {
    const turned = quarterTurned(plan);
    expect(turned.cones.map((c) => c.centre)).toEqual([
      { x: -3, y: 20 },
      { x: 1, y: 0 },
    ]);
    expect(turned.area).toEqual({ minX: -3, maxX: 1, minY: 0, maxY: 20 });
    expect(turned.label).toBe('A');
  });

  it('is itself after four turns', () => {
    const back = quarterTurned(quarterTurned(quarterTurned(quarterTurned(plan))));
    expect(back.area).toEqual({ minX: 0, maxX: 20, minY: -1, maxY: 3 });
    expect(back.cones).toEqual(plan.cones);
  });

  it('is worth it where it is long', () => {
    expect(isLong(plan.area)).toBe(true);
    expect(isLong(quarterTurned(plan.area))).toBe(false);
    expect(isLong({ minX: 0, maxX: 8, minY: 0, maxY: 7 })).toBe(false);
  });
});

describe('moving by keys', () => {
  it('goes by a step, with Shift by ten, to multiples of it', () => {
    expect(snappedTo(0.5, { x: 3.3, y: 7.8 })).toEqual({ x: 3.5, y: 8 });
    expect(arrowed({ key: 'ArrowUp', shiftKey: false }, { x: 1, y: 1 }, 0.5)).toEqual({ x: 1, y: 1.5 });
    expect(arrowed({ key: 'ArrowLeft', shiftKey: true }, { x: 1, y: 1 }, 0.5)).toEqual({ x: -4, y: 1 });
    expect(arrowed({ key: 'a', shiftKey: false }, { x: 1, y: 1 }, 0.5)).toBeUndefined();
  });
});
