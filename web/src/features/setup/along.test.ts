import { expect, test } from 'vitest';
import type { Yard } from '../yard';
import { alongOf, startsOn } from './along';

const YARD = {
  corners: [
    { x: 0, y: 0 },
    { x: 30, y: 0 },
    { x: 30, y: 20 },
    { x: 0, y: 20 },
  ],
  ground: { sideNames: ['kerb'], bayRows: [{ count: 9 }] },
} as unknown as Yard;

test('a yard is measured from either end of each side, or from a row of bays', () => {
  const starts = startsOn(YARD);
  expect(starts).toHaveLength(1 + 2 * 4 + 1);
  expect(starts[1]).toEqual({ value: '0a', label: expect.stringContaining('kerb') as string });
  expect(starts.at(-1)).toEqual({ value: '0r', label: 'the row of 9 bays' });
});

test('each place on the list is read again from the address; the course’s own corner and anything else is none', () => {
  expect(startsOn(YARD).map((s) => alongOf(s.value) !== undefined)).toEqual([
    false,
    ...Array<boolean>(9).fill(true),
  ]);
  expect(alongOf('3b')).toEqual({ line: 'SIDE', number: 3, fromItsEnd: true });
  expect(alongOf('0r')).toEqual({ line: 'BAY_ROW', number: 0, fromItsEnd: false });
  expect(alongOf('3c')).toBeUndefined();
});
