import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, http, type Api } from '../../shared/http';

export type Course = Api<'CourseResponse'>;
export type CourseRequest = Api<'CourseRequest'>;
export type CourseKind = Api<'CourseKind'>;
export type Evaluation = Api<'EvaluationResponse'>;
export type EvaluationRequest = Api<'EvaluationRequest'>;
export type Fit = Api<'FitJson'>;

/** All courses. */
export function useCourses() {
  return useQuery({ queryKey: ['courses'], queryFn: () => body(http.GET('/api/courses')) });
}

/** The kinds of course, with their dimensions' limits. */
export function useCourseKinds() {
  return useQuery({
    queryKey: ['course-kinds'],
    staleTime: Infinity,
    queryFn: () => body(http.GET('/api/course-kinds')),
  });
}

/** Reckons a course. */
export function evaluate(request: EvaluationRequest): Promise<Evaluation> {
  return body(http.POST('/api/course-evaluations', { body: request }));
}

/** Stores a course, new or changed. */
export function useSaveCourse() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, course }: { id?: number; course: CourseRequest }) =>
      id === undefined
        ? body(http.POST('/api/courses', { body: course }))
        : body(http.PUT('/api/courses/{id}', { params: { path: { id } }, body: course })),
    onSuccess: () => void client.invalidateQueries(),
  });
}
