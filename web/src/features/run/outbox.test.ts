import { describe, expect, it } from 'vitest';
import type { RunRequest } from './api';
import { EMPTY, shown, type Entry, type Outbox } from './outbox';

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
const boxOf = (...waiting: Entry[]): Outbox => ({ ...EMPTY, waiting });
const server = (id: string) => ({ id, side: 'LEFT' as const, settingMetres: 7.2, faults: [] });

describe('the runs shown', () => {
  const of = { dayId: 1, riderId: 2, courseId: 4 };

  it('are those of server and device, each once', () => {
    const box = boxOf(log('a'), log('b'));
    expect(shown([server('a')], box, of).map((r) => r.id + r.kept)).toEqual(['aserver', 'bdevice']);
  });

  it('leave out what was undone, wherever it is kept', () => {
    const box = boxOf(log('b'), undo('b'), undo('a'));
    expect(shown([server('a'), server('c')], box, of).map((r) => r.id)).toEqual(['c']);
  });

  it('leave out other riders', () => {
    expect(shown([], boxOf(log('a')), { ...of, riderId: 9 })).toEqual([]);
  });
});
