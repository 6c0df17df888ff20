// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { RunRequest } from './api';
import type { Entry } from './outbox';
import {
  dismissRefused,
  firstWaiting,
  letGo,
  onOtherTabs,
  putAside,
  putWaiting,
  readOutbox,
  takeOver,
} from './outboxStore';

const run: RunRequest = {
  dayId: 1,
  riderId: 2,
  machineId: 3,
  courseId: 4,
  side: 'LEFT',
  settingMetres: 7.2,
  faults: [],
  loggedAt: '2026-05-14T09:00:00Z',
};
const log = (id: string): Entry => ({ kind: 'log', id, run });
const undo = (id: string): Entry => ({ kind: 'undo', id });
const waiting = () => readOutbox().waiting.map((e) => e.kind + e.id);

beforeEach(() => localStorage.clear());
afterEach(() => vi.useRealTimers());

it('keeps what was done in its order, even where the clock goes back', () => {
  vi.useFakeTimers({ now: 2_000_000_000_000 });
  putWaiting(log('a'));
  vi.setSystemTime(1_000_000_000_000);
  putWaiting(undo('a'));
  putWaiting(log('b'));
  expect(waiting()).toEqual(['loga', 'undoa', 'logb']);
});

it('lets go of one, and of nothing that was put there since', () => {
  putWaiting(log('a'));
  const first = firstWaiting();
  putWaiting(log('b'));
  letGo(first?.place ?? '');
  expect(waiting()).toEqual(['logb']);
});

it('puts a refused run aside with the reason until it is dismissed', () => {
  putWaiting(log('a'));
  putWaiting(log('b'));
  putAside(firstWaiting()?.place ?? '', { entry: log('a'), message: 'too narrow' });
  expect(waiting()).toEqual(['logb']);
  expect(readOutbox().refused).toEqual([{ entry: log('a'), message: 'too narrow' }]);
  dismissRefused();
  expect(readOutbox().refused).toEqual([]);
  expect(waiting()).toEqual(['logb']);
});

it('takes over what an earlier version kept, once', () => {
  localStorage.setItem('wren-lane.outbox', JSON.stringify({ waiting: [log('a'), undo('a')], refused: [] }));
  takeOver();
  takeOver();
  expect(waiting()).toEqual(['loga', 'undoa']);
});

it('leaves alone what it does not understand', () => {
  localStorage.setItem('wren-lane.waiting.000000000000001.7', '{');
  localStorage.setItem('wren-lane.waiting.000000000000002.7', '{"kind":"log"}');
  localStorage.setItem('wren-lane.outbox', '[7]');
  takeOver();
  putWaiting(log('a'));
  expect(waiting()).toEqual(['loga']);
  expect(firstWaiting()?.entry).toEqual(log('a'));
});

it('hears of other tabs', () => {
  const changed = vi.fn();
  const quiet = onOtherTabs(changed);
  const tell = (key: string) => window.dispatchEvent(new StorageEvent('storage', { key }));
  tell('wren-lane.waiting.000000000000001.7');
  tell('something.else');
  expect(changed).toHaveBeenCalledTimes(1);
  quiet();
  tell('wren-lane.waiting.000000000000001.7');
  expect(changed).toHaveBeenCalledTimes(1);
});
