import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { LengthSystem } from '../../shared/units';
import {
  body,
  changing,
  http,
  keys,
  useKeeping,
  useCalculation,
  type Api,
  type Seen,
} from '../../shared/http';

export type Yard = Api<'YardResponse'>;
export type YardRequest = Api<'YardRequest'>;
export type YardGround = Api<'GroundJson'>;
export type Survey = Api<'SurveyResponse'>;
export type Stand = Api<'PlacementJson'>;
export type GroundPlan = Api<'GroundPlanResponse'>;
export type GroundPlanRequest = Api<'GroundPlanRequest'>;
export type Standing = Api<'PlacedCourseJson'>;
export type SharedPlace = Api<'SharedPlaceJson'>;
export type AmongRequest = Api<'OverlapRequest'>;
export type UsualObstacle = Api<'UsualObstacle'>;
export type Sketch = Api<'SketchJson'>;
export type DrawnOutline = Api<'SketchOutline'>;

/** All yards. */
export function useYards() {
  return useQuery({ queryKey: keys.yards(), queryFn: () => body(http.GET('/api/yards')) });
}

/** Stores a yard, new or changed. */
export function useSaveYard() {
  const keep = useKeeping<Yard>(keys.yards);
  return useMutation({
    mutationFn: ({ stored, yard }: { stored?: Seen; yard: YardRequest }) =>
      stored === undefined
        ? body(http.POST('/api/yards', { body: yard }))
        : changing(stored, (header) =>
            http.PUT('/api/yards/{id}', { params: { path: { id: stored.id }, header }, body: yard }),
          ),
    onSuccess: keep,
  });
}

/** Deletes a yard that no day is on. */
export function useDeleteYard() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (stored: Seen) =>
      changing(stored, (header) =>
        http.DELETE('/api/yards/{id}', { params: { path: { id: stored.id }, header } }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.yards() }),
  });
}

/** What the measurements of a ground come to, as it is being described. */
export function useSurvey(ground: YardGround | undefined) {
  return useQuery({
    queryKey: keys.survey(ground),
    enabled: ground !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () => body(http.POST('/api/calculations/yard-surveys', { body: ground as YardGround })),
  });
}

/** What an outline comes to that is drawn by eye. */
export function sketch(drawn: Sketch, system: LengthSystem): Promise<DrawnOutline> {
  return body(http.POST('/api/calculations/yard-sketches', { params: { query: { system } }, body: drawn }));
}

/** What obstacles and painted bays measure as a rule; the same as long as the app runs. */
export function useUsualGround() {
  return useQuery({
    queryKey: keys.usualGround(),
    staleTime: Infinity,
    queryFn: () => body(http.GET('/api/yards/usual')),
  });
}

/** Courses as they stand on a yard, and what is unsafe about it. */
export function groundPlan(request: GroundPlanRequest): Promise<GroundPlan> {
  return body(http.POST('/api/calculations/ground-plans', { body: request }));
}

/** Looks for a place for each course that has none. */
export function useFindPlaces() {
  return useMutation({
    mutationFn: ({ request, signal }: { request: GroundPlanRequest; signal: AbortSignal }) =>
      body(http.POST('/api/calculations/placings', { body: request, signal })),
  });
}

/** Looks for places where a course shares cones with others that stand. */
export function useSharedPlaces() {
  return useMutation({
    mutationFn: ({ courseId, request }: { courseId: number; request: GroundPlanRequest }) =>
      body(http.POST('/api/calculations/shared-places', { params: { query: { courseId } }, body: request })),
  });
}

/** How courses that stand in one another are ridden among each other's tall cones. */
export function useRidesAmong(request: AmongRequest | undefined) {
  return useCalculation('rides-among', request, (r, call) =>
    body(http.POST('/api/calculations/overlapping-courses', { body: r, ...call })),
  );
}
