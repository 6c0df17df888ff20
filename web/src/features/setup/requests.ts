import { requestOf, type Course } from '../course';
import type { Day } from '../day';
import { saidAt } from '../sizes';
import type { LengthSystem } from '../../shared/units';
import type { ChangeoverRequest, SetupRequest } from './api';

/** How a sheet is read. */
export interface ReadAs {
  system: LengthSystem;
  /** Along which side it is measured; from the course's own corner where missing. */
  along?: SetupRequest['along'];
}

const standOf = (day: Day | undefined, courseId: number) =>
  day?.stands.find((s) => s.courseId === courseId)?.stand;

/** What the sheet of a course is asked for by: the same for whoever opens it, so that an answer kept for later is found. */
export function sheetOf(course: Course, day: Day | undefined, { system, along }: ReadAs): SetupRequest {
  const stand = standOf(day, course.id);
  return {
    laid: { course: requestOf(course), activeSizes: saidAt(day, course.id) },
    system,
    ...(day?.yardId !== undefined && { yardId: day.yardId }),
    ...(stand && { stand }),
    ...(along && { along }),
  };
}

/** What the changeover from a course is asked for by: to another, or to other sizes of its own. */
export function changeOf(
  from: Course,
  to: { course: Course; activeSizes: number[] },
  day: Day | undefined,
  { system, along }: ReadAs,
  stackHolds: number,
): ChangeoverRequest {
  const fromStand = standOf(day, from.id);
  const toStand = standOf(day, to.course.id);
  return {
    from: { course: requestOf(from), activeSizes: saidAt(day, from.id) },
    to: { course: requestOf(to.course), activeSizes: to.activeSizes },
    system,
    stackHolds,
    ...(day?.yardId !== undefined && { yardId: day.yardId }),
    ...(fromStand && { fromStand }),
    ...(toStand && { toStand }),
    ...(along && { along }),
  };
}
