// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { QueryClient } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { inClient } from '../../shared/testing/inClient';
import { Problem } from '../../shared/http';
import { putRun, withdrawRun, type Run } from './api';
import { firstWaiting, putWaiting } from './outboxStore';
import { emptied, run } from './outbox.testing';
import { useOutbox } from './useOutbox';

vi.mock('./api', () => ({ putRun: vi.fn(), withdrawRun: vi.fn() }));

const put = vi.mocked(putRun);
const withdraw = vi.mocked(withdrawRun);
const outOfReach = new Problem(0, 'The server is out of reach.', []);

function outbox() {
  return renderHook(() => useOutbox(), { wrapper: inClient(new QueryClient()) });
}

beforeEach(async () => {
  await emptied();
  put.mockReset().mockResolvedValue({} as Run);
  withdraw.mockReset().mockResolvedValue(undefined);
});

describe('the outbox on a device', () => {
  it('sends what was done in its order and lets go of it', async () => {
    const sent: string[] = [];
    put.mockImplementation(async (id) => {
      sent.push(`log ${id}`);
      return {} as Run;
    });
    withdraw.mockImplementation(async (id) => {
      sent.push(`undo ${id}`);
    });
    const { result } = outbox();
    act(() => result.current.add({ kind: 'log', id: 'a', run }));
    act(() => result.current.add({ kind: 'undo', id: 'a' }));
    act(() => result.current.add({ kind: 'log', id: 'b', run }));
    await waitFor(() => expect(sent).toEqual(['log a', 'undo a', 'log b']));
    await waitFor(() => expect(result.current.box.waiting).toEqual([]));
  });

  it('does not say that all is saved of what is only just being kept, nor before it was read', async () => {
    put.mockRejectedValue(outOfReach);
    const { result } = outbox();
    expect(result.current.keeping).toBe(true);
    await waitFor(() => expect(result.current.keeping).toBe(false));
    act(() => result.current.add({ kind: 'log', id: 'a', run }));
    expect(result.current).toMatchObject({ keeping: true, box: { waiting: [] } });
    await waitFor(() => expect(result.current.keeping).toBe(false));
    expect(result.current.box.waiting).toHaveLength(1);
  });

  it('keeps everything while the server is out of reach, through a reload, and sends it afterwards', async () => {
    put.mockRejectedValue(outOfReach);
    const before = outbox();
    act(() => before.result.current.add({ kind: 'log', id: 'a', run }));
    await waitFor(() => expect(before.result.current.reached).toBe(false));
    expect(before.result.current.box.waiting).toHaveLength(1);
    before.unmount();

    put.mockResolvedValue({} as Run);
    const after = outbox();
    await waitFor(async () => expect(await firstWaiting()).toBeUndefined());
    await waitFor(() => expect(after.result.current.box.waiting).toEqual([]));
    expect(put).toHaveBeenLastCalledWith('a', run);
  });

  it('takes over what an earlier version kept', async () => {
    localStorage.setItem(
      'wren-lane.waiting.000000000000001.7',
      JSON.stringify({ kind: 'log', id: 'a', run }),
    );
    outbox();
    await waitFor(() => expect(put).toHaveBeenLastCalledWith('a', run));
    await waitFor(() => expect(localStorage.length).toBe(0));
  });

  it('leaves alone what it does not understand', async () => {
    await putWaiting({ kind: 'log' } as never);
    const { result } = outbox();
    act(() => result.current.add({ kind: 'log', id: 'a', run }));
    await waitFor(() => expect(put).toHaveBeenCalledWith('a', run));
  });

  it('tries again when the device is back on the network', async () => {
    put.mockRejectedValueOnce(outOfReach);
    const { result } = outbox();
    act(() => result.current.add({ kind: 'log', id: 'a', run }));
    await waitFor(() => expect(result.current.reached).toBe(false));
    act(() => void window.dispatchEvent(new Event('online')));
    await waitFor(() => expect(result.current.box.waiting).toEqual([]));
    expect(result.current.reached).toBe(true);
  });

  it('puts aside what the server will never take, with its reason, and goes on', async () => {
    put.mockRejectedValueOnce(new Problem(422, 'Width must be between 3 and 20 m.', []));
    const { result } = outbox();
    act(() => result.current.add({ kind: 'log', id: 'a', run }));
    act(() => result.current.add({ kind: 'log', id: 'b', run }));
    await waitFor(() =>
      expect(result.current.box.refused.map((r) => r.message)).toEqual(['Width must be between 3 and 20 m.']),
    );
    await waitFor(() => expect(put).toHaveBeenLastCalledWith('b', run));
    await waitFor(() => expect(result.current.box.waiting).toEqual([]));
    act(() => result.current.dismiss());
    await waitFor(() => expect(result.current.box.refused).toEqual([]));
  });

  it('is one for all tabs: each shows what the other keeps, and neither loses any', async () => {
    put.mockRejectedValue(outOfReach);
    const one = outbox();
    const other = outbox();
    act(() => one.result.current.add({ kind: 'log', id: 'a', run }));
    act(() => other.result.current.add({ kind: 'log', id: 'b', run }));
    for (const tab of [one, other]) {
      await waitFor(() => expect(tab.result.current.box.waiting.map((e) => e.id)).toEqual(['a', 'b']));
    }
    put.mockResolvedValue({} as Run);
    act(() => void window.dispatchEvent(new Event('online')));
    await waitFor(() => expect(one.result.current.box.waiting).toEqual([]));
    expect(new Set(put.mock.calls.map(([id]) => id))).toEqual(new Set(['a', 'b']));
  });
});
