// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { beforeEach, expect, it } from 'vitest';
import { useStanding } from './useStanding';

beforeEach(() => localStorage.clear());

it('is as the course is set until the cones are moved, and stays so for every rider', () => {
  const first = renderHook(() => useStanding(1, 2, 7.2));
  expect(first.result.current.metres).toBe(7.2);
  act(() => first.result.current.move(6.3));
  expect(first.result.current.metres).toBe(6.3);
  first.unmount();
  expect(renderHook(() => useStanding(1, 2, 7.2)).result.current.metres).toBe(6.3);
});

it('is of one course on one day', () => {
  const moved = renderHook(() => useStanding(1, 2, 7.2));
  act(() => moved.result.current.move(6.3));
  expect(renderHook(() => useStanding(1, 3, 7.2)).result.current.metres).toBe(7.2);
  expect(renderHook(() => useStanding(4, 2, 7.2)).result.current.metres).toBe(7.2);
});

it('ignores what is kept and is no length', () => {
  localStorage.setItem('wren-lane.stands.1.2', 'wide');
  expect(renderHook(() => useStanding(1, 2, 7.2)).result.current.metres).toBe(7.2);
});
