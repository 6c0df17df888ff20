import { describe, expect, it } from 'vitest';
import type { RiderDrills } from './api';
import { countStates, idFor, linesOf, stepsOf } from './model';

const rider = (state: 'MASTERED' | 'NEXT', id = 'a') =>
  ({ drills: [{ drill: { id }, mastery: { id, state } }] }) as unknown as RiderDrills;

describe('counting riders on a drill', () => {
  it('counts each state and leaves out whom it is not taught to', () => {
    expect(countStates([rider('MASTERED'), rider('NEXT'), rider('NEXT'), rider('NEXT', 'b')], 'a')).toEqual({
      MASTERED: 1,
      WORKING_ON: 0,
      NEXT: 2,
      NOT_YET: 0,
    });
  });
});

describe('lines of a text', () => {
  it('leaves out empty ones and spaces around', () => {
    expect(linesOf(' one \n\n two\n')).toEqual(['one', 'two']);
  });
});

describe('an id from a name', () => {
  it('is in kebab case, without accents, and not taken', () => {
    expect(idFor('Círcle  round the Bollard!', [])).toBe('circle-round-the-bollard');
    expect(idFor('Swerve', ['swerve', 'swerve-2'])).toBe('swerve-3');
    expect(idFor('…', [])).toBe('drill');
  });
  it('never has more parts than an id may have', () => {
    expect(idFor('a b c d e f g h i j k', ['a-b-c-d-e-f-g'])).toBe('a-b-c-d-e-f-g-2');
  });
});

describe('steps from lines', () => {
  const before = [
    { change: 'SIZE' as const, says: 'Size of 40 %', difficulty: 0.4 },
    { change: 'MARKERS' as const, says: 'Tall cones' },
  ];
  it('keep what changes with them, also when moved', () => {
    expect(stepsOf(before, 'Tall cones\nSize of 40 %')).toEqual([before[1], before[0]]);
  });
  it('keep it when reworded in place', () => {
    expect(stepsOf(before, 'Wide\nTall cones')).toEqual([{ ...before[0], says: 'Wide' }, before[1]]);
  });
  it('are tasks where they are new', () => {
    expect(stepsOf(before, 'Size of 40 %\nTall cones\nEyes shut')[2]).toEqual({
      change: 'TASK',
      says: 'Eyes shut',
    });
  });
});
