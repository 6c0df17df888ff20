// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { beforeEach, expect, it } from 'vitest';
import { useRidden } from './useRidden';

beforeEach(() => localStorage.clear());

const ridden = (key: string, settings: number[], suits?: number) =>
  renderHook(() => useRidden(key, settings, suits)).result;

it('is the only setting that stands', () => {
  expect(ridden('1', [7.2], 9).current.setting).toBe(7.2);
});

it('is what suits the rider, and nothing while that is not known', () => {
  expect(ridden('1', [8.2, 7], undefined).current.setting).toBeUndefined();
  expect(ridden('1', [8.2, 7], 7).current.setting).toBe(7);
  expect(ridden('1', [8.2, 7], 6.1).current.setting).toBeUndefined();
});

it('is what was chosen, for this rider alone, as long as it stands', () => {
  const one = ridden('1', [8.2, 7], 7);
  act(() => one.current.choose(8.2));
  expect(one.current.setting).toBe(8.2);
  expect(ridden('1', [8.2, 7], 7).current.setting).toBe(8.2);
  expect(ridden('2', [8.2, 7], 7).current.setting).toBe(7);
  expect(ridden('1', [7.6, 7], 7).current.setting).toBe(7);
});
