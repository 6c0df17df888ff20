import { useQueryClient, type QueryKey } from '@tanstack/react-query';
import { useCallback } from 'react';
import type { Seen } from './changing';
import { ofStored } from './keys';

/** Puts what was just stored into a list that is known, so that the next change is made to that version. */
export function kept<T extends Seen>(all: T[] | undefined, stored: T): T[] | undefined {
  if (all === undefined) return undefined;
  return all.some((one) => one.id === stored.id)
    ? all.map((one) => (one.id === stored.id ? stored : one))
    : [...all, stored];
}

/** After storing: the list of its sort has it at once, and everything else is asked for anew. */
export function useKeeping<T extends Seen>(list: () => QueryKey): (stored: T) => void {
  const client = useQueryClient();
  return useCallback(
    (stored: T) => {
      client.setQueryData<T[]>(list(), (all) => kept(all, stored));
      void client.invalidateQueries({ predicate: ofStored });
    },
    [client, list],
  );
}
