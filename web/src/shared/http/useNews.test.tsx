// @vitest-environment jsdom
import { QueryClient, useQuery } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { inClient } from '../testing/inClient';
import { keys } from './keys';
import { useNews } from './useNews';

let tell: (topic: string) => void;

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal(
    'EventSource',
    class {
      onmessage: ((event: { data: string }) => void) | undefined;
      constructor() {
        tell = (topic) => this.onmessage?.({ data: JSON.stringify({ topic, dayId: 1 }) });
      }
      close() {
        this.onmessage = undefined;
      }
    },
  );
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** How often the yards and the runs were read, once those news are told one right after another. */
async function readsAfter(...topics: string[]) {
  const read = { yards: 0, range: 0 };
  const client = new QueryClient();
  renderHook(
    () => {
      useNews();
      useQuery({ queryKey: keys.yards(), queryFn: () => ++read.yards });
      useQuery({ queryKey: keys.range(), queryFn: () => ++read.range });
    },
    { wrapper: inClient(client) },
  );
  await act(() => vi.advanceTimersByTimeAsync(1000));
  topics.forEach((topic) => tell(topic));
  await act(() => vi.advanceTimersByTimeAsync(1000));
  return read;
}

it('reads all anew once, however much is told at once', async () => {
  expect(await readsAfter('DAY', 'DAY', 'RUNS', 'DAY')).toEqual({ yards: 2, range: 2 });
});

it('reads what tells of runs alone where nothing else is told', async () => {
  expect(await readsAfter('RUNS', 'RUNS')).toEqual({ yards: 1, range: 2 });
});

it('reads nothing where nothing is told', async () => {
  expect(await readsAfter()).toEqual({ yards: 1, range: 1 });
});
