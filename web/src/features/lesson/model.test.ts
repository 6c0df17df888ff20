import { describe, expect, it } from 'vitest';
import { clock, findingsOf, generalFindings, hourMarks, lasting, moved, open, without } from './model';

describe('the clock', () => {
  it('counts on over hours and midnight', () => {
    expect(clock('09:30', 45)).toBe('10:15');
    expect(clock('23:50', 20)).toBe('00:10');
  });
  it('marks full and half hours', () => {
    expect(hourMarks('09:20', 60)).toEqual([10, 40]);
    expect(hourMarks('09:00', 60)).toEqual([0, 30, 60]);
  });
});

describe('changing wishes', () => {
  const wishes = [{ station: 'a' }, { station: 'b', minutes: 20 }, { station: 'c' }];
  it('moves within bounds', () => {
    expect(moved(wishes, 0, 2).map((w) => w.station)).toEqual(['b', 'c', 'a']);
    expect(moved(wishes, 2, 9).map((w) => w.station)).toEqual(['a', 'b', 'c']);
    expect(moved(wishes, 1, -4).map((w) => w.station)).toEqual(['b', 'a', 'c']);
  });
  it('fixes minutes to five, within limits, and opens them again', () => {
    expect(lasting(wishes, 0, 17)[0]).toEqual({ station: 'a', minutes: 15 });
    expect(lasting(wishes, 0, 1)[0]?.minutes).toBe(5);
    expect(lasting(wishes, 0, 500)[0]?.minutes).toBe(120);
    expect(open(wishes, 1)[1]).toEqual({ station: 'b' });
  });
  it('takes one out', () => {
    expect(without(wishes, 1).map((w) => w.station)).toEqual(['a', 'c']);
  });
});

describe('findings', () => {
  const findings = [
    { code: 'a', where: 'blocks.1', message: '' },
    { code: 'b', where: 'blocks.11', message: '' },
    { code: 'c', where: 'minutes', message: '' },
  ];
  it('belong to their block, or to the whole', () => {
    expect(findingsOf(findings, 1).map((f) => f.code)).toEqual(['a']);
    expect(generalFindings(findings).map((f) => f.code)).toEqual(['c']);
  });
});
