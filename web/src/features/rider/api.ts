import { useMutation, useQuery } from '@tanstack/react-query';
import { body, changing, http, keys, useKeeping, useRemoval, type Api, type Seen } from '../../shared/http';

export type Rider = Api<'RiderResponse'>;
export type RiderRequest = Api<'RiderRequest'>;
export type RiderOptions = Api<'RiderOptions'>;

/** All riders. */
export function useRiders() {
  return useQuery({ queryKey: keys.riders(), queryFn: () => body(http.GET('/api/riders')) });
}

/** Levels with their limits, and schools. */
export function useRiderOptions() {
  return useQuery({
    queryKey: keys.riderOptions(),
    staleTime: Infinity,
    queryFn: () => body(http.GET('/api/rider-options')),
  });
}

/** Stores a rider, new or changed. */
export function useSaveRider() {
  const keep = useKeeping<Rider>(keys.riders);
  return useMutation({
    mutationFn: ({ stored, rider }: { stored?: Seen; rider: RiderRequest }) =>
      stored === undefined
        ? body(http.POST('/api/riders', { body: rider }))
        : changing(stored, (header) =>
            http.PUT('/api/riders/{id}', { params: { path: { id: stored.id }, header }, body: rider }),
          ),
    onSuccess: keep,
  });
}

export type Kept = Api<'RecordCounts'>;

/** How much is kept of a rider. */
export function useRecords(riderId: number) {
  return useQuery({
    queryKey: keys.records(riderId),
    queryFn: () => body(http.GET('/api/riders/{id}/records', { params: { path: { id: riderId } } })),
  });
}

/** Puts a rider away, or brings them back. */
export function useArchiveRider() {
  const keep = useKeeping<Rider>(keys.riders);
  return useMutation({
    mutationFn: ({ rider, archived }: { rider: Rider; archived: boolean }) =>
      changing(rider, (header) =>
        http.PUT('/api/riders/{id}/archived', {
          params: { path: { id: rider.id }, header },
          body: { archived },
        }),
      ),
    onSuccess: keep,
  });
}

/** Deletes a rider nothing is kept of. */
export const useDeleteRider = () => useRemoval((params) => http.DELETE('/api/riders/{id}', { params }));

/** Deletes a rider with all that is kept of them. */
export const useDeleteRecords = () =>
  useRemoval((params) => http.DELETE('/api/riders/{id}/records', { params }));
