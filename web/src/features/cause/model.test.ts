import { describe, expect, it } from 'vitest';
import type { Cause } from './api';
import { beforeText, faultsText, NEW_CAUSE, replaced, techniqueText, toggled } from './model';

const fallsIn: Cause = {
  faults: ['DROP', 'FOOT'],
  technique: ['CLUTCH_IN'],
  before: ['CLUTCH_IN', 'FRONT_BRAKE', 'FOOT'],
  likely: 'the drive is let go',
  cue: 'let it out a touch',
  drills: [],
};

describe('a cause in words', () => {
  it('names faults in the order they are logged', () => {
    expect(faultsText(fallsIn)).toBe('foot or drop');
    expect(techniqueText(fallsIn)).toBe('with clutch in');
    expect(beforeText(fallsIn)).toBe('last before a drop: clutch pulled in, front brake or foot put out');
  });

  it('leaves out what nobody said', () => {
    expect([faultsText(NEW_CAUSE), techniqueText(NEW_CAUSE), beforeText(NEW_CAUSE)]).toEqual(['', '', '']);
  });
});

describe('the table', () => {
  const rows = [fallsIn, { ...fallsIn, likely: 'b' }];

  it('takes a row in the place of another, one more at its end, and one out', () => {
    expect(replaced(rows, 0, NEW_CAUSE).map((r) => r.likely)).toEqual(['', 'b']);
    expect(replaced(rows, 2, NEW_CAUSE).map((r) => r.likely)).toEqual(['the drive is let go', 'b', '']);
    expect(replaced(rows, 0, undefined).map((r) => r.likely)).toEqual(['b']);
  });
});

it('puts one into a list and takes it out again', () => {
  expect(toggled(['a'], 'b')).toEqual(['a', 'b']);
  expect(toggled(['a', 'b'], 'a')).toEqual(['b']);
});
