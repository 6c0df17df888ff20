import { describe, expect, it } from 'vitest';
import { stopOf, titleOf, wayFrom, wayOn } from './stops';

it.each([
  ['/course/new', 'COURSE', 'Course – Wren Lane'],
  ['/riders/3', 'MACHINES', 'Riders – Wren Lane'],
  ['/setup', 'SETUP', 'Set up – Wren Lane'],
  ['/courses', undefined, 'Wren Lane'],
  ['/lesson/drills/weave', 'LESSON', 'Drills – Wren Lane'],
  ['/range/log', 'RANGE', 'Run log – Wren Lane'],
  ['/range/2', 'RANGE', 'Range – Wren Lane'],
  ['/phone', undefined, 'Phones – Wren Lane'],
])('%s is of a stop, and named by it', (path, stop, title) => {
  expect(stopOf(path)).toBe(stop);
  expect(titleOf(path)).toBe(title);
});

it.each([
  ['YARD', 'EMPTY', '/yard'],
  ['YARD', 'ATTENTION', '/yard?view=courses'],
  ['SETUP', 'DONE', '/setup'],
] as const)('goes on to %s, %s, at %s', (next, readiness, path) => {
  expect(wayOn({ next, stops: [{ stop: next, readiness, message: '' }] })).toBe(path);
});

describe('the way on from a stop', () => {
  const briefing = {
    next: 'COURSE' as const,
    stops: [{ stop: 'COURSE' as const, readiness: 'EMPTY' as const, message: '' }],
  };
  const own = { path: '/course/new', name: 'Another course' };

  it('leads to the next stop', () => {
    expect(wayFrom(briefing, 'MACHINES', own)).toEqual({ path: '/course', name: 'Course' });
  });

  it('stays at a stop that needs more, where it offers a way of its own', () => {
    expect(wayFrom(briefing, 'COURSE', own)).toBe(own);
    expect(wayFrom(briefing, 'COURSE', undefined)).toBeUndefined();
  });

  it('starts a day where there is none', () => {
    expect(wayFrom(undefined, 'YARD', own)?.path).toBe('/today');
  });
});
