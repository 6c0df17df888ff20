import {
  infiniteQueryOptions,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
  type InfiniteData,
} from '@tanstack/react-query';
import { body, changing, http, kept, keys, ofStored, type Api, type Seen } from '../../shared/http';
import { usePreferences, type LengthSystem } from '../../shared/units';

export type Day = Api<'DayResponse'>;
export type DayRequest = Api<'DayRequest'>;
export type Briefing = Api<'BriefingResponse'>;
export type Preview = Api<'PreviewResponse'>;

/** As many days as the server gives at once. */
const PAGE = 100;

/** How days are asked for, newest first: every page begins with it. */
export const NEWEST_DAYS = infiniteQueryOptions({
  queryKey: keys.days(),
  queryFn: ({ pageParam }) =>
    body(http.GET('/api/days', { params: { query: pageParam === undefined ? {} : { before: pageParam } } })),
  initialPageParam: undefined as number | undefined,
  getNextPageParam: (page) => (page.length < PAGE ? undefined : page.at(-1)?.id),
});

const inOneList = (all: InfiniteData<Day[]>) => all.pages.flat();

/** Days, newest first, as far as they were asked for. */
export function useDays() {
  return useInfiniteQuery({ ...NEWEST_DAYS, select: inOneList });
}

/** A day older than all that were asked for. */
export function useOlderDay(id: number | undefined) {
  return useQuery({
    queryKey: keys.day(id),
    enabled: id !== undefined,
    queryFn: () => body(http.GET('/api/days/{id}', { params: { path: { id: id ?? 0 } } })),
  });
}

/** Puts a day that was just stored where it is known, so that the next change is made to that version. */
export function keptDay(all: InfiniteData<Day[]> | undefined, stored: Day): InfiniteData<Day[]> | undefined {
  if (all === undefined) return undefined;
  const at = all.pages.findIndex((page) => page.some((day) => day.id === stored.id));
  return {
    ...all,
    pages: all.pages.map((page, i) => (i === Math.max(at, 0) ? (kept(page, stored) ?? page) : page)),
  };
}

/** How a day's briefing is asked for. */
export function briefingOf(id: number, system: LengthSystem) {
  return {
    queryKey: keys.briefing(id, system),
    queryFn: () => body(http.GET('/api/days/{id}/briefing', { params: { path: { id }, query: { system } } })),
  };
}

/** What a day needs, on one page. */
export function useBriefing(dayId: number | undefined) {
  const { system } = usePreferences();
  return useQuery({
    ...briefingOf(dayId ?? 0, system),
    enabled: dayId !== undefined,
    // Sizes that there was no time for come with the next question.
    refetchInterval: ({ state }) => (state.data?.unfinished === true ? 20 : false),
  });
}

/** Stores a day, new or changed. */
export function useSaveDay() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ stored, day }: { stored?: Seen; day: DayRequest }) =>
      stored === undefined
        ? body(http.POST('/api/days', { body: day }))
        : changing(stored, (header) =>
            http.PUT('/api/days/{id}', { params: { path: { id: stored.id }, header }, body: day }),
          ),
    onSuccess: (day) => {
      client.setQueryData<InfiniteData<Day[]>>(keys.days(), (all) => keptDay(all, day));
      void client.invalidateQueries({ predicate: ofStored });
    },
  });
}

/** Deletes a day without runs. */
export function useDeleteDay() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (stored: Seen) =>
      changing(stored, (header) =>
        http.DELETE('/api/days/{id}', { params: { path: { id: stored.id }, header } }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.days() }),
  });
}

/** A file is sent as it is: the server reads it, and says where it is wrong. */
const asItIs = { bodySerializer: (text: string) => text, headers: { 'Content-Type': 'application/json' } };

/** What a file of days would bring in, and what is wrong with it. */
export function usePreview() {
  return useMutation({
    mutationFn: (text: string) =>
      body(http.POST('/api/calculations/import-previews', { body: text, ...asItIs })),
  });
}

/** Brings in a file of days. */
export function useImport() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (text: string) => body(http.POST('/api/imports', { body: text, ...asItIs })),
    onSuccess: () => void client.invalidateQueries({ predicate: ofStored }),
  });
}

/** The briefing and safety check of a day: here, since it stands on every stop while it is open. */
export function useRangeCheck(dayId: number | undefined) {
  return useQuery({
    queryKey: keys.rangeCheck(dayId),
    enabled: dayId !== undefined,
    staleTime: 20_000,
    queryFn: () =>
      body(http.GET('/api/days/{dayId}/range-check', { params: { path: { dayId: dayId ?? 0 } } })),
  });
}

/** How it is asked what speaks for stopping a day now, or for a rest. */
export function stopRulesOf(dayId: number) {
  return {
    queryKey: keys.stopRules(dayId),
    queryFn: () => body(http.GET('/api/days/{dayId}/stop-rules', { params: { path: { dayId } } })),
  };
}

export function useStopRules(dayId: number) {
  return useQuery({ ...stopRulesOf(dayId), refetchInterval: 30_000 });
}
