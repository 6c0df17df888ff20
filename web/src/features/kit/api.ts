import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, changing, http, keys, ofStored, type Api } from '../../shared/http';

export type Kit = Api<'KitResponse'>;
export type KitRequest = Api<'KitJson'>;
export type OwnMarker = Api<'KitMarkerJson'>;
export type Lying = Api<'SizeMarkerJson'>;

/** What the school owns to set courses out in. */
export function useKit() {
  return useQuery({ queryKey: keys.kit(), queryFn: () => body(http.GET('/api/kit')) });
}

/** Says anew what the school owns, as it was read. */
export function useSaveKit() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ seen, kit }: { seen: Kit; kit: KitRequest }) =>
      changing(seen, (header) => http.PUT('/api/kit', { params: { header }, body: kit })),
    onSuccess: (saved) => {
      client.setQueryData(keys.kit(), saved);
      void client.invalidateQueries({ predicate: ofStored });
    },
  });
}
