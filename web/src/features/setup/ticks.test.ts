import { expect, it } from 'vitest';
import { applied, isTicks, withTick } from './ticks';

it('shows what the server has with what was ticked here since', () => {
  expect(applied(['A', 'B'], [])).toEqual(['A', 'B']);
  const waiting = [
    { label: 'C', stands: true },
    { label: 'A', stands: false },
  ];
  expect(applied(['A', 'B'], waiting)).toEqual(['B', 'C']);
  expect(applied(['C'], [{ label: 'C', stands: true }])).toEqual(['C']);
});

it('keeps the last of what was said of a cone', () => {
  const once = withTick([], { label: 'A', stands: true });
  expect(withTick(withTick(once, { label: 'B', stands: true }), { label: 'A', stands: false })).toEqual([
    { label: 'B', stands: true },
    { label: 'A', stands: false },
  ]);
});

it('takes nothing else for ticks', () => {
  expect(isTicks([{ label: 'A', stands: true }])).toBe(true);
  expect([isTicks(undefined), isTicks(['A']), isTicks([null])]).toEqual([false, false, false]);
});
