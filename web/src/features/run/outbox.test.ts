import { describe, expect, it } from 'vitest';
import type { RunRequest } from './api';
import { correction, EMPTY, shown, type Entry, type Outbox } from './outbox';

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
const corrected = (id: string, replaces: string, changes: Partial<RunRequest> = {}): Entry => ({
  kind: 'log',
  id,
  run: correction({ ...run(), id: replaces }, changes, 'Phone', new Date(0)),
});
const undo = (id: string): Entry => ({ kind: 'undo', id });
const boxOf = (...waiting: Entry[]): Outbox => ({ ...EMPTY, waiting });
const server = (id: string) => ({ ...run(), id });
const anybody = () => true;

describe('the runs shown', () => {
  it('are those of server and device, each once', () => {
    const box = boxOf(log('a'), log('b'));
    expect(shown([server('a')], box, anybody).map((r) => r.id + r.kept)).toEqual(['aserver', 'bdevice']);
  });

  it('are there too where the server has stored them, and nothing was read of it since', () => {
    const box: Outbox = { ...EMPTY, sent: [log('a'), undo('s')], waiting: [log('b')] };
    expect(shown([server('s')], box, anybody).map((r) => r.id + r.kept)).toEqual(['aserver', 'bdevice']);
    expect(shown([server('a')], box, anybody).map((r) => r.id + r.kept)).toEqual(['aserver', 'bdevice']);
  });

  it('leave out what was undone, wherever it is kept', () => {
    const box = boxOf(log('b'), undo('b'), undo('a'));
    expect(shown([server('a'), server('c')], box, anybody).map((r) => r.id)).toEqual(['c']);
  });

  it('leave out other riders', () => {
    expect(shown([], boxOf(log('a')), (r) => r.riderId === 9)).toEqual([]);
  });

  it('show a correction in the place of what it corrects', () => {
    const box = boxOf(corrected('d', 'a', { faults: ['FOOT'] }), log('e'), corrected('f', 'e'));
    const runs = shown([server('a'), server('b')], box, anybody);
    expect(runs.map((r) => r.id)).toEqual(['d', 'b', 'f']);
    expect(runs[0]?.faults).toEqual(['FOOT']);
  });

  it('lose what a correction moves to somebody else', () => {
    const box = boxOf(corrected('d', 'a', { riderId: 9 }));
    expect(shown([server('a')], box, (r) => r.riderId === 2)).toEqual([]);
    expect(shown([], box, (r) => r.riderId === 9).map((r) => r.id)).toEqual(['d']);
  });

  it('show a correction once that the server has told of already', () => {
    expect(shown([server('d')], boxOf(corrected('d', 'a')), anybody).map((r) => r.id)).toEqual(['d']);
  });
});
