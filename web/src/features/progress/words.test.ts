import { expect, it } from 'vitest';
import { changeText, gapText, sureText } from './words';

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
