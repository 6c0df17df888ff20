import { describe, expect, it } from 'vitest';
import { countdown, secondsTo, turnOf, upAfter, type Running, type UpNext } from './running';

const up = (riderId: number): UpNext => ({
  riderId,
  riderName: `Rider ${riderId}`,
  machineName: '300 twin',
  drillId: 'u-turn-rolling',
  drillName: 'U-turn',
  loggedBy: 'RUN',
  cue: 'chin up',
  longestMinutes: 12,
  done: 0,
  of: 4,
});
const running = (...orders: number[][]): Running => ({
  dayId: 1,
  status: 'ON',
  step: 2,
  steps: 9,
  now: '2026-05-14T09:00:00Z',
  on: orders.map((order, i) => ({
    sort: 'DRILLS',
    label: 'Drills',
    minutes: 20,
    courseId: i + 1,
    order: order.map(up),
    done: [],
  })),
  next: [],
  behindMinutes: 0,
  riders: [],
});

describe('who is up', () => {
  it('after a rider, is the first of the same ground who is somebody else', () => {
    const two = running([1, 2], [3, 4]);
    expect(upAfter(two, 1)?.up.riderId).toBe(2);
    expect(upAfter(two, 4)?.up.riderId).toBe(3);
    expect(upAfter(two, 9)?.up.riderId).toBe(1);
    expect(upAfter(running([1]), 1)).toBeUndefined();
    expect(upAfter(undefined, 1)).toBeUndefined();
  });

  it('knows a rider’s own turn and ground', () => {
    expect(turnOf(running([1, 2], [3]), 3)?.block.courseId).toBe(2);
    expect(turnOf(running([1]), 2)).toBeUndefined();
  });
});

describe('the clock', () => {
  it('goes by the server’s, however wrong this device’s is', () => {
    // Read when this device thought it was 07:00:00; ten seconds ago.
    const readAt = Date.parse('2026-05-14T07:00:00Z');
    expect(secondsTo('2026-05-14T09:05:00Z', running(), readAt, readAt + 10_000)).toBe(290);
  });

  it('counts down, and then on', () => {
    expect(countdown(725)).toBe('12:05');
    expect(countdown(-40)).toBe('+0:40');
    expect(countdown(0)).toBe('0:00');
  });
});
