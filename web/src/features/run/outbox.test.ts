import { describe, expect, it } from 'vitest';
import type { RunRequest } from './api';
import { added, EMPTY, readOutbox, refused, shown, stored, type Entry } from './outbox';

const run = (side: RunRequest['side'] = 'LEFT'): RunRequest => ({
  dayId: 1,
  riderId: 2,
  machineId: 3,
  courseId: 4,
  side,
  settingMetres: 7.2,
  faults: [],
  loggedAt: '2026-05-14T09:00:00Z',
});
const log = (id: string): Entry => ({ kind: 'log', id, run: run() });
const undo = (id: string): Entry => ({ kind: 'undo', id });
const server = (id: string) => ({ id, side: 'LEFT' as const, settingMetres: 7.2, faults: [] });

describe('the outbox', () => {
  it('keeps what was done in its order', () => {
    const box = [log('a'), undo('a'), log('b')].reduce(added, EMPTY);
    expect(box.waiting.map((e) => e.kind + e.id)).toEqual(['loga', 'undoa', 'logb']);
  });

  it('lets go of what is stored, and of nothing else', () => {
    const box = [log('a'), undo('a')].reduce(added, EMPTY);
    expect(stored(box, log('a')).waiting).toEqual([undo('a')]);
  });

  it('puts a refused run aside with the reason', () => {
    const box = refused([log('a'), log('b')].reduce(added, EMPTY), log('a'), 'too narrow');
    expect(box.waiting).toEqual([log('b')]);
    expect(box.refused[0]?.message).toBe('too narrow');
  });

  it('comes back from this device as it was kept', () => {
    const box = added(EMPTY, log('a'));
    expect(readOutbox(JSON.stringify(box))).toEqual(box);
    for (const kept of [null, '', '{', '{}', '[]', '7']) expect(readOutbox(kept)).toEqual(EMPTY);
  });
});

describe('the runs shown', () => {
  const of = { dayId: 1, riderId: 2, courseId: 4 };

  it('are those of server and device, each once', () => {
    const box = [log('a'), log('b')].reduce(added, EMPTY);
    expect(shown([server('a')], box, of).map((r) => r.id + r.kept)).toEqual(['aserver', 'bdevice']);
  });

  it('leave out what was undone, wherever it is kept', () => {
    const box = [log('b'), undo('b'), undo('a')].reduce(added, EMPTY);
    expect(shown([server('a'), server('c')], box, of).map((r) => r.id)).toEqual(['c']);
  });

  it('leave out other riders', () => {
    expect(shown([], added(EMPTY, log('a')), { ...of, riderId: 9 })).toEqual([]);
  });
});
