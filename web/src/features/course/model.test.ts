import { describe, expect, it } from 'vitest';
import type { CourseRequest, Fit, PairFit, SideFit } from './api';
import { same, snapped, verdict, worse } from './model';

const point = {
  speedMetresPerSecond: 1.2,
  leanRadians: 0.1,
  curvatureLimit: 0.5,
  curvatureRate: 0.3,
  curvatureBy: 'LOCK' as const,
  rateBy: 'STEERING_RATE' as const,
};
const fit = (answer: Fit['answer'], metres: number): Fit => ({
  answer,
  spare: { metres, uncertaintyMetres: 0.1 },
  spareCapped: false,
  binding: 'exit line',
  bindingPart: 'FRONT_WHEEL',
  turnUsed: 0.9,
  left: point,
  right: point,
});
const side = (answer: Fit['answer'], spareMetres: number, to: SideFit['side'] = 'LEFT'): SideFit => ({
  side: to,
  answer,
  spareMetres,
  spareCapped: false,
  limitMetres: 5,
  tightness: 1.2,
});
const pair = (asSet: SideFit, mirrored?: SideFit): PairFit => ({
  machineId: 1,
  asSet,
  finished: true,
  ...(mirrored && { mirrored }),
  ladder: { limitMetres: 5, rungs: [] },
});

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
    expect(worse(pair(side('FITS', 0.1), side('DOES_NOT_FIT', -0.2, 'RIGHT')))?.side).toBe('RIGHT');
  });

  it('is else the one with less room', () => {
    expect(worse(pair(side('FITS', 0.3), side('FITS', 0.2, 'RIGHT')))?.side).toBe('RIGHT');
    expect(worse(pair(side('FITS', 0.1), side('FITS', 0.2, 'RIGHT')))?.side).toBe('LEFT');
  });
});

describe('the verdict', () => {
  it('says the answer first, then how much, then what binds', () => {
    expect(verdict(fit('FITS', 0.62), 'METRIC')).toEqual({
      head: 'Fits',
      tail: 'with 0.62\u2009m to spare; the front wheel at the exit line binds.',
    });
    expect(verdict(fit('DOES_NOT_FIT', -0.4), 'METRIC').tail).toBe(
      'too tight by 0.40\u2009m; the front wheel at the exit line binds.',
    );
    expect(verdict(fit('TOO_CLOSE_TO_CALL', -0.04), 'METRIC').tail).toContain('lacks 0.04\u2009m');
  });

  it('names a cone without an article', () => {
    expect(verdict({ ...fit('FITS', 0.2), binding: 'cone 5' }, 'METRIC').tail).toContain('at cone 5 binds');
  });

  it('never says too tight where nothing was solved', () => {
    expect(verdict(fit('NOT_SOLVED', -0.4), 'METRIC').head).toBe('Not solved:');
  });
});

describe('two courses', () => {
  const course = (options: CourseRequest['options']): CourseRequest => ({
    name: 'Box',
    kind: 'u-turn-box',
    lengths: {},
    counts: {},
    options,
    firstTurn: 'LEFT',
  });

  it('say the same in whatever order their settings stand', () => {
    expect(same(course({ a: '1', b: '2' }), course({ b: '2', a: '1' }))).toBe(true);
    expect(same(course({ a: '1' }), course({ a: '2' }))).toBe(false);
  });
});
