import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, http, type Api } from '../../shared/http';

export type Practised = Api<'PracticeResponse'>;
export type PracticeRequest = Api<'PracticeJson'>;
export type Counted = PracticeRequest['left'];

/** What a rider practised alone on a kind of course, the latest first. */
export function usePractised(riderId: number, kind: string) {
  return useQuery({
    queryKey: ['practised', riderId, kind],
    queryFn: () =>
      body(http.GET('/api/riders/{id}/practice', { params: { path: { id: riderId }, query: { kind } } })),
  });
}

/** Logs what a rider tells of; all that is said of them may be another. */
export function useLogPractice(riderId: number) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (practice: PracticeRequest) =>
      body(http.POST('/api/riders/{id}/practice', { params: { path: { id: riderId } }, body: practice })),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Takes it away again. */
export function useTakeAwayPractice(riderId: number) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (practiceId: number) =>
      body<unknown>(
        http.DELETE('/api/riders/{id}/practice/{practiceId}', {
          params: { path: { id: riderId, practiceId } },
        }),
      ),
    onSuccess: () => client.invalidateQueries(),
  });
}
