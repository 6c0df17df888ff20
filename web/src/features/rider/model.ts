import { counted } from '../../shared/ui';
import type { Kept, RiderRequest } from './api';

/** What somebody is taken for until more is said of them. */
export const NEW_RIDER: RiderRequest = { name: '', level: 'NOVICE', school: 'CLUTCH_FIRST', notes: '' };

/** How much is kept of somebody, in words. */
export function keptText(kept: Kept): string {
  const parts = [
    { n: kept.runs, what: 'run' },
    { n: kept.days, what: 'day' },
    { n: kept.debriefs, what: 'debrief' },
    { n: kept.drills, what: 'mastered drill' },
    { n: kept.goals, what: 'goal' },
    { n: kept.opinions, what: 'opinion' },
    { n: kept.practice, what: 'practice' },
  ].flatMap(({ n, what }) => (n === 0 ? [] : [counted(n, what)]));
  return parts.length === 0 ? 'only the description' : ['the description', ...parts].join(', ');
}
