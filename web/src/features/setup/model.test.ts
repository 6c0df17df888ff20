import { describe, expect, it } from 'vitest';
import type { Setup } from './api';
import { figuresOf, methodsOf, pacesText } from './model';

const step = (label: string, alongMetres: number) => ({
  cone: {
    label,
    marker: {
      name: 'flat marker',
      sort: 'FLAT' as const,
      baseMetres: 0.2,
      heightMetres: 0.02,
      colour: 'ORANGE' as const,
    },
    role: 'EDGE' as const,
  },
  alongMetres,
  acrossMetres: 2,
  errorMetres: 0.02,
});
const setup = {
  sheet: { steps: [step('1', 1), step('2', 5)] },
  tapes: {
    steps: [
      { label: '1', firstMetres: 3, secondMetres: 4, crossingRadians: 0.3, errorMetres: 0.05, flat: true },
      { label: '2', firstMetres: 5, secondMetres: 6, crossingRadians: 1.2, errorMetres: 0.03, flat: false },
    ],
  },
  rings: {
    rings: [{ steps: [{ label: '2', radiusMetres: 2.5, chordMetres: 1.9, before: '1', errorMetres: 0.04 }] }],
  },
  paces: {
    steps: [
      { label: '1', alongUnits: 1.25 },
      { label: '2', alongUnits: -6.5, acrossUnits: 2.75 },
    ],
  },
} as unknown as Setup;

describe('the figures of a cone', () => {
  it('are along and across, or from two marks with a warning where tapes cross flat', () => {
    expect(figuresOf(setup, 'ALONG_AND_ACROSS', 'METRIC')[1]?.first).toEqual({
      name: 'Along',
      text: '5.00\u2009m',
    });
    const [flat, steep] = figuresOf(setup, 'TWO_TAPES', 'METRIC');
    expect(flat?.warning).toBe('tapes cross at only 17°');
    expect(steep?.warning).toBeUndefined();
    expect(steep?.second.name).toBe('From Q');
  });

  it('are from the centre and the cone before on a ring, along and across off it', () => {
    const [first, second] = figuresOf(setup, 'RINGS', 'METRIC');
    expect(first?.first.name).toBe('Along');
    expect(second?.first).toEqual({ name: 'From centre 1', text: '2.50\u2009m' });
    expect(second?.second.name).toBe('From 1');
  });

  it('are paces to a quarter', () => {
    expect(figuresOf(setup, 'PACES', 'METRIC')[1]?.second.text).toBe('2¾ paces');
    expect(pacesText(-6.5)).toBe('−6½');
    expect(pacesText(0.25)).toBe('¼');
    expect(pacesText(0)).toBe('0');
    expect(pacesText(12)).toBe('12');
  });
});

it('offers only the methods that can be used here', () => {
  expect(methodsOf(setup).map((m) => m.value)).toEqual(['ALONG_AND_ACROSS', 'TWO_TAPES', 'RINGS', 'PACES']);
});
