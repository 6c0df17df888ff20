// @vitest-environment jsdom
import { act, renderHook, waitFor } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Day } from '../day';
import { Problem } from '../../shared/http';
import { useActiveSizes } from './useActiveSizes';

const mutateAsync = vi.fn();
let isPending = false;
vi.mock('../day', async (original) => ({
  ...(await original<typeof import('../day')>()),
  useSaveDay: () => ({ mutateAsync, isPending }),
}));

const day = (metres: number[]): Day => ({
  id: 1,
  version: 1,
  date: '2026-05-14',
  title: 'A day',
  courseIds: [2],
  stands: [],
  activeSizes: metres.length > 0 ? [{ courseId: 2, metres }] : [],
  riders: [],
});

beforeEach(() => {
  localStorage.clear();
  mutateAsync.mockReset();
  isPending = false;
});

it('is as the day says, else as the course is set', () => {
  expect(renderHook(() => useActiveSizes(day([]), 2, 7.2)).result.current.settings).toEqual([7.2]);
  expect(renderHook(() => useActiveSizes(day([8.2, 7]), 2, 7.2)).result.current.settings).toEqual([8.2, 7]);
});

it('tells the server, with the rest of the day as it was', async () => {
  mutateAsync.mockResolvedValue({});
  const { result } = renderHook(() => useActiveSizes(day([]), 2, 7.2));
  act(() => result.current.stand([6.1, 8.2]));
  const asked: unknown = mutateAsync.mock.calls[0]?.[0];
  expect(asked).toMatchObject({
    day: { activeSizes: [{ courseId: 2, metres: [8.2, 6.1] }], courseIds: [2] },
  });
  await waitFor(() => expect(result.current.untold).toBe(false));
});

it('keeps here what could not be told, also after a reload', async () => {
  mutateAsync.mockRejectedValue(new Problem(0, 'out of reach', []));
  const first = renderHook(() => useActiveSizes(day([]), 2, 7.2));
  act(() => first.result.current.stand([6.1]));
  await waitFor(() => expect(mutateAsync).toHaveBeenCalled());
  const again = renderHook(() => useActiveSizes(day([]), 2, 7.2)).result.current;
  expect(again.settings).toEqual([6.1]);
  expect(again.untold).toBe(true);
});

it('does not say that the server was out of reach while it is being told', async () => {
  mutateAsync.mockRejectedValue(new Problem(0, 'out of reach', []));
  const { result, rerender } = renderHook(() => useActiveSizes(day([]), 2, 7.2));
  isPending = true;
  act(() => result.current.stand([6.1]));
  expect(result.current.settings).toEqual([6.1]);
  expect(result.current.untold).toBe(false);
  isPending = false;
  rerender();
  await waitFor(() => expect(result.current.untold).toBe(true));
});

it('gives up what the server refused', async () => {
  mutateAsync.mockRejectedValue(new Problem(422, 'too near', []));
  const { result } = renderHook(() => useActiveSizes(day([8.2, 7]), 2, 7.2));
  act(() => result.current.stand([8.2, 8.1]));
  await waitFor(() => expect(result.current.settings).toEqual([8.2, 7]));
});

it('ignores what is kept and is no list of lengths', () => {
  localStorage.setItem('wren-lane.stands-at.1.2', '["wide"]');
  expect(renderHook(() => useActiveSizes(day([]), 2, 7.2)).result.current.settings).toEqual([7.2]);
});
