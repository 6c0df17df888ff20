import type { Day } from '../day';
import { isSame } from '../../shared/units';

/** The settings a course of a day was said to stand at, in metres, the widest first; none where it stands as it is set. */
export function saidAt(day: Day | undefined, courseId: number): number[] {
  return day?.activeSizes.find((s) => s.courseId === courseId)?.metres ?? [];
}

/** A day's settings with those of one course put in their place; none, where it is to stand as it is set. */
export function withActiveSizes(day: Day, courseId: number, metres: number[]): Day['activeSizes'] {
  const others = day.activeSizes.filter((s) => s.courseId !== courseId);
  return metres.length === 0 ? others : [...others, { courseId, metres: metres.toSorted((a, b) => b - a) }];
}

/** Settings with one of them moved; moved onto another, the two are one. */
export function moved(settings: number[], from: number, to: number): number[] {
  const rest = settings.filter((s) => !isSame(s, from) && !isSame(s, to));
  return [...rest, to].toSorted((a, b) => b - a);
}

/** The letter that cones of a setting carry, by its place: a, b, c. */
export function letterOf(place: number): string {
  return String.fromCharCode('a'.charCodeAt(0) + place);
}
