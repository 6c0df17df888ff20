import { useQuery } from '@tanstack/react-query';
import { body, http, type Api } from '../../shared/http';
import { usePreferences } from '../../shared/units';

export type Run = Api<'RunResponse'>;
export type RunRequest = Api<'RunRequest'>;
export type Fault = RunRequest['faults'][number];
export type Side = RunRequest['side'];
export type RangeView = Api<'RangeResponse'>;

/** What is asked about a rider on the range. */
export interface RangeQuestion {
  dayId: number;
  riderId: number;
  courseId: number;
  machineId: number;
  settingMetres: number | undefined;
}

/** One rider on one course of the day, with advice for the next run at a setting. */
export function useRange(q: RangeQuestion) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: ['range', q, system],
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
      ),
  });
}

/** Sends a run under its own id. */
export function putRun(id: string, run: RunRequest) {
  return body(http.PUT('/api/runs/{id}', { params: { path: { id } }, body: run }));
}

/** Undoes a run. */
export function withdrawRun(id: string) {
  return body(http.DELETE('/api/runs/{id}', { params: { path: { id } } }));
}
