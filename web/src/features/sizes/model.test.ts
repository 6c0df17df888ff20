import { expect, it } from 'vitest';
import type { Day } from '../day';
import { letterOf, moved, saidAt, withActiveSizes } from './model';

const day: Day = {
  id: 1,
  version: 1,
  date: '2026-05-14',
  title: 'A day',
  courseIds: [1, 2],
  stands: [],
  activeSizes: [{ courseId: 2, metres: [8.2, 7] }],
  riders: [],
};

it('knows what each course was said to stand at', () => {
  expect(saidAt(day, 2)).toEqual([8.2, 7]);
  expect(saidAt(day, 1)).toEqual([]);
  expect(saidAt(undefined, 1)).toEqual([]);
});

it('puts one course’s settings in their place, widest first, and leaves the others', () => {
  expect(withActiveSizes(day, 1, [5, 6])).toEqual([
    { courseId: 2, metres: [8.2, 7] },
    { courseId: 1, metres: [6, 5] },
  ]);
  expect(withActiveSizes(day, 2, [])).toEqual([]);
});

it('moves one setting, and makes one of two that meet', () => {
  expect(moved([8.2, 7, 6.1], 7, 6.7)).toEqual([8.2, 6.7, 6.1]);
  expect(moved([8.2, 7], 7, 8.2)).toEqual([8.2]);
  expect(moved([7.2], 7.2, 9)).toEqual([9]);
});

it('letters them from the widest', () => {
  expect([0, 1, 2].map(letterOf)).toEqual(['a', 'b', 'c']);
});
