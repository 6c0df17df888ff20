/** Sizes that differ by less are one, in metres: as the core has it (course/Sizes). */
const SAME = 0.005;

/** Whether two sizes of a course, in metres, are the same. */
export function isSame(a: number, b: number): boolean {
  return Math.abs(a - b) < SAME;
}
