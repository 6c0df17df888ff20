import { useMutation, useQueryClient } from '@tanstack/react-query';
import { changing, type Seen } from './changing';
import type { Answer } from './client';
import { ofStored } from './keys';

/** Takes something stored away, as its version says it was read; whatever told of it is asked for anew. */
export function useRemoval(
  remove: (params: { path: { id: number }; header: { 'If-Match': string } }) => Promise<Answer<unknown>>,
) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (stored: Seen) => changing(stored, (header) => remove({ path: { id: stored.id }, header })),
    onSuccess: () => void client.invalidateQueries({ predicate: ofStored }),
  });
}
