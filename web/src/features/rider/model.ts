import type { Kept, Rider, RiderRequest } from './api';

/** What somebody is taken for until more is said of them. */
export const NEW_RIDER: RiderRequest = { name: '', level: 'NOVICE', school: 'CLUTCH_FIRST', notes: '' };

/** How much is kept of somebody, in words. */
export function keptText(kept: Kept): string {
  const parts = [
    counted(kept.runs, 'run'),
    counted(kept.days, 'day'),
    counted(kept.debriefs, 'debrief'),
    counted(kept.drills, 'mastered drill'),
    counted(kept.goals, 'goal'),
  ].filter((part) => part !== undefined);
  return parts.length === 0 ? 'only the description' : ['the description', ...parts].join(', ');
}

function counted(n: number, what: string): string | undefined {
  return n === 0 ? undefined : `${n} ${what}${n === 1 ? '' : 's'}`;
}

/** Riders whose name says something that was typed; those put away come last. */
export function found(riders: Rider[], typed: string): Rider[] {
  const wanted = typed.trim().toLocaleLowerCase();
  return riders
    .filter((r) => r.name.toLocaleLowerCase().includes(wanted))
    .toSorted((a, b) => Number(a.archived) - Number(b.archived));
}
