import { describe, expect, it } from 'vitest';
import { keptText } from './model';

describe('keptText', () => {
  it('names only what there is', () => {
    expect(keptText({ runs: 1, days: 2, debriefs: 0, drills: 0, goals: 1, opinions: 2, practice: 0 })).toBe(
      'the description, 1 run, 2 days, 1 goal, 2 opinions',
    );
    expect(keptText({ runs: 0, days: 0, debriefs: 0, drills: 0, goals: 0, opinions: 0, practice: 0 })).toBe(
      'only the description',
    );
  });
});
