// @vitest-environment jsdom
import { QueryClient } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { inClient } from '../../shared/testing/inClient';
import { http, Problem } from '../../shared/http';
import { useRange, type RangeView } from './api';

vi.mock('../../shared/http', async (original) => ({
  ...(await original<object>()),
  http: { GET: vi.fn() },
  body: (sent: Promise<unknown>) => sent,
}));
vi.mock('../../shared/units', async (original) => ({
  ...(await original<object>()),
  usePreferences: () => ({ system: 'METRIC' }),
}));

const get = vi.mocked(http.GET);
const outOfReach = () => get.mockRejectedValue(new Problem(0, 'The server is out of reach.', []));
const onItsWay = () => get.mockReturnValue(new Promise(() => {}));
const there = { runs: [], unscored: [] } as unknown as RangeView;

const asked = { dayId: 1, riderId: 2, courseId: 3, machineId: 4 };

function ofRider() {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const hook = renderHook((settingMetres: number) => useRange({ ...asked, settingMetres }), {
    wrapper: inClient(client),
    initialProps: 7.2,
  });
  const again = async () => {
    onItsWay();
    act(() => void client.refetchQueries());
    await waitFor(() => expect(client.isFetching()).toBeGreaterThan(0));
  };
  return { again, ...hook };
}

it('has not failed while the first answer is on its way', () => {
  onItsWay();
  expect(ofRider().result.current).toEqual({ data: undefined, failed: false });
});

it('stays failed while what never came is asked for once more', async () => {
  outOfReach();
  const { result, again } = ofRider();
  await waitFor(() => expect(result.current.failed).toBe(true));
  await again();
  expect(result.current).toEqual({ data: undefined, failed: true });
});

it('shows what was read at another setting as long as this one cannot be had', async () => {
  get.mockResolvedValue(there as never);
  const { result, again, rerender } = ofRider();
  await waitFor(() => expect(result.current).toEqual({ data: there, failed: false }));
  outOfReach();
  rerender(6.4);
  await waitFor(() => expect(result.current.failed).toBe(true));
  expect(result.current.data).toEqual(there);
  await again();
  expect(result.current).toEqual({ data: there, failed: true });
});

it('is asked once, for the setting that is ridden, and not before that is settled', async () => {
  get.mockReset();
  get.mockResolvedValue(there as never);
  const { result, rerender } = renderHook(
    (settingMetres?: number) => useRange({ ...asked, settingMetres }, settingMetres !== undefined),
    { wrapper: inClient(new QueryClient()) },
  );
  expect(result.current).toEqual({ data: undefined, failed: false });
  rerender(7.2);
  await waitFor(() => expect(result.current.data).toEqual(there));
  expect(get).toHaveBeenCalledOnce();
  expect(get.mock.lastCall).toMatchObject([
    '/api/days/{dayId}/riders/{riderId}/range',
    { params: { query: { settingMetres: 7.2 } } },
  ]);
});
