import { describe, expect, it } from 'vitest';
import type { Run, RunLog } from './api';
import { dayLog } from './dayLog';
import { correction, EMPTY } from './outbox';

const run = (id: string, minute: number, more: Partial<Run> = {}): Run => ({
  id,
  dayId: 1,
  riderId: 2,
  machineId: 3,
  courseId: 4,
  courseName: 'Box',
  kind: 'u-turn-box',
  side: 'LEFT',
  settingMetres: 7.2,
  faults: [],
  loggedAt: `2026-05-14T09:0${minute}:00Z`,
  simulated: false,
  withdrawn: false,
  sort: 'RUN',
  faultCounts: {},
  note: '',
  device: 'Tablet',
  withdrawnOn: '',
  ...more,
});
const log: RunLog = [
  { run: run('b', 2), earlier: [] },
  {
    run: run('a', 1, { withdrawn: true, withdrawnAt: '2026-05-14T09:05:00Z', withdrawnOn: 'Phone' }),
    earlier: [],
  },
];

describe('the log of a day', () => {
  it('says what was taken away, and where', () => {
    const lines = dayLog(log, EMPTY, 1, 'Here');
    expect(lines.map((l) => l.run.id)).toEqual(['b', 'a']);
    expect(lines[1]?.gone).toEqual({ at: '2026-05-14T09:05:00Z', device: 'Phone' });
  });

  it('shows what only this device knows yet: a correction, one taken away', () => {
    const waiting = correction(run('b', 2), { faults: ['FOOT'] }, 'Here', new Date('2026-05-14T09:09:00Z'));
    const box = { ...EMPTY, waiting: [{ kind: 'log' as const, id: 'c', run: waiting }] };
    const [first] = dayLog(log, box, 1, 'Here');
    expect(first).toMatchObject({
      kept: 'device',
      device: 'Here',
      run: { id: 'c', faults: ['FOOT'], loggedAt: '2026-05-14T09:02:00Z' },
    });
    const undone = { ...EMPTY, waiting: [{ kind: 'undo' as const, id: 'b' }] };
    expect(dayLog(log, undone, 1, 'Here').map((l) => [l.run.id, l.gone?.device])).toEqual([
      ['b', 'Here'],
      ['a', 'Phone'],
    ]);
  });

  it('shows once what was taken away and brought back before the server heard of either', () => {
    const back = correction(run('b', 2), {}, 'Here', new Date('2026-05-14T09:09:00Z'));
    const waiting = [
      { kind: 'undo' as const, id: 'b' },
      { kind: 'log' as const, id: 'c', run: back },
    ];
    const once = [
      ['c', undefined],
      ['a', 'Phone'],
    ];
    expect(dayLog(log, { ...EMPTY, waiting }, 1, 'Here').map((l) => [l.run.id, l.gone?.device])).toEqual(
      once,
    );
    const sent = { ...EMPTY, sent: waiting };
    expect(dayLog(log, sent, 1, 'Here').map((l) => [l.run.id, l.gone?.device])).toEqual(once);
  });
});
