import { expect, it } from 'vitest';
import { countOf, NONE, runsOf, timedRideOf, stepped } from './several';

it('counts clean runs and faults, and none below none', () => {
  let several = stepped(stepped(NONE, 'clean', 1), 'clean', 1);
  several = stepped(several, 'LINE', 1);
  expect(countOf(several)).toBe(3);
  expect(stepped(stepped(several, 'LINE', -1), 'LINE', -1)).toEqual({ clean: 2, faults: {} });
  expect(stepped(NONE, 'clean', -1)).toEqual(NONE);
});

it('logs one run for each, the clean ones last', () => {
  expect(runsOf({ clean: 2, faults: { LINE: 1, FOOT: 2 } })).toEqual([['LINE'], ['FOOT'], ['FOOT'], [], []]);
  expect(runsOf(NONE)).toEqual([]);
});

it('makes a timed ride of minutes or laps, with its faults counted', () => {
  expect(timedRideOf(undefined, undefined, {})).toBeUndefined();
  expect(timedRideOf(5, undefined, { FOOT: 2 })).toEqual({
    sort: 'SPELL',
    minutes: 5,
    faultCounts: { FOOT: 2 },
    faults: ['FOOT'],
  });
  expect(timedRideOf(undefined, 12, {})).toEqual({ sort: 'SPELL', laps: 12, faultCounts: {}, faults: [] });
});
