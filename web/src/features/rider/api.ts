import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, http, type Api } from '../../shared/http';

export type Rider = Api<'RiderResponse'>;
export type RiderRequest = Api<'RiderRequest'>;
export type RiderOptions = Api<'RiderOptions'>;

/** All riders. */
export function useRiders() {
  return useQuery({ queryKey: ['riders'], queryFn: () => body(http.GET('/api/riders')) });
}

/** Levels with their limits, and schools. */
export function useRiderOptions() {
  return useQuery({
    queryKey: ['rider-options'],
    staleTime: Infinity,
    queryFn: () => body(http.GET('/api/rider-options')),
  });
}

/** Stores a rider, new or changed. */
export function useSaveRider() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, rider }: { id?: number; rider: RiderRequest }) =>
      id === undefined
        ? body(http.POST('/api/riders', { body: rider }))
        : body(http.PUT('/api/riders/{id}', { params: { path: { id } }, body: rider })),
    onSuccess: () => void client.invalidateQueries(),
  });
}

/** Deletes a rider without runs. */
export function useDeleteRider() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: number) => body(http.DELETE('/api/riders/{id}', { params: { path: { id } } })),
    onSuccess: () => void client.invalidateQueries(),
  });
}
