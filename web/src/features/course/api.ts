import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  body,
  changing,
  http,
  keys,
  ofStored,
  useKeeping,
  useCalculation,
  useRemoval,
  type Api,
  type Calculation,
  type Seen,
} from '../../shared/http';
import { usePreferences } from '../../shared/units';

export type Course = Api<'CourseResponse'>;
export type CourseRequest = Api<'CourseRequest'>;
export type CourseKind = Api<'CourseKindJson'>;
export type Plan = Api<'PlanJson'>;
export type Evaluation = Api<'EvaluationResponse'>;
export type CalculationRequest = Api<'CalculationRequest'>;
export type Fit = Api<'FitJson'>;
export type Line = Api<'LineJson'>;
export type MistakeCost = Api<'MistakeCost'>;
/** Which of a course's lines. */
export type LineChoice = NonNullable<CalculationRequest['line']>;
export type Clearance = Api<'ClearanceJson'>;
export type Place = Api<'PlaceJson'>;
export type Comparison = Api<'Comparison'>;
export type PairFit = Api<'PairFit'>;
export type SideFit = Api<'SideFit'>;
export type SpeedWindows = Api<'SpeedWindows'>;
export type Ladder = Api<'SizeLadder'>;
export type Size = Api<'SizeStep'>;

const everyCourse = { queryKey: keys.courses(), queryFn: () => body(http.GET('/api/courses')) };

const offered = (courses: Course[]) => courses.filter((c) => !c.archived);

/** The courses that are offered: all that are not archived. */
export function useCourses() {
  return useQuery({ ...everyCourse, select: offered });
}

/** All courses, the archived ones too. */
export function useEveryCourse() {
  return useQuery(everyCourse);
}

/** The kinds of course, with their dimensions' limits. */
export function useCourseKinds() {
  return useQuery({
    queryKey: keys.courseKinds(),
    staleTime: Infinity,
    queryFn: () => body(http.GET('/api/course-kinds')),
  });
}

/** The plan of each kind by its name, where they are to be seen. */
export function useKindPlans(seen: boolean): Map<string, Plan> {
  const { data } = useQuery({
    queryKey: keys.kindPlans(),
    enabled: seen,
    staleTime: Infinity,
    queryFn: () => body(http.GET('/api/course-kinds/plans')),
  });
  return new Map(data?.map(({ kind, plan }) => [kind, plan]));
}

/** Computes a course for a machine. */
export function evaluate(request: CalculationRequest): Promise<Evaluation> {
  return body(http.POST('/api/calculations/course-evaluations', { body: request }));
}

/** One course for everyone, row by row. */
export function useComparison(request: Api<'ComparisonRequest'> | undefined): Calculation<Comparison> {
  return useCalculation(
    'comparison',
    request,
    (r, call) => body(http.POST('/api/calculations/course-comparisons', { body: r, ...call })),
    (c) => ({ done: c.finished, of: c.rows.length }),
  );
}

/** The speeds it can be ridden at. */
export function useSpeedWindows(request: CalculationRequest | undefined) {
  return useCalculation('windows', request, (r, call) =>
    body(http.POST('/api/calculations/speed-windows', { body: r, ...call })),
  );
}

/** The sizes of a machine on a course. */
export function useLadder(request: CalculationRequest | undefined) {
  const { system } = usePreferences();
  return useCalculation('ladder', request && { request, system }, (r, call) =>
    body(
      http.POST('/api/calculations/course-ladders', {
        body: r.request,
        params: { query: { system: r.system } },
        ...call,
      }),
    ),
  );
}

/** How densely the edges of a course can be marked, and with how many markers in all. */
export function useEdgeMarkings(course: CourseRequest, markers: number | undefined) {
  return useQuery({
    queryKey: keys.edgeMarkings(course, markers),
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () =>
      body(
        http.POST('/api/calculations/edge-markings', {
          body: { course, ...(markers !== undefined && { markers }) },
        }),
      ),
  });
}

/** What swinging out buys. */
export function useSwingOut(request: CalculationRequest | undefined) {
  return useCalculation('swing-out', request, (r, call) =>
    body(http.POST('/api/calculations/swing-out-values', { body: r, ...call })),
  );
}

/** What one mistake costs. */
export function useMistakes(request: CalculationRequest | undefined) {
  return useCalculation('mistakes', request, (r, call) =>
    body(http.POST('/api/calculations/mistake-costs', { body: r, ...call })),
  );
}

/** The smallest setting of one length, all else as it is. */
export function tightest(of: CalculationRequest, dimension: string, signal: AbortSignal) {
  return body(http.POST('/api/calculations/smallest-sizes', { body: { of, dimension }, signal }));
}

/** Calls for a crossroads, drawn at random from a seed. */
export function drawCalls(count: number, seed: number) {
  return body(http.POST('/api/calculations/crossroads-calls', { body: { count, seed } }));
}

/** Stores a course, new or changed. */
export function useSaveCourse() {
  const keep = useKeeping<Course>(keys.courses);
  return useMutation({
    mutationFn: ({ stored, course }: { stored?: Seen; course: CourseRequest }) =>
      stored === undefined
        ? body(http.POST('/api/courses', { body: course }))
        : changing(stored, (header) =>
            http.PUT('/api/courses/{id}', { params: { path: { id: stored.id }, header }, body: course }),
          ),
    onSuccess: keep,
  });
}

/** Takes a course away; it can be brought back. */
export const useDeleteCourse = () => useRemoval((params) => http.DELETE('/api/courses/{id}', { params }));

/** Archives a course, or restores it. */
export function useArchiveCourse() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ course, archived }: { course: Course; archived: boolean }) =>
      changing(course, (header) =>
        http.PUT('/api/courses/{id}/archived', {
          params: { path: { id: course.id }, header },
          body: { archived },
        }),
      ),
    onSuccess: () => void client.invalidateQueries({ predicate: ofStored }),
  });
}
