import { expect, it } from 'vitest';
import { restsOn, share } from './Chance';

it('says a share to five in a hundred, and never that something is certain', () => {
  expect([0.62, 0.63, 0.97, 0.99, 1, 0.01, 0].map(share)).toEqual([
    '60',
    '65',
    '95',
    '>95',
    '>95',
    '<5',
    '<5',
  ]);
});

it('says what a chance without runs rests on', () => {
  expect(restsOn({ runsElsewhere: 0 })).toBe('by level');
  expect(restsOn({ runsElsewhere: 20 })).toBe('by other courses');
});
