import { describe, expect, it } from 'vitest';
import { asRequest, isOnlyDescribed, keptText } from './model';

const NOTHING = { runs: 0, days: 0, debriefs: 0, drills: 0, goals: 0, opinions: 0, practice: 0 };

describe('keptText', () => {
  it('names only what there is', () => {
    expect(keptText({ runs: 1, days: 2, debriefs: 0, drills: 0, goals: 1, opinions: 2, practice: 0 })).toBe(
      'the description, 1 run, 2 days, 1 goal, 2 opinions',
    );
    expect(keptText(NOTHING)).toBe('only the description');
  });
});

it('takes somebody as only described where nothing else is kept', () => {
  expect(isOnlyDescribed(NOTHING)).toBe(true);
  expect(isOnlyDescribed({ ...NOTHING, opinions: 1 })).toBe(false);
});

it('sends somebody again as they are stored, with a machine and what was seen only where there is one', () => {
  const said = { name: 'Sol', level: 'SKILLED', school: 'CLUTCH_FIRST', notes: 'eyes up' } as const;
  expect(asRequest({ ...said, id: 4, version: 2, archived: false })).toEqual(said);
  expect(asRequest({ ...said, id: 4, version: 2, archived: false, machineId: 3 })).toEqual({
    ...said,
    machineId: 3,
  });
  expect(asRequest({ ...said, id: 4, version: 2, archived: false, reach: 'BALLS' })).toEqual({
    ...said,
    reach: 'BALLS',
  });
});
