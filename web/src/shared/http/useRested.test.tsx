// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useRested } from './useRested';

beforeEach(() => {
  vi.useFakeTimers();
});

afterEach(() => {
  vi.useRealTimers();
});

const pass = (ms: number) => act(() => vi.advanceTimersByTime(ms));

it('gives a value once it has stayed the same for half a second', () => {
  const { result, rerender } = renderHook(({ at }) => useRested({ at }, String(at)), {
    initialProps: { at: 1 },
  });
  expect(result.current).toBeUndefined();
  pass(400);
  rerender({ at: 2 });
  pass(400);
  expect(result.current).toBeUndefined();
  pass(100);
  expect(result.current).toEqual({ at: 2 });
});

it('takes it away as soon as it moves, and not where only the object is another', () => {
  const { result, rerender } = renderHook(({ at }) => useRested({ at }, String(at)), {
    initialProps: { at: 1 },
  });
  pass(500);
  rerender({ at: 1 });
  expect(result.current).toEqual({ at: 1 });
  rerender({ at: 3 });
  expect(result.current).toBeUndefined();
});
