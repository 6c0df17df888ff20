import { describe, expect, it } from 'vitest';
import type { Progress } from './api';
import { layOut } from './chart';

const run = (
  id: string,
  side: 'LEFT' | 'RIGHT',
  settingMetres: number,
): Progress['days'][number]['runs'][number] => ({
  id,
  side,
  settingMetres,
  difficulty: 4 / settingMetres,
  faults: [],
  machineId: 1,
  courseName: 'Box',
  simulated: false,
  sort: 'RUN',
});

const estimate = {
  difficulty: 0.6,
  lowDifficulty: 0.55,
  highDifficulty: 0.65,
  metres: 6.5,
  lowMetres: 6,
  highMetres: 7,
};

const progress: Progress = {
  riderId: 1,
  kind: 'u-turn-box',
  straight: false,
  settingLabel: 'Width',
  kinds: [],
  machineName: 'Twin',
  riderSizes: {
    ladder: {
      sizes: [
        { settingMetres: 9, difficulty: 0.44 },
        { settingMetres: 5.5, difficulty: 0.73 },
      ],
    },
    limitLeftMetres: 5,
    limitRightMetres: 5.2,
  },
  days: [
    { dayId: 1, date: '2026-05-01', title: 'One', runs: [run('a', 'LEFT', 8), run('b', 'RIGHT', 8)] },
    { dayId: 2, date: '2026-05-08', title: 'Two', runs: [run('c', 'LEFT', 6)], left: estimate },
  ],
  left: { side: 'LEFT', runs: 2, clean: 2, faults: [] },
  right: { side: 'RIGHT', runs: 1, clean: 1, faults: [] },
  heldBack: [],
  changes: [],
  measured: [],
};

const chart = layOut(progress, 'metres', 'METRIC', 800, 500);
const mark = (id: string) => chart?.marks.find((m) => m.id === id);

describe('the lane of progress', () => {
  it('puts left turns to the left and right turns to the right, alike for the same width', () => {
    const [a, b] = [mark('a'), mark('b')];
    expect(400 - (a?.x ?? 0)).toBeCloseTo((b?.x ?? 0) - 400);
    expect(a?.x).toBeLessThan(400);
  });

  it('closes in as the setting narrows', () => {
    expect(mark('c')?.x).toBeGreaterThan(mark('a')?.x ?? 0);
  });

  it('runs down with time, day by day', () => {
    expect(mark('a')?.y).toBeLessThan(mark('b')?.y ?? 0);
    expect(mark('b')?.y).toBeLessThan(mark('c')?.y ?? 0);
    expect(chart?.days[0]?.to).toBeLessThan(chart?.days[1]?.from ?? 0);
  });

  it('sets each kerb at its own limit', () => {
    expect(400 - (chart?.kerb.left ?? 0)).toBeLessThan((chart?.kerb.right ?? 0) - 400);
  });

  it('draws an estimate only where there is one', () => {
    expect(chart?.estimates.map((e) => e.side)).toEqual(['LEFT']);
  });

  it('closes in as the difficulty rises, up to the kerb at 100 %', () => {
    const laid = layOut(progress, 'difficulty', 'METRIC', 800, 500);
    const x = (id: string) => laid?.marks.find((m) => m.id === id)?.x ?? 0;
    expect(x('c')).toBeGreaterThan(x('a'));
    expect(x('c')).toBeLessThan(laid?.kerb.left ?? 0);
  });

  it('keeps everything inside the drawing', () => {
    for (const scale of ['metres', 'difficulty'] as const) {
      const laid = layOut(progress, scale, 'METRIC', 360, 400);
      for (const m of laid?.marks ?? []) {
        expect(m.x).toBeGreaterThan(0);
        expect(m.x).toBeLessThan(360);
        expect(m.y).toBeLessThan(400);
      }
    }
  });

  it.each([
    ['metres', 'METRIC', 'm', 1],
    ['metres', 'IMPERIAL', 'ft', 1 / 0.3048],
    ['difficulty', 'IMPERIAL', '%', 100],
  ] as const)('says %s in %s at round figures, where they are', (scale, system, unit, per) => {
    const laid = layOut(progress, scale, system, 800, 500);
    expect(laid?.unit).toBe(unit);
    const right = laid?.ticks.filter((t) => t.side === 'RIGHT') ?? [];
    expect(right.length).toBeGreaterThan(2);
    // Run b, 8 m or 50 %, lies between its neighbours on the axis, in proportion.
    const value = (scale === 'metres' ? 8 : 0.5) * per;
    const [first, last] = [right.at(0), right.at(-1)];
    if (first === undefined || last === undefined) throw new Error('no ticks');
    const perUnit = (last.x - first.x) / (Number(last.text) - Number(first.text));
    expect(laid?.marks.find((m) => m.id === 'b')?.x).toBeCloseTo(
      first.x + (value - Number(first.text)) * perUnit,
      6,
    );
  });

  it('is not drawn without runs', () => {
    expect(layOut({ ...progress, days: [] }, 'metres', 'METRIC', 800, 500)).toBeUndefined();
  });
});

it('has no mark for a timed ride, nor for what was broken off', () => {
  const [day] = progress.days;
  if (day === undefined) throw new Error('no day');
  const others = [
    { ...run('s', 'LEFT', 8), sort: 'SPELL' as const },
    { ...run('o', 'LEFT', 8), sort: 'BROKEN_OFF' as const },
  ];
  const more = { ...progress, days: [{ ...day, runs: [...day.runs, ...others] }] };
  expect(layOut(more, 'metres', 'METRIC', 600, 400)?.marks.map((m) => m.id)).toEqual(['a', 'b']);
});
