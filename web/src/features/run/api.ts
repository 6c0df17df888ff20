import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { deviceName } from '../../shared/device';
import { body, http, keys, type Api } from '../../shared/http';
import { usePreferences } from '../../shared/units';

export type Run = Api<'RunResponse'>;
export type RunRequest = Api<'RunRequest'>;
export type Fault = RunRequest['faults'][number];
export type Side = NonNullable<RunRequest['side']>;
export type RangeView = Api<'RangeResponse'>;
export type Score = NonNullable<RunRequest['score']>;
export type Measured = Score['measured'];
export type BackTo = NonNullable<RangeView['backLeft']>;
export type Observed = NonNullable<RunRequest['observed']>;
export type RunLog = Api<'RunHistoryResponse'>[];

/** What is asked about a rider on the range. */
export interface RangeQuestion {
  dayId: number;
  riderId: number;
  courseId: number;
  machineId: number;
  settingMetres: number | undefined;
}

/**
 * One rider on one course of the day, with advice for the next run at a setting. Where that cannot be had, what was last read at
 * another setting goes on standing there, without its advice: the runs of the day are the same at any.
 * Out of reach, it stays failed while it is asked for once more in vain. As long as it is not settled what to ask, it is on its
 * way.
 */
export function useRange(q: RangeQuestion, settled = true): { data: RangeView | undefined; failed: boolean } {
  const { system } = usePreferences();
  const client = useQueryClient();
  const { data, isPlaceholderData, isError, errorUpdateCount } = useQuery({
    queryKey: keys.range(q, system),
    enabled: settled,
    placeholderData: (before: RangeView | undefined) => before,
    queryFn: () =>
      body(
        http.GET('/api/days/{dayId}/riders/{riderId}/range', {
          params: {
            path: { dayId: q.dayId, riderId: q.riderId },
            query: {
              courseId: q.courseId,
              machineId: q.machineId,
              system,
              ...(q.settingMetres === undefined ? {} : { settingMetres: q.settingMetres }),
            },
          },
        }),
        // The runs are the same at every setting.
        `range ${JSON.stringify(atAnySetting(q))}`,
      ),
  });
  const never = data === undefined || isPlaceholderData;
  const failed = isError || (never && errorUpdateCount > 0);
  return { data: failed && never ? knownOf(client, q) : data, failed };
}

function atAnySetting({ settingMetres: _, ...who }: RangeQuestion) {
  return who;
}

/** What was last read of a rider on a course, at whatever setting. */
export function knownOf(client: QueryClient, q: RangeQuestion): RangeView | undefined {
  const [latest] = client
    .getQueryCache()
    .findAll({ queryKey: keys.range(atAnySetting(q)), predicate: ({ state }) => state.data !== undefined })
    .toSorted((a, b) => b.state.dataUpdatedAt - a.state.dataUpdatedAt);
  const view = latest?.state.data as RangeView | undefined;
  return view && { riderSizes: view.riderSizes, runs: view.runs, unscored: view.unscored };
}

/** What it takes to have a course stand at other settings for one rider, and when it is best done. */
export function useMoveCost(q: { dayId: number; courseId: number; riderId: number; to: number[] }) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: keys.moveCost(q, system),
    queryFn: () =>
      body(
        http.GET('/api/days/{dayId}/courses/{courseId}/changeover-moment', {
          params: {
            path: { dayId: q.dayId, courseId: q.courseId },
            query: { riderId: q.riderId, to: q.to, system },
          },
        }),
      ),
  });
}

/** Sends a run under its own id. */
export function putRun(id: string, run: RunRequest) {
  return body(http.PUT('/api/runs/{id}', { params: { path: { id } }, body: run }));
}

/** Undoes a run. */
export function withdrawRun(id: string) {
  return body(http.DELETE('/api/runs/{id}', { params: { path: { id }, query: { device: deviceName() } } }));
}

/** All that was logged on a day, the newest first, with what was corrected and undone. */
export function useRunLog(dayId: number) {
  return useQuery({
    queryKey: keys.runLog(dayId),
    queryFn: () => body(http.GET('/api/days/{dayId}/runs', { params: { path: { dayId } } })),
  });
}
