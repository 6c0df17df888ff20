// @vitest-environment jsdom
import { QueryClient } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { inClient } from '../testing/inClient';
import { useReckoned } from './useReckoned';

interface Rows {
  rows: number;
  of: number;
}

const progressOf = (r: Rows) => ({ done: r.rows, of: r.of });

it('asks again until all parts are there', async () => {
  let rows = 0;
  const ask = vi.fn(() => Promise.resolve({ rows: ++rows, of: 3 }));
  const { result } = renderHook(() => useReckoned('rows', { course: 1 }, ask, progressOf), {
    wrapper: inClient(new QueryClient()),
  });
  await waitFor(() => expect(result.current.progress).toEqual({ done: 3, of: 3 }));
  expect(result.current.data).toEqual({ rows: 3, of: 3 });
  expect(ask).toHaveBeenCalledTimes(3);
});

it('keeps what is there when it is stopped, tells the core, and goes on when asked to', async () => {
  const aborted = vi.fn();
  let parts = 1;
  const ask = vi.fn((_: unknown, signal: AbortSignal) => {
    if (parts === 1) return Promise.resolve({ rows: parts++, of: 3 });
    if (parts === 3) return Promise.resolve({ rows: 3, of: 3 });
    return new Promise<Rows>((_resolve, reject) =>
      signal.addEventListener('abort', () => {
        aborted();
        reject(signal.reason as Error);
      }),
    );
  });
  const { result } = renderHook(() => useReckoned('rows', { course: 2 }, ask, progressOf), {
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
