import { describe, expect, it } from 'vitest';
import { gapText, lessonsText } from './words';

describe('lessonsText', () => {
  it('rounds up, since nobody rides half a lesson', () => {
    expect(lessonsText({ soonest: 1.2, likely: 2.1, latest: 6.01 })).toBe(
      'At this pace about 3 lessons, 2 to 7.',
    );
    expect(lessonsText({ soonest: 0.1, likely: 0.4, latest: 0.9 })).toBe(
      'At this pace about 1 lesson, 1 to 1.',
    );
  });
  it('says no more than the pace bears', () => {
    expect(lessonsText({ soonest: 2, likely: 5 })).toContain('may take many more');
    expect(lessonsText({ soonest: 9 })).toBe('Not at the pace of the last lessons.');
    expect(lessonsText(undefined)).toContain('cannot be said');
  });
});

describe('gapText', () => {
  it('counts steps, and none where the goal is reached', () => {
    expect(gapText({ tightness: 0.1, steps: 1, chance: 0.4 })).toBe('1 step off.');
    expect(gapText({ tightness: 0.3, steps: 3, chance: 0.1 })).toBe('3 steps off.');
    expect(gapText({ tightness: 0, steps: 0, chance: 0.9 })).toBe('Reached.');
  });
});
