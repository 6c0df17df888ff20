import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, http, type Api } from '../../shared/http';

export type Yard = Api<'YardResponse'>;
export type YardRequest = Api<'YardRequest'>;
export type Caution = Api<'Caution'>;

/** All yards. */
export function useYards() {
  return useQuery({ queryKey: ['yards'], queryFn: () => body(http.GET('/api/yards')) });
}

/** Stores a yard, new or changed. */
export function useSaveYard() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, yard }: { id?: number; yard: YardRequest }) =>
      id === undefined
        ? body(http.POST('/api/yards', { body: yard }))
        : body(http.PUT('/api/yards/{id}', { params: { path: { id } }, body: yard })),
    onSuccess: () => void client.invalidateQueries(),
  });
}

/** The cautions of a yard as it is being described. */
export function useYardCautions(yard: YardRequest | undefined) {
  return useQuery({
    queryKey: ['yard-cautions', yard],
    enabled: yard !== undefined,
    placeholderData: (before: Caution[] | undefined) => before,
    queryFn: () => body(http.POST('/api/yards/cautions', { body: yard as YardRequest })),
  });
}
