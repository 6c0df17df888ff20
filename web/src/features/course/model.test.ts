import { describe, expect, it } from 'vitest';
import type { Evaluation, Fit } from './api';
import { snapped, verdict, worse } from './model';

const fit = (answer: Fit['answer'], metres: number, side: Fit['side'] = 'LEFT'): Fit => ({
  side,
  answer,
  bindingLine: 'exit line',
  room: { metres, uncertaintyMetres: 0.1 },
  roomAcross: { metres, uncertaintyMetres: 0.1 },
  roomDeep: { metres: 1, uncertaintyMetres: 0.1 },
  widthNeededMetres: 6,
  depthNeededMetres: 4,
  limitMetres: 5,
  tightness: 1.2,
  turnUsed: 0.9,
  leanRadians: 0.1,
});
const pair = (asSet: Fit, mirrored: Fit): Evaluation['pairs'][number] => ({ machineId: 1, asSet, mirrored });

describe('a dragged dimension', () => {
  it('snaps to the nearest rung within reach', () => {
    expect(snapped(6.47, [7.2, 6.5, 6.4], 0.1)).toBe(6.5);
    expect(snapped(6.42, [7.2, 6.5, 6.4], 0.1)).toBe(6.4);
  });

  it('else to the centimetre', () => {
    expect(snapped(6.8888, [7.2, 6.5], 0.1)).toBe(6.89);
    expect(snapped(6.8888, [], 0.1)).toBe(6.89);
  });
});

describe('the worse side', () => {
  it('is the one with the worse answer, whatever its room', () => {
    expect(worse(pair(fit('FITS', 0.1), fit('DOES_NOT_FIT', -0.2, 'RIGHT'))).side).toBe('RIGHT');
  });

  it('is else the one with less room', () => {
    expect(worse(pair(fit('FITS', 0.3), fit('FITS', 0.2, 'RIGHT'))).side).toBe('RIGHT');
    expect(worse(pair(fit('FITS', 0.1), fit('FITS', 0.2, 'RIGHT'))).side).toBe('LEFT');
  });
});

describe('the verdict', () => {
  it('says the answer first, then how much, then what binds', () => {
    expect(verdict(fit('FITS', 0.62), 'METRIC')).toEqual({
      head: 'Fits',
      tail: 'with 0.62\u2009m to spare; the exit line binds.',
    });
    expect(verdict(fit('DOES_NOT_FIT', -0.4), 'METRIC').tail).toBe(
      'too tight by 0.40\u2009m at the exit line.',
    );
    expect(verdict(fit('TOO_CLOSE_TO_CALL', -0.04), 'METRIC').tail).toContain('lacks 0.04\u2009m');
  });
});
