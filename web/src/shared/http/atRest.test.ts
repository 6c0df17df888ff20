import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { atRest } from './atRest';

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

/** Asks for something whose answer takes so long. */
function asks(client: QueryClient, what: string, ms: number) {
  void client.prefetchQuery({
    queryKey: [what],
    queryFn: () => new Promise((resolve) => setTimeout(() => resolve(what), ms)),
  });
}

it('waits until nothing is on its way, through the moment between an answer and what follows it', async () => {
  const client = new QueryClient();
  const rested = vi.fn();
  asks(client, 'day', 900);
  void atRest(client).then(rested);
  // At 1 s one look was quiet; at 1.5 s the next thing is on its way.
  await vi.advanceTimersByTimeAsync(1200);
  asks(client, 'sheet', 1000);
  await vi.advanceTimersByTimeAsync(1500);
  expect(rested).not.toHaveBeenCalled();
  await vi.advanceTimersByTimeAsync(300);
  expect(rested).toHaveBeenCalledOnce();
});

it('waits no longer than ten seconds for what takes its time', async () => {
  const client = new QueryClient();
  const rested = vi.fn();
  asks(client, 'comparison', 60_000);
  void atRest(client).then(rested);
  await vi.advanceTimersByTimeAsync(9_999);
  expect(rested).not.toHaveBeenCalled();
  await vi.advanceTimersByTimeAsync(1);
  expect(rested).toHaveBeenCalledOnce();
});
