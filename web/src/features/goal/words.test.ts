import { expect, it } from 'vitest';
import { enoughText } from './words';

it('says how many lessons would be likely to do, and where they find room', () => {
  expect(enoughText({ likelyLessons: 5, likelySchedule: { by: '2026-12-18', everyDays: 4 } }, 'METRIC')).toBe(
    '5 lessons are likely to do: as often as now by 18 Dec 2026, or one every 4 days.',
  );
  expect(
    enoughText({ likelyLessons: 9, likelySchedule: { by: '2026-12-18', everyDays: 1 } }, 'METRIC'),
  ).toContain('or one a day');
  expect(enoughText({ likelyLessons: 30, likelySchedule: { by: '2027-06-18' } }, 'METRIC')).toBe(
    '30 lessons are likely to do: as often as now by 18 Jun 2027.',
  );
  expect(enoughText({ likelyLessons: 1 }, 'METRIC')).toBe('1 lesson is likely to do.');
});

it('says what is likely by then in the units chosen, and nothing where nothing is known', () => {
  expect(enoughText({ likelySize: { settingMetres: 6.4, difficulty: 1.4 } }, 'METRIC')).toBe(
    'Likely by then: 6.40\u2009m.',
  );
  expect(enoughText({ likelySize: { settingMetres: 6.4008, difficulty: 1.4 } }, 'IMPERIAL')).toBe(
    'Likely by then: 21′ 0″.',
  );
  expect(enoughText({}, 'METRIC')).toBe('');
});
