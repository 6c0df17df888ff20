import { counted } from '../../shared/ui';
import type { Kept, Rider, RiderRequest } from './api';

/** What somebody is taken for until more is said of them. */
export const NEW_RIDER: RiderRequest = { name: '', level: 'NOVICE', school: 'CLUTCH_FIRST', notes: '' };

/** Levels in words. */
export const LEVELS: Record<Rider['level'], string> = {
  NOVICE: 'novice',
  DEVELOPING: 'developing',
  SKILLED: 'skilled',
};

/** What a rider can ask of a machine, as calculations take it; that of a developing rider where nobody is named. */
export function abilityOf(
  rider: Pick<Rider, 'level' | 'mostLeanRadians'> | undefined,
): Pick<Rider, 'level' | 'mostLeanRadians'> {
  const { level, mostLeanRadians } = rider ?? { level: 'DEVELOPING' };
  return mostLeanRadians === undefined ? { level } : { level, mostLeanRadians };
}

/** A stored rider as they would be sent again. */
export function asRequest(rider: Rider): RiderRequest {
  const { name, level, school, mostLeanRadians, machineId, reach, notes } = rider;
  return {
    name,
    level,
    school,
    notes,
    ...(mostLeanRadians !== undefined && { mostLeanRadians }),
    ...(machineId !== undefined && { machineId }),
    ...(reach !== undefined && { reach }),
  };
}

/** Whether nothing is kept of somebody but how they were described: they can be made anew. */
export function isOnlyDescribed(kept: Kept): boolean {
  return Object.values(kept).every((n) => n === 0);
}

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
