// @vitest-environment jsdom
import { QueryClient } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { inClient } from '../../shared/testing/inClient';
import { http, Problem } from '../../shared/http';
import { useAhead } from './running';

vi.mock('../../shared/http', async (original) => ({
  ...(await original<object>()),
  http: { GET: vi.fn() },
  body: (sent: Promise<unknown>) => sent,
}));

const get = vi.mocked(http.GET);

function ahead(dayId: number | undefined) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return { client, ...renderHook(() => useAhead(dayId), { wrapper: inClient(client) }) };
}

it('has nothing to wait for without a day', () => {
  expect(ahead(undefined).result.current.state).toBe('ready');
  expect(get).not.toHaveBeenCalled();
});

it('waits until the lesson is known', async () => {
  get.mockResolvedValue({} as never);
  const { result } = ahead(1);
  expect(result.current.state).toBe('loading');
  await waitFor(() => expect(result.current.state).toBe('ready'));
});

it('waits no more once the server was out of reach, however often it is asked again', async () => {
  get.mockRejectedValue(new Problem(0, 'The server is out of reach.', []));
  const { client, result } = ahead(1);
  await waitFor(() => expect(result.current.state).toBe('ready'));
  get.mockReturnValue(new Promise(() => {}));
  act(() => void client.refetchQueries());
  await waitFor(() => expect(client.isFetching()).toBeGreaterThan(0));
  expect(result.current.state).toBe('ready');
});
