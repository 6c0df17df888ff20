import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, changing, http, keys, ofStored, type Api } from '../../shared/http';

export type Causes = Api<'CausesResponse'>;
export type Cause = Api<'CauseJson'>;

/** What faults come from, as it holds here. */
export function useCauses() {
  return useQuery({ queryKey: keys.causes(), queryFn: () => body(http.GET('/api/causes')) });
}

/** Keeps the whole table; without rows it is put back as it came. What is said of riders may be another. */
export function useSaveCauses() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ stored, rows }: { stored: Causes; rows: Cause[] | undefined }) =>
      changing(stored, (header) =>
        rows === undefined
          ? http.DELETE('/api/causes', { params: { header } })
          : http.PUT('/api/causes', { params: { header }, body: { rows } }),
      ),
    onSuccess: () => client.invalidateQueries({ predicate: ofStored }),
  });
}
