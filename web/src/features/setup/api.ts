import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { CalculationRequest } from '../course';
import type { Length } from '../length';
import { body, http, keys, useCalculation, type Api } from '../../shared/http';
import type { LengthSystem } from '../../shared/units';

export type Setup = Api<'SetupResponse'>;
export type SetupRequest = Api<'SetupRequest'>;
export type LaidCourse = Api<'CourseSetup'>;
export type Changeover = Api<'Changeover'>;
export type ChangeoverRequest = Api<'ChangeoverRequest'>;
export type SetupAccuracy = Api<'SetupAccuracy'>;
export type ChalkedMark = Api<'ChalkedMark'>;
export type DayOrder = Api<'DayOrder'>;

/** The question where each cone goes. */
export const sheetQuery = (request: SetupRequest) => ({
  queryKey: keys.setup(request),
  queryFn: () => body(http.POST('/api/calculations/setup-sheets', { body: request })),
});

/** Where each cone goes. */
export function useSheet(request: SetupRequest) {
  return useQuery(sheetQuery(request));
}

/** What somebody rides a course by, taped as the course is. */
export function useRidingMarks(request: Api<'RidingMarksRequest'> | undefined) {
  return useCalculation('riding-marks', request, (r, call) =>
    body(http.POST('/api/calculations/riding-marks', { body: r, ...call })),
  );
}

/** What the way of measuring does to the room of one machine and rider. */
export function useAccuracy(request: CalculationRequest | undefined) {
  return useCalculation(
    'setup-accuracy',
    request,
    (r, call) => body(http.POST('/api/calculations/setup-accuracies', { body: r, ...call })),
    (a) => ({ done: a.finished, of: a.parts }),
  );
}

/** The question what moves from one course to another. */
export const changeoverQuery = (request: ChangeoverRequest) => ({
  queryKey: keys.changeover(request),
  queryFn: () => body(http.POST('/api/calculations/changeovers', { body: request })),
});

/** From one course to another. */
export function useChangeover(request: ChangeoverRequest) {
  return useQuery(changeoverQuery(request));
}

/** The order of courses with the least changeover. */
export function useDayOrder(
  courses: LaidCourse[],
  keepInOrder: number[],
  system: LengthSystem,
  stackHolds: number,
) {
  return useQuery({
    queryKey: keys.dayOrder(courses, keepInOrder, system, stackHolds),
    enabled: courses.length > 1,
    placeholderData: keepPreviousData,
    queryFn: () =>
      body(http.POST('/api/calculations/day-orders', { body: { courses, keepInOrder, system, stackHolds } })),
  });
}

/** What two taped diagonals mean. */
export function useSquareCheck(laid: LaidCourse, first: Length | undefined, second: Length | undefined) {
  return useQuery({
    queryKey: keys.square(laid, first?.metres, second?.metres),
    enabled: first !== undefined && second !== undefined,
    retry: false,
    queryFn: () =>
      body(
        http.POST('/api/calculations/square-checks', {
          body: { laid, first: first as Length, second: second as Length },
        }),
      ),
  });
}

/** The question which cones of a day's courses are shared. */
export const sharedConesQuery = (day: { id: number; stands: unknown[] } | undefined) => ({
  queryKey: keys.sharedCones(day),
  queryFn: () => body(http.GET('/api/days/{id}/shared-cones', { params: { path: { id: day?.id ?? 0 } } })),
});

/** What else cones of a course are that others share where they stand on a day, by their labels. */
export function useAlso(day: { id: number; stands: unknown[] } | undefined, courseId: number) {
  const shared = useQuery({ ...sharedConesQuery(day), enabled: day !== undefined && day.stands.length > 1 });
  return new Map(shared.data?.filter((c) => c.courseId === courseId).map((c) => [c.label, c.also]));
}
