import { describe, expect, it } from 'vitest';
import type { Progress } from './api';
import { choices, filtered } from './filter';

const run = (id: string, machineId: number, courseName: string) => ({ id, machineId, courseName });
const progress = {
  days: [
    { dayId: 1, runs: [run('a', 1, 'Box'), run('b', 2, 'Box')], left: { difficulty: 1.5 } },
    { dayId: 2, runs: [run('c', 1, 'Kerb box')] },
  ],
} as unknown as Progress;
const ids = (of: Progress) => of.days.map((d) => d.runs.map((r) => r.id));

describe('filtered', () => {
  it('shows all where nothing is chosen', () => {
    expect(ids(filtered(progress, { machine: '', course: '' }))).toEqual([['a', 'b'], ['c']]);
  });
  it('shows the runs of a machine, of a course, and of both', () => {
    expect(ids(filtered(progress, { machine: '1', course: '' }))).toEqual([['a'], ['c']]);
    expect(ids(filtered(progress, { machine: '', course: 'Box' }))).toEqual([['a', 'b'], []]);
    expect(ids(filtered(progress, { machine: '2', course: 'Kerb box' }))).toEqual([[], []]);
  });
  it('leaves the estimates, which rest on all of them', () => {
    expect(filtered(progress, { machine: '2', course: '' }).days[0]?.left).toEqual({ difficulty: 1.5 });
  });
});

describe('choices', () => {
  it('names each once, in the order first ridden', () => {
    expect(choices(progress)).toEqual({ machineIds: [1, 2], courses: ['Box', 'Kerb box'] });
  });
});
