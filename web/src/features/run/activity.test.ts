import { describe, expect, it } from 'vitest';
import type { Course } from '../course';
import { ridingNow, type Choice, type DrillOfDay } from './activity';
import type { Running, UpNext } from './running';

const box = { id: 3, name: 'Slipway box' } as Course;
const eight = { id: 4, name: 'Quay eight' } as Course;
const drill = (id: string, courseIds: number[], usualOn: number[] = []): DrillOfDay => ({
  id,
  name: id,
  courseIds,
  usualOn,
  eachSide: true,
  loggedBy: 'RUN',
});
const drills = [drill('rolling', [3], [3]), drill('standing', [3]), drill('stop', [])];
const none: Choice = { drill: null, course: null, step: null };

const up = (riderId: number, done = 0): UpNext => ({
  riderId,
  riderName: `Rider ${riderId}`,
  machineName: '300 twin',
  drillId: 'stop',
  drillName: 'Stop with the brake covered',
  loggedBy: 'RUN',
  cue: 'bars straight',
  longestMinutes: 12,
  done,
  of: 4,
});
function lesson(on: Partial<Running['on'][number]>, step = 2): Running {
  const block = { sort: 'DRILLS' as const, label: 'Drills', minutes: 20, order: [], done: [], ...on };
  const about = { dayId: 1, steps: 9, now: '2026-05-14T09:00:00Z', behindMinutes: 0, riders: [] };
  return { ...about, status: 'ON', step, on: [block], next: [] };
}
const now = (choice: Choice, running?: Running) =>
  ridingNow({ choice, running, riderId: 1, courses: [box, eight], drills });
const named = (choice: Choice, running?: Running) => {
  const of = now(choice, running);
  return 'riding' in of ? [of.riding.drill?.drillId, of.riding.course?.id] : of.nothing;
};

describe('what a rider rides', () => {
  it('is the first course of the day without a lesson, as the drill it is for', () => {
    expect(named(none)).toEqual(['rolling', 3]);
    expect(named({ ...none, course: '4' })).toEqual([undefined, 4]);
    expect(named({ ...none, drill: 'standing' })).toEqual(['standing', 3]);
    expect(named({ ...none, drill: 'stop', course: '3' })).toEqual(['stop', undefined]);
  });

  it('is what the lesson plan has for them, with a course or without, also once all turns are ridden', () => {
    expect(named(none, lesson({ order: [up(2), up(1)] }))).toEqual(['stop', undefined]);
    expect(named(none, lesson({ courseId: 4, order: [up(1)] }))).toEqual(['stop', 4]);
    expect(named(none, lesson({ courseId: 4, done: [up(1, 4)] }))).toEqual(['stop', 4]);
  });

  it('is nothing in talks and rests, and for who has no turn', () => {
    expect(named(none, lesson({ sort: 'BRIEFING', label: 'Briefing and checks' }))).toBe(
      'Briefing and checks: nothing is logged.',
    );
    expect(named(none, lesson({ order: [up(2)] }))).toContain('no turn in this step');
  });

  it('is what was chosen until the lesson goes on', () => {
    const chosen = { drill: 'standing', course: '3', step: '2' };
    expect(named(chosen, lesson({ order: [up(1)] }, 2))).toEqual(['standing', 3]);
    expect(named(chosen, lesson({ order: [up(1)] }, 3))).toEqual(['stop', undefined]);
    expect(named({ ...none, course: '4' }, lesson({ order: [up(1)] }))).toEqual(['stop', undefined]);
  });

  it('is nothing where a drill was chosen that this rider does not ride', () => {
    expect(named({ ...none, drill: 'rock-and-return' })).toContain('does not ride that drill');
  });
});
