import { useMutation, useQueryClient } from '@tanstack/react-query';
import { body, http, keys, type Api } from '../../shared/http';

export type Check = Api<'CheckResponse'>;
export type CheckItem = Api<'CheckItem'>;

/** Notes items as seen to, or passed over. */
export function useTick(dayId: number) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (check: Api<'CheckJson'>) =>
      body(http.POST('/api/days/{dayId}/range-check', { params: { path: { dayId } }, body: check })),
    onSuccess: (check) => client.setQueryData(keys.rangeCheck(dayId), check),
  });
}

/** Opens an item again. */
export function useUntick(dayId: number) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (item: string) =>
      body(http.DELETE('/api/days/{dayId}/range-check/{item}', { params: { path: { dayId, item } } })),
    onSuccess: (check) => client.setQueryData(keys.rangeCheck(dayId), check),
  });
}
