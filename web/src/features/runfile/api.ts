import { useMutation, useQueryClient } from '@tanstack/react-query';
import { body, http, ofStored, type Api } from '../../shared/http';

export type Table = Api<'RunFileRequest'>;
export type Preview = Api<'RunFilePreview'>;
export type Column = keyof NonNullable<Table['columns']>;

/** What a table of runs would bring in; stores nothing. */
export function useRunPreview() {
  return useMutation({
    mutationFn: (table: Table) => body(http.POST('/api/calculations/run-file-previews', { body: table })),
  });
}

/** Brings a table of runs in. */
export function useBringRuns() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (table: Table) => body(http.POST('/api/run-files', { body: table })),
    onSuccess: () => client.invalidateQueries({ predicate: ofStored }),
  });
}
