// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { waitFor } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Entry } from './outbox';
import {
  dismissRefused,
  firstWaiting,
  lastSent,
  letGoOfSent,
  markSent,
  onOtherTabs,
  putAside,
  putWaiting,
  readOutbox,
  takeOver,
} from './outboxStore';
import { emptied, run } from './outbox.testing';

const log = (id: string): Entry => ({ kind: 'log', id, run });
const undo = (id: string): Entry => ({ kind: 'undo', id });
const waiting = async () => (await readOutbox()).waiting.map((e) => e.kind + e.id);

beforeEach(emptied);

it('keeps what was done in its order, also where it was put all at once', async () => {
  await Promise.all([log('a'), undo('a'), log('b')].map(putWaiting));
  expect(await waiting()).toEqual(['loga', 'undoa', 'logb']);
});

it('notes one as sent, and nothing that was put there since, until the server was read', async () => {
  await putWaiting(log('a'));
  const first = await firstWaiting();
  await putWaiting(log('b'));
  await markSent(first?.place ?? 0, log('a'));
  expect(await waiting()).toEqual(['logb']);
  expect((await readOutbox()).sent).toEqual([log('a')]);
  const last = await lastSent();
  await markSent((await firstWaiting())?.place ?? 0, log('b'));
  await letGoOfSent(last ?? 0);
  expect((await readOutbox()).sent).toEqual([log('b')]);
  expect(await waiting()).toEqual([]);
});

it('puts a refused run aside with the reason until it is dismissed', async () => {
  await putWaiting(log('a'));
  await putWaiting(log('b'));
  await putAside((await firstWaiting())?.place ?? 0, { entry: log('a'), message: 'too narrow' });
  expect(await waiting()).toEqual(['logb']);
  expect((await readOutbox()).refused).toEqual([{ entry: log('a'), message: 'too narrow' }]);
  await dismissRefused();
  expect((await readOutbox()).refused).toEqual([]);
  expect(await waiting()).toEqual(['logb']);
});

it('takes over what earlier versions kept, once, and in its order', async () => {
  localStorage.setItem('wren-lane.outbox', JSON.stringify({ waiting: [log('a'), undo('a')], refused: [] }));
  localStorage.setItem('wren-lane.waiting.000000000000002.7', JSON.stringify(log('c')));
  localStorage.setItem('wren-lane.waiting.000000000000001.9', JSON.stringify(log('b')));
  localStorage.setItem('wren-lane.waiting.000000000000003.9', '{');
  const aside = { entry: log('d'), message: 'too narrow' };
  localStorage.setItem('wren-lane.refused.000000000000001.9', JSON.stringify(aside));
  await takeOver();
  await takeOver();
  expect(await waiting()).toEqual(['loga', 'undoa', 'logb', 'logc']);
  expect((await readOutbox()).refused).toEqual([aside]);
});

it('hears of other tabs until it is quiet', async () => {
  const changed = vi.fn();
  const quiet = onOtherTabs(changed);
  await putWaiting(log('a'));
  await waitFor(() => expect(changed).toHaveBeenCalled());
  quiet();
  const heard = changed.mock.calls.length;
  await putWaiting(log('b'));
  const last = vi.fn();
  const other = onOtherTabs(last);
  await putWaiting(log('c'));
  await waitFor(() => expect(last).toHaveBeenCalled());
  other();
  expect(changed.mock.calls.length).toBe(heard);
});
