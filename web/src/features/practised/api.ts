import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, http, keys, ofStored, type Api } from '../../shared/http';

export type Practised = Api<'PracticeResponse'>;
export type PracticeRequest = Api<'PracticeJson'>;
export type Counted = PracticeRequest['left'];

const keyOf = (riderId: number, kind: string) => keys.practised(riderId, kind);

/** What a rider practised alone on a kind of course, the latest first. */
export function usePractised(riderId: number, kind: string) {
  return useQuery({
    queryKey: keyOf(riderId, kind),
    queryFn: () =>
      body(http.GET('/api/riders/{id}/practice', { params: { path: { id: riderId }, query: { kind } } })),
  });
}

/** Logs what a rider tells of: it is listed at once, and all else that is said of them is asked for anew. */
export function useLogPractice(riderId: number) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (practice: PracticeRequest) =>
      body(http.POST('/api/riders/{id}/practice', { params: { path: { id: riderId } }, body: practice })),
    onSuccess: (stored) => {
      client.setQueryData<Practised[]>(
        keyOf(riderId, stored.practice.kind),
        (all) => all && [stored, ...all],
      );
      void client.invalidateQueries({ predicate: ofStored });
    },
  });
}

/** Takes it away again, from the list at once. */
export function useTakeAwayPractice(riderId: number) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (practiceId: number) =>
      body<unknown>(
        http.DELETE('/api/riders/{id}/practice/{practiceId}', {
          params: { path: { id: riderId, practiceId } },
        }),
      ),
    onSuccess: (_, practiceId) => {
      client.setQueriesData<Practised[]>({ queryKey: keys.practised(riderId) }, (all) =>
        all?.filter(({ id }) => id !== practiceId),
      );
      void client.invalidateQueries({ predicate: ofStored });
    },
  });
}
