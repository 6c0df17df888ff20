import { describe, expect, it } from 'vitest';
import type { CourseRequest, Evaluation, Fit, Line, Size } from './api';
import { drawnLine, lengthInBays, sizeText, same, snapped, verdict } from './model';

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
  steeringShare: 0.9,
  left: point,
  right: point,
  leanRadians: 0.1,
});
const line = (name: string, clearanceMetres: number): Line => ({
  places: [],
  phases: [],
  clearances: [],
  marks: [],
  binding: {
    name,
    part: 'FRONT_WHEEL',
    clearanceMetres,
    distanceMetres: 1,
    at: { x: 0, y: 0 },
    nearest: { x: 0, y: 0 },
  },
  steeringShare: 0.7,
  mostLeanRadians: 0.08,
  lengthMetres: 10,
});
const size = (settingMetres: number, bays?: number): Size => ({
  settingMetres,
  ...(bays !== undefined && {
    inBays: { metres: settingMetres, uncertaintyMetres: 0.1, method: 'BAYS' as const, counted: bays },
  }),
});

describe('a size', () => {
  it('is said in bays where it is counted in them', () => {
    expect(sizeText(size(6.25, 2.5), 'METRIC')).toBe('2.5 bays, 6.25\u2009m');
    expect(sizeText(size(2.5, 1), 'METRIC')).toBe('1 bay, 2.50\u2009m');
    expect(sizeText(size(6.3), 'METRIC')).toBe('6.30\u2009m');
  });

  it('sets a course to as many bays', () => {
    expect(lengthInBays({ metres: 6.25, uncertaintyMetres: 0.1, method: 'BAYS', counted: 2.5 })).toEqual({
      metres: 6.25,
      uncertaintyMetres: 0.1,
      method: 'BAYS',
      text: '2.5 bays',
    });
  });
});

describe('a dragged dimension', () => {
  it('snaps to the nearest size within reach', () => {
    expect(snapped(6.47, [7.2, 6.5, 6.4], 0.1)).toBe(6.5);
    expect(snapped(6.42, [7.2, 6.5, 6.4], 0.1)).toBe(6.4);
  });

  it('else to the centimetre', () => {
    expect(snapped(6.8888, [7.2, 6.5], 0.1)).toBe(6.89);
    expect(snapped(6.8888, [], 0.1)).toBe(6.89);
  });
});

describe('the verdict', () => {
  const say = (of: Fit, line?: Line) => verdict(of, line, 'METRIC', 'km/h');
  const rolling = { ...fit('FITS', 0.62), speedMetresPerSecond: 12 / 3.6 };

  it('says the clearance of the line drawn, how to ride it and the tightest point', () => {
    const recommended = { slowest: 9 / 3.6, fastest: 12 / 3.6 };
    const leaned = { ...line('cone 5', 0.62), mostLeanRadians: 0.35 };
    expect(say({ ...rolling, recommended }, leaned)).toEqual({
      head: 'Fits with 0.62\u2009m clearance.',
      tail: 'Ride it at 9 to 12\u2009km/h, leaning about 20°. Tightest: front wheel at cone 5.',
    });
    const narrow = { ...recommended, fastest: 9.2 / 3.6 };
    expect(say({ ...rolling, recommended: narrow }, leaned).tail).toMatch(/^Ride it at about 9/);
    expect(say(rolling, line('cone 5', 1.001)).head).toBe('Fits with more than 1.00\u2009m clearance.');
  });

  it('says the speed and the lean it is calculated at where none is recommended', () => {
    expect(say(fit('FITS', 0.62), line('far line', 0.3)).tail).toBe(
      'Ride it from a stop. Tightest: front wheel at the far line.',
    );
    expect(say(rolling, line('far line', 0.3)).tail).toMatch(/^At 12.*km\/h, leaning 4\.6°\. /);
    expect(say(rolling).tail).toMatch(/leaning 5\.7°/);
    expect(say(rolling, { ...line('left side', 0.6), mostLeanRadians: 0 }).tail).toMatch(/km\/h, upright\./);
  });

  it('says by how much it lacks at the best speed, and where', () => {
    expect(say(fit('DOES_NOT_FIT', -0.4)).tail).toBe(
      'even from a stop it is too tight by 0.40\u2009m; the front wheel at the exit line is the tightest point.',
    );
    expect(say(fit('TOO_CLOSE_TO_CALL', -0.04)).tail).toContain('lacks 0.04\u2009m');
  });

  it('names a cone without an article', () => {
    expect(say(fit('FITS', 0.2), line('cone 5', 0.2)).tail).toContain('Tightest: front wheel at cone 5.');
  });

  it('never says too tight where nothing was solved', () => {
    expect(say(fit('NOT_SOLVED', -0.4)).head).toBe('Not solved:');
  });
});

describe('the line drawn', () => {
  const plan = {} as Evaluation['plan'];
  const [comfortable, roomiest] = [line('far line', 0.3), line('far line', 0.8)];

  it('is the one chosen where it is there', () => {
    expect(drawnLine({ plan, comfortable, roomiest, cautions: [] }, 'COMFORTABLE')).toBe(comfortable);
  });

  it('is else the one with the most room', () => {
    expect(drawnLine({ plan, roomiest, cautions: [] }, 'EASIEST')).toBe(roomiest);
    expect(drawnLine(undefined, 'EASIEST')).toBeUndefined();
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
