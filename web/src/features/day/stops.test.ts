import { expect, it } from 'vitest';
import { stopOf, titleOf, wayOn } from './stops';

it.each([
  ['/course/new', 'COURSE', 'Course – Wren Lane'],
  ['/riders/3', 'MACHINES', 'Riders – Wren Lane'],
  ['/set-out', 'SET_OUT', 'Set-out – Wren Lane'],
  ['/courses', undefined, 'Wren Lane'],
  ['/phone', undefined, 'Phones – Wren Lane'],
])('%s is of a stop, and named by it', (path, stop, title) => {
  expect(stopOf(path)).toBe(stop);
  expect(titleOf(path)).toBe(title);
});

it.each([
  ['YARD', 'EMPTY', '/yard'],
  ['YARD', 'ATTENTION', '/yard?view=courses'],
  ['SET_OUT', 'DONE', '/set-out'],
] as const)('goes on to %s, %s, at %s', (next, readiness, path) => {
  expect(wayOn({ next, stops: [{ stop: next, readiness, message: '' }] })).toBe(path);
});
