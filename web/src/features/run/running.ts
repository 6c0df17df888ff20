import { skipToken, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { stopRulesOf } from '../day';
import { body, http, keys, type Api, type Loaded } from '../../shared/http';
import { usePreferences } from '../../shared/units';

export type Running = Api<'LiveLessonResponse'>;
export type RunningBlock = Running['on'][number];
export type UpNext = RunningBlock['order'][number];
export type Act = Api<'LiveAction'>['act'];

/** How often it is asked for where no news come, in milliseconds. */
const ASK = 15_000;

function runningOf(dayId: number) {
  return {
    queryKey: keys.running(dayId),
    queryFn: () => body(http.GET('/api/days/{dayId}/running', { params: { path: { dayId } } })),
  };
}

/**
 * Asks for what hangs on the day alone beside all else, not only once that has come. Ready once it is known where the
 * lesson is, or will not be soon: what hangs on it can be drawn.
 */
export function useAhead(dayId: number | undefined): Loaded<undefined> {
  const client = useQueryClient();
  useEffect(() => {
    if (dayId !== undefined) void client.prefetchQuery(stopRulesOf(dayId));
  }, [client, dayId]);
  const read = useQuery(
    dayId === undefined ? { queryKey: keys.running(), queryFn: skipToken } : runningOf(dayId),
  );
  const failed = read.failureCount > 0 || read.errorUpdateCount > 0;
  const settled = dayId === undefined || read.data !== undefined || failed;
  return settled ? { state: 'ready', value: undefined } : { state: 'loading' };
}

/** Where the lesson of a day is, and what can be done to it; the same on every device. */
export function useRunning(dayId: number) {
  const client = useQueryClient();
  const { system } = usePreferences();
  const asked = runningOf(dayId);
  const read = useQuery({ ...asked, refetchInterval: ASK });
  const act = useMutation({
    mutationFn: ({ act, riderId }: { act: Act; riderId?: number }) =>
      body(
        http.POST('/api/days/{dayId}/running', {
          params: { path: { dayId }, query: { system } },
          body: { act, step: read.data?.step ?? 0, ...(riderId !== undefined && { riderId }) },
        }),
      ),
    onSuccess: async (running) => {
      // What is just being read may be from before.
      await client.cancelQueries({ queryKey: asked.queryKey });
      client.setQueryData(asked.queryKey, running);
    },
  });
  return {
    running: read.data,
    readAt: read.dataUpdatedAt,
    act,
  };
}

/** A rider's part of what is on, also once all their turns are ridden: the block and what they ride in it. */
export function turnOf(
  running: Running | undefined,
  riderId: number,
): { block: RunningBlock; up: UpNext } | undefined {
  for (const block of running?.on ?? []) {
    const up = [...block.order, ...block.done].find((o) => o.riderId === riderId);
    if (up !== undefined) return { block, up };
  }
  return undefined;
}

/** Who is up after a rider: the first in the order of their block, or of the first block, who is somebody else. */
export function upAfter(
  running: Running | undefined,
  riderId: number,
): { block: RunningBlock; up: UpNext } | undefined {
  const own = turnOf(running, riderId)?.block;
  const blocks = own === undefined ? (running?.on ?? []) : [own];
  for (const block of blocks) {
    const up = block.order.find((o) => o.riderId !== riderId);
    if (up !== undefined) return { block, up };
  }
  return undefined;
}

/** Seconds from now to an instant of the server, by the server's clock; below zero once it is past. */
export function secondsTo(instant: string, running: Running, readAt: number, here: number): number {
  const ahead = Date.parse(running.now) - readAt;
  return Math.round((Date.parse(instant) - (here + ahead)) / 1000);
}

/** A time to go, as 12:05; past it, as +0:40. */
export function countdown(seconds: number): string {
  const all = Math.abs(seconds);
  const text = `${Math.floor(all / 60)}:${String(all % 60).padStart(2, '0')}`;
  return seconds < 0 ? `+${text}` : text;
}
