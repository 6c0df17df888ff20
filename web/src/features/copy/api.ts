import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, http, keys, type Api } from '../../shared/http';

export type Copy = Api<'Copy'>;

/** The copies that are kept, newest first. */
export function useCopies(wanted: boolean) {
  return useQuery({
    queryKey: keys.copies(),
    enabled: wanted,
    queryFn: () => body(http.GET('/api/copies')),
  });
}

/** Keeps a copy of the data as it is now. */
export function useKeepCopy() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => body(http.POST('/api/copies')),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.copies() }),
  });
}

/** A file is sent as it is; the server looks at it. */
const asItIs = {
  bodySerializer: (file: unknown) => file as Blob,
  headers: { 'Content-Type': 'application/vnd.sqlite3' },
};

/** Brings a copy that was kept elsewhere among the others. */
export function useBringCopy() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (file: File) => body(http.POST('/api/copies/uploads', { body: file as never, ...asItIs })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.copies() }),
  });
}

/** Puts a copy in the place of the data. */
export function useRestoreCopy() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (name: string) => body(http.POST('/api/copies/restorations', { body: { name } })),
    onSuccess: () => client.invalidateQueries(),
  });
}
