import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { body, http, keys, type Api } from '../../shared/http';
import { usePreferences } from '../../shared/units';

export type DaySizes = Api<'DaySizeResponse'>;
export type SettingsChoice = Api<'SettingsChoice'>;
export type RiderOnIt = Api<'SizeRider'>;

/** What a course of a day stands at, who rides which of it, and what would serve most; or the same for other settings. */
export function useDaySizes(dayId: number, courseId: number, at?: number[]) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: keys.daySizes(dayId, courseId, system, at),
    placeholderData: keepPreviousData,
    // Riders that there was no time for come with the next question.
    refetchInterval: ({ state }) => (state.data?.unfinished === true ? 200 : false),
    queryFn: () =>
      body(
        http.GET('/api/days/{id}/courses/{courseId}/sizes', {
          params: { path: { id: dayId, courseId }, query: { system, ...(at && { at }) } },
        }),
      ),
  });
}
