import { describe, expect, it } from 'vitest';
import type { PairFit } from '../api';
import type { Pair } from '../pairs';
import { asked } from './useChances';

const rider = (id: number) => ({ id, name: `Rider ${id}` }) as NonNullable<Pair['rider']>;
const pair = (key: string, id?: number): Pair => ({
  key,
  machine: { id: 1, name: '300 twin' } as Pair['machine'],
  rider: id === undefined ? undefined : rider(id),
});
const fit = (left?: number, right?: number): PairFit =>
  ({
    asSet: { side: 'LEFT', ...(left !== undefined && { difficulty: left }) },
    mirrored: { side: 'RIGHT', ...(right !== undefined && { difficulty: right }) },
  }) as PairFit;

describe('asked', () => {
  it('asks of riders whose difficulty is known to both sides', () => {
    expect(asked([fit(1.5, 1.6)], [pair('r7', 7)])).toEqual([
      { key: 'r7', on: { riderId: 7, difficulty: { LEFT: 1.5, RIGHT: 1.6 } } },
    ]);
  });
  it('asks of nobody while a side is not known, and of no machine alone', () => {
    expect(asked([fit(1.5)], [pair('r7', 7)])).toEqual([]);
    expect(asked([fit(1.5, 1.6)], [pair('m1')])).toEqual([]);
    expect(asked([], [pair('r7', 7)])).toEqual([]);
  });
});
