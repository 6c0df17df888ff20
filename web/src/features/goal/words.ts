import { dateText, lengthText, type LengthSystem } from '../../shared/units';
import type { Programme } from './api';

/** What would be likely to do instead: more lessons, later or more often, or a wider setting. Empty where nothing is said. */
export function enoughText(
  {
    likelyLessons,
    likelySchedule,
    likelySize,
  }: Pick<Programme, 'likelyLessons' | 'likelySchedule' | 'likelySize'>,
  system: LengthSystem,
): string {
  const parts: string[] = [];
  if (likelyLessons !== undefined) {
    const where =
      likelySchedule &&
      [
        `as often as now by ${dateText(likelySchedule.by)}`,
        likelySchedule.everyDays !== undefined &&
          (likelySchedule.everyDays === 1 ? 'or one a day' : `or one every ${likelySchedule.everyDays} days`),
      ]
        .filter(Boolean)
        .join(', ');
    parts.push(
      `${likelyLessons} ${likelyLessons === 1 ? 'lesson is' : 'lessons are'} likely to do${where ? `: ${where}` : ''}.`,
    );
  }
  if (likelySize) parts.push(`Likely by then: ${lengthText(likelySize.settingMetres, system)}.`);
  return parts.join(' ');
}
