// @vitest-environment jsdom
import { QueryClient } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { inClient } from '../testing/inClient';
import { Problem } from './problem';
import { useCalculation, type Call } from './useCalculation';

interface Rows {
  rows: number;
  of: number;
}

const progressOf = (r: Rows) => ({ done: r.rows, of: r.of });

it('asks again until all parts are there', async () => {
  let rows = 0;
  const ask = vi.fn(() => Promise.resolve({ rows: ++rows, of: 3 }));
  const { result } = renderHook(() => useCalculation('rows', { course: 1 }, ask, progressOf), {
    wrapper: inClient(new QueryClient()),
  });
  await waitFor(() => expect(result.current.progress).toEqual({ done: 3, of: 3 }));
  expect(result.current.data).toEqual({ rows: 3, of: 3 });
  expect(ask).toHaveBeenCalledTimes(3);
});

it('keeps what is there when it is stopped, tells the core, and goes on when asked to', async () => {
  const aborted = vi.fn();
  let parts = 1;
  const ask = vi.fn((_: unknown, { signal }: Call) => {
    if (parts === 1) return Promise.resolve({ rows: parts++, of: 3 });
    if (parts === 3) return Promise.resolve({ rows: 3, of: 3 });
    return new Promise<Rows>((_resolve, reject) =>
      signal.addEventListener('abort', () => {
        aborted();
        reject(signal.reason as Error);
      }),
    );
  });
  const { result } = renderHook(() => useCalculation('rows', { course: 2 }, ask, progressOf), {
    wrapper: inClient(new QueryClient()),
  });
  await waitFor(() => expect(ask).toHaveBeenCalledTimes(2));
  act(() => result.current.stop());
  await waitFor(() => expect(aborted).toHaveBeenCalledTimes(1));
  expect(result.current.stopped).toBe(true);
  expect(result.current.data).toEqual({ rows: 1, of: 3 });
  parts = 3;
  act(() => result.current.goOn());
  await waitFor(() => expect(result.current.data).toEqual({ rows: 3, of: 3 }));
  expect(result.current.stopped).toBe(false);
});

it('tries again by itself where the time was not enough', async () => {
  const limit = new Problem(422, 'There are 4.0 s.', [{ code: 'calculation-limit', where: '', message: '' }]);
  const ask = vi.fn().mockRejectedValueOnce(limit).mockResolvedValue('there');
  const { result } = renderHook(() => useCalculation('speeds', { course: 2 }, ask), {
    wrapper: inClient(new QueryClient({ defaultOptions: { queries: { retryDelay: 1 } } })),
  });
  await waitFor(() => expect(result.current.data).toBe('there'));
  expect(result.current.problem).toBeUndefined();
  expect(ask).toHaveBeenCalledTimes(2);
});

it('names its question the same each time, and another page’s otherwise', async () => {
  const ask = vi.fn((_: { course: number }, call: Call) => Promise.resolve(call.headers['Calculation-Slot']));
  const client = inClient(new QueryClient());
  const { result, rerender } = renderHook((course: number) => useCalculation('speeds', { course }, ask), {
    wrapper: client,
    initialProps: 1,
  });
  await waitFor(() => expect(result.current.data).toBeDefined());
  const first = result.current.data;
  rerender(2);
  await waitFor(() => expect(ask).toHaveBeenCalledTimes(2));
  await waitFor(() => expect(result.current.stale).toBe(false));
  expect(result.current.data).toBe(first);
  expect(first).toMatch(/^[0-9A-Za-z._:-]{1,120}$/);
});
