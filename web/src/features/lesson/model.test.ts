import { describe, expect, it } from 'vitest';
import type { Block, Lesson } from './api';
import {
  clock,
  findingsOf,
  generalFindings,
  hourMarks,
  lasting,
  moved,
  open,
  wishesOf,
  wishIndex,
  without,
} from './model';

const block = (sort: Block['sort'], startMinute: number, area = 0, station?: string): Block => ({
  sort,
  label: sort,
  startMinute,
  minutes: 10,
  area,
  turns: [],
  ...(station !== undefined && { station }),
});

const lesson = (blocks: Block[], wishes: Lesson['settings']['wishes'] = []) =>
  ({ blocks, settings: { wishes } }) as unknown as Lesson;

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

describe('what the planner chose, as wishes', () => {
  const one = [
    block('BRIEFING', 0),
    block('WARM_UP', 10, 0, 'open'),
    block('DRILLS', 20, 0, '2'),
    block('REST', 30),
    block('DRILLS', 40, 0, '3'),
  ];
  it('is the stations in their order', () => {
    expect(wishesOf(lesson(one))).toEqual([{ station: '2' }, { station: '3' }]);
  });
  it('is one for each area where the groups change over', () => {
    const two = [
      block('DRILLS', 20, 0, 'a'),
      block('DRILLS', 20, 1, 'b'),
      block('DRILLS', 30, 0, 'a'),
      block('DRILLS', 30, 1, 'b'),
      block('DRILLS', 40, 0, 'c'),
      block('DRILLS', 40, 1, 'open'),
      block('DRILLS', 50, 0, 'c'),
      block('DRILLS', 50, 1, 'open'),
    ];
    expect(wishesOf(lesson(two)).map((w) => w.station)).toEqual(['a', 'b', 'c', 'open']);
    expect(two.map((b) => wishIndex(two, b))).toEqual([0, 1, 0, 1, 2, 3, 2, 3]);
  });
  it('is what was said, where something was', () => {
    expect(wishesOf(lesson(one, [{ station: '9', minutes: 15 }]))).toEqual([{ station: '9', minutes: 15 }]);
  });
  it('has no place for what the app puts in', () => {
    expect(wishIndex(one, one[3]!)).toBeUndefined();
    expect(wishIndex(one, one[4]!)).toBe(1);
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
