import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, changing, http, keys, type Api } from '../../shared/http';
import { usePreferences } from '../../shared/units';

export type Progress = Api<'ProgressResponse'>;
export type ProgressDay = Api<'ProgressDay'>;
export type Estimate = Api<'EstimateJson'>;

/** A rider's runs on one kind of course over all days; where none is chosen, on the usual one or the first ridden. */
export function useProgress(riderId: number, kind: string | undefined) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: keys.progress(riderId, kind, system),
    placeholderData: (before: Progress | undefined) => (before?.riderId === riderId ? before : undefined),
    queryFn: () =>
      body(
        http.GET('/api/riders/{id}/progress', {
          params: { path: { id: riderId }, query: { system, ...(kind !== undefined && { kind }) } },
        }),
      ),
  });
}

export type DebriefOf = Api<'DebriefResponse'>;
export type RiderDebrief = DebriefOf['riders'][number];

/** What each rider of a day is told; what time ran out for is asked again. */
export function useDebrief(dayId: number) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: keys.debrief(dayId, system),
    queryFn: () =>
      body(http.GET('/api/days/{dayId}/debrief', { params: { path: { dayId }, query: { system } } })),
    refetchInterval: ({ state }) => (state.data?.unfinished === true ? 1000 : false),
  });
}

/** Keeps what a rider is told in the instructor's own words. */
export function useTell(dayId: number) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ rider, text }: { rider: RiderDebrief; text: string }) =>
      changing(rider.own, (header) =>
        http.PUT('/api/days/{dayId}/debrief/{riderId}', {
          params: { path: { dayId, riderId: rider.riderId }, header },
          body: { text },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.debrief(dayId) }),
  });
}

export type Group = Api<'GroupResponse'>;
export type GroupCourse = Group['courses'][number];
export type GroupRider = GroupCourse['riders'][number];

/** A day's riders side by side; what time ran out for is asked again. */
export function useGroup(dayId: number) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: keys.group(dayId, system),
    queryFn: () =>
      body(http.GET('/api/days/{dayId}/group', { params: { path: { dayId }, query: { system } } })),
    refetchInterval: ({ state }) => (state.data?.unfinished === true ? 1000 : false),
  });
}

/** Makes the day after, standing at what is proposed. */
export function useNextDay(dayId: number) {
  const { system } = usePreferences();
  const client = useQueryClient();
  return useMutation({
    mutationFn: (request: Api<'NextDayRequest'>) =>
      body(
        http.POST('/api/days/{dayId}/next-day', {
          params: { path: { dayId }, query: { system } },
          body: request,
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.days() }),
  });
}

export type Compared = Api<'DayComparison'>;

/** Two days of a rider on a kind of course, side by side. */
export function useCompared(riderId: number, kind: string, from: number, to: number) {
  return useQuery({
    queryKey: keys.compared(riderId, kind, from, to),
    placeholderData: (before: Compared | undefined) => before,
    queryFn: () =>
      body(
        http.GET('/api/riders/{id}/progress/days', {
          params: { path: { id: riderId }, query: { kind, from, to } },
        }),
      ),
  });
}

export type Held = Progress['heldBack'][number];

/** What the mistakes that hold a rider back cost where they last rode. */
export function useMistakesMade(riderId: number, kind: string) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: keys.mistakesMade(riderId, kind, system),
    queryFn: () =>
      body(
        http.GET('/api/riders/{id}/progress/mistakes', {
          params: { path: { id: riderId }, query: { kind, system } },
        }),
      ),
  });
}

export type Opinion = Api<'OpinionResponse'>;

/** What the instructor holds to be behind a rider's faults on a kind of course. */
export function useOpinion(riderId: number, kind: string) {
  return useQuery({
    queryKey: keys.opinion(riderId, kind),
    queryFn: () =>
      body(http.GET('/api/riders/{id}/opinions/{kind}', { params: { path: { id: riderId, kind } } })),
  });
}

/** Keeps it; without words it is taken away. */
export function useSaveOpinion(riderId: number, kind: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ stored, words }: { stored: Opinion; words: string }) =>
      changing(stored, (header) =>
        http.PUT('/api/riders/{id}/opinions/{kind}', {
          params: { path: { id: riderId, kind }, header },
          body: { words },
        }),
      ),
    onSuccess: (kept) => client.setQueryData(keys.opinion(riderId, kind), kept),
  });
}

/** What a rider has ridden on each machine. */
export function useRidden(riderId: number) {
  return useQuery({
    queryKey: keys.ridden(riderId),
    queryFn: () => body(http.GET('/api/riders/{id}/ridden', { params: { path: { id: riderId } } })),
  });
}
