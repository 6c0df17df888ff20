import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useId, useState } from 'react';
import { keys } from './keys';
import { Problem } from './problem';

/** How far something computed in parts is. */
export interface Progress {
  done: number;
  of: number;
}

/** A calculation of the core that is under way: what there is of it, and a way to stop it. */
export interface Calculation<T> {
  data: T | undefined;
  /** Whether what is here belongs to an earlier question. */
  stale: boolean;
  problem: string | undefined;
  /** Whether it has been under way for longer than a second. */
  slow: boolean;
  progress: Progress | undefined;
  stopped: boolean;
  stop: () => void;
  goOn: () => void;
}

/** What goes with a request: it can be aborted, and the next one of the same name takes its place at the server. */
export interface Call {
  signal: AbortSignal;
  headers: Record<string, string>;
}

/** This page among all that are open. */
const PAGE = crypto.randomUUID();

/** What takes longer is said. */
const NOTICED_MS = 1000;

/** Whether something has been so for longer than a second. */
export function useLasting(now: boolean): boolean {
  const [lasting, setLasting] = useState(false);
  useEffect(() => {
    if (!now) return;
    const timer = setTimeout(() => setLasting(true), NOTICED_MS);
    return () => {
      clearTimeout(timer);
      setLasting(false);
    };
  }, [now]);
  return now && lasting;
}

/** Whether what was answered is not all of it yet. */
function unfinished(progress: Progress | undefined): boolean {
  return progress !== undefined && progress.done < progress.of;
}

/**
 * Asks the core for something that may take its time; the answer before stays in view until the next is there. What comes
 * in parts is asked for again until all parts are there: the core goes on from where its time ran out. What it is asked next
 * ends what it was asked before.
 */
export function useCalculation<R, T>(
  name: string,
  request: R | undefined,
  ask: (request: R, call: Call) => Promise<T>,
  progressOf: (answer: T) => Progress | undefined = () => undefined,
): Calculation<T> {
  const client = useQueryClient();
  const slot = `${PAGE}.${name}.${useId()}`.replace(/[^\w.:-]/g, '');
  const queryKey = keys.calculation(name, request);
  const asked = JSON.stringify(queryKey);
  const [stoppedAt, setStoppedAt] = useState<string>();
  const stopped = stoppedAt === asked;
  const query = useQuery({
    queryKey,
    enabled: request !== undefined && !stopped,
    placeholderData: keepPreviousData,
    retry: (times, e) => times < (e instanceof Problem && e.busy ? 4 : 1),
    queryFn: ({ signal }) => ask(request as R, { signal, headers: { 'Calculation-Slot': slot } }),
    refetchInterval: ({ state }) =>
      !stopped && state.data !== undefined && unfinished(progressOf(state.data)) ? 20 : false,
  });
  const progress = query.data === undefined || query.isPlaceholderData ? undefined : progressOf(query.data);
  const busy = request !== undefined && !stopped && (query.isFetching || unfinished(progress));
  return {
    data: query.data,
    stale: query.isPlaceholderData,
    problem: query.error?.message,
    slow: useLasting(busy),
    progress,
    stopped: stopped && (query.data === undefined || query.isPlaceholderData || unfinished(progress)),
    stop: () => {
      setStoppedAt(asked);
      void client.cancelQueries({ queryKey });
    },
    goOn: () => setStoppedAt(undefined),
  };
}
