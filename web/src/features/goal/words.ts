import type { Off } from './api';
import { counted } from '../../shared/ui';

type Lessons = NonNullable<NonNullable<Off['gap']>['lessons']>;

/** Lessons still needed, rounded up: nobody rides half a lesson. */
function up(lessons: number): number {
  return Math.max(1, Math.ceil(lessons));
}

/** How long it takes at this pace, only as far as that can be said. */
export function lessonsText(lessons: Lessons | undefined): string {
  if (lessons === undefined) return 'How many lessons cannot be said yet.';
  const { soonest, likely, latest } = lessons;
  if (likely === undefined) return 'Not at the pace of the last lessons.';
  const about = `At this pace about ${counted(up(likely), 'lesson')}`;
  return latest === undefined
    ? `${about}, ${up(soonest)} at the soonest; it may take many more.`
    : `${about}, ${up(soonest)} to ${up(latest)}.`;
}

/** How far off a goal is. */
export function gapText(gap: NonNullable<Off['gap']>): string {
  return gap.tightness === 0 ? 'Reached.' : `${counted(gap.steps, 'step')} off.`;
}
