import { describe, expect, it } from 'vitest';
import type { Day } from './api';
import { changed, chosenDay, likeDay, shifted, todayIso } from './model';

const day = (id: number, date: string): Day => ({
  id,
  version: 1,
  date,
  title: 'A day',
  stands: [],
  activeSizes: [],
  courseIds: [1],
  riders: [],
});
const days = [day(3, '2026-06-01'), day(2, '2026-05-14'), day(1, '2026-05-01')];

describe('the chosen day', () => {
  it('is the one asked for', () => {
    expect(chosenDay(days, '1', '2026-05-20')?.id).toBe(1);
  });

  it('is else the latest that has come', () => {
    expect(chosenDay(days, null, '2026-05-20')?.id).toBe(2);
    expect(chosenDay(days, '99', '2026-05-14')?.id).toBe(2);
  });

  it('is else the next to come', () => {
    expect(chosenDay(days, null, '2026-04-01')?.id).toBe(1);
    expect(chosenDay([], null, '2026-04-01')).toBeUndefined();
  });
});

it('says today by the calendar of the browser', () => {
  expect(todayIso(new Date(2026, 4, 3, 23, 59))).toBe('2026-05-03');
});

it('changes only what is named', () => {
  expect(changed({ ...day(1, '2026-05-01'), yardId: 7 }, { title: 'Other' })).toEqual({
    date: '2026-05-01',
    title: 'Other',
    stands: [],
    activeSizes: [],
    courseIds: [1],
    riders: [],
    yardId: 7,
  });
});

it('makes a day like another, with its places and settings', () => {
  const stand = { xMetres: 1, yMetres: 2, turnRadians: 0 };
  const known: Day = {
    ...day(1, '2026-05-01'),
    yardId: 7,
    stands: [{ courseId: 1, stand }],
    activeSizes: [{ courseId: 1, metres: [7, 6] }],
    riders: [{ riderId: 2, machineId: 3 }],
  };
  expect(likeDay(known, '2026-06-01', 'Next')).toEqual({
    date: '2026-06-01',
    title: 'Next',
    yardId: 7,
    courseIds: [1],
    stands: [{ courseId: 1, stand }],
    activeSizes: [{ courseId: 1, metres: [7, 6] }],
    riders: [{ riderId: 2, machineId: 3 }],
  });
});

it('shifts one of a list as far as it goes', () => {
  expect(shifted([1, 2, 3], 2, -1)).toEqual([1, 3, 2]);
  expect(shifted([1, 2, 3], 0, 1)).toEqual([2, 1, 3]);
  expect(shifted([1, 2, 3], 2, 1)).toEqual([1, 2, 3]);
  expect(shifted([1, 2, 3], 0, -1)).toEqual([1, 2, 3]);
});
