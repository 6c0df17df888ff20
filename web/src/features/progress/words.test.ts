import { describe, expect, it } from 'vitest';
import { changeText, gapText, hoursText, measuredText, sureText } from './words';

const metres = (m: number) => `${m.toFixed(2)} m`;

it('says which side is behind only as sure as it is', () => {
  const gap = { behind: 'RIGHT' as const, tightness: 0.12, metres: 0.8, certainty: 0.92, clear: true };
  expect(gapText(gap, metres)).toBe(
    'The right side is 0.80 m behind, 92 % sure: start on it, and alternate.',
  );
  expect(gapText({ ...gap, certainty: 0.6, clear: false }, metres)).toBe(
    'No side is clearly behind: right by 0.80 m, 60 % sure.',
  );
});

it('says a change only where there is one', () => {
  expect(changeText({ tightness: -0.1, certainty: 0.95, trend: 'BETTER' })).toBe('better by 0.10, 95 % sure');
  expect(changeText({ tightness: 0.1, certainty: 0.05, trend: 'WORSE' })).toBe('worse by 0.10, 95 % sure');
  expect(changeText({ tightness: -0.02, certainty: 0.6, trend: 'UNCLEAR' })).toBe('no clear change');
});

it('is never wholly sure', () => {
  expect(sureText(0.9999)).toBe('99 % sure');
});

describe('measuredText', () => {
  const drift = { first: 6.4, last: 8.25, least: 7.9, most: 8.6, perLesson: 0.6, lessons: 4, measured: 9 };
  it('says the last lesson, the first, and where it goes', () => {
    expect(
      measuredText({ what: 'the time by the watch', unit: 'SECONDS', drift, clear: true }, 'METRIC', 'km/h'),
    ).toBe(
      '8.3 s in the last lesson (7.9 s to 8.6 s), 6.4 s in the first of 4; clearly more from lesson to lesson.',
    );
  });
  it('says no more of one lesson than there is', () => {
    expect(
      measuredText(
        { what: 'how far the plank moved', unit: 'METRES', drift: { ...drift, lessons: 1 }, clear: false },
        'METRIC',
        'km/h',
      ),
    ).toBe('8.25\u2009m in the last lesson (7.90\u2009m to 8.60\u2009m).');
  });
});

describe('hoursText', () => {
  it('says hours and minutes, rounded to whole ones', () => {
    expect([0, 4.4, 59.6, 65, 600].map(hoursText)).toEqual(['0:00', '0:04', '1:00', '1:05', '10:00']);
  });
});
