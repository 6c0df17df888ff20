import { describe, expect, it } from 'vitest';
import { hoursText, measuredText } from './words';

describe('measuredText', () => {
  const drift = { first: 6.4, last: 8.25, least: 7.9, most: 8.6, perLesson: 0.6, lessons: 4, measured: 9 };
  it('says the last lesson, the first, and where it goes', () => {
    expect(
      measuredText({ what: 'the time by the watch', unit: 'SECONDS', drift, clear: true }, 'METRIC', 'km/h'),
    ).toBe(
      '8.3\u2009s in the last lesson (7.9\u2009s to 8.6\u2009s), 6.4\u2009s in the first of 4; clearly more from lesson to lesson.',
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
