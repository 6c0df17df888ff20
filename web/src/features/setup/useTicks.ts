import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { keep, readKept } from '../../shared/kept';
import { body, http, keys, Problem } from '../../shared/http';
import { applied, isTicks, withTick, type Tick } from './ticks';

/** How often what waits is sent again, and what others tick is asked for, in milliseconds. */
const AGAIN = 5000;

export type HeldTicks = ReturnType<typeof useTicks>;

/**
 * Which cones of a course stand already. A tick is kept on this device at once, so that wind, a closed phone and a server out of
 * reach lose nothing; it is sent when the server is there, and other devices see it.
 */
export function useTicks(dayId: number | undefined, courseId: number) {
  const name = `wren-lane/stands/${dayId ?? 0}/${courseId}`;
  const client = useQueryClient();
  const [base, setBase] = useState(() => labelsIn(name));
  // What an older version kept was never sent.
  const [waiting, setWaiting] = useState(
    () => waitingIn(name) ?? labelsIn(name).map((label) => ({ label, stands: true })),
  );
  const left = useRef(waiting);
  const say = useCallback(
    (next: Tick[]) => {
      left.current = next;
      setWaiting(next);
      keep(`${name}/waiting`, next);
    },
    [name],
  );
  const read = useQuery({
    queryKey: keys.ticks(dayId, courseId),
    enabled: dayId !== undefined,
    refetchInterval: AGAIN,
    queryFn: () =>
      body(
        http.GET('/api/days/{dayId}/courses/{courseId}/ticks', {
          params: { path: { dayId: dayId ?? 0, courseId } },
        }),
      ),
  });
  const known = read.data ?? base;
  const [seen, setSeen] = useState(read.data);
  if (read.data !== undefined && read.data !== seen) {
    setSeen(read.data);
    setBase(read.data);
    keep(name, read.data);
  }

  const busy = useRef(false);
  const flush = useCallback(async () => {
    if (dayId === undefined || busy.current || left.current.length === 0) return;
    busy.current = true;
    try {
      for (let next = left.current[0]; next !== undefined; next = left.current[0]) {
        const tick = next;
        const params = { params: { path: { dayId, courseId, label: tick.label } } };
        const path = '/api/days/{dayId}/courses/{courseId}/ticks/{label}' as const;
        try {
          await body<unknown>(tick.stands ? http.PUT(path, params) : http.DELETE(path, params));
        } catch (e) {
          if (!(e instanceof Problem) || e.unreachable || e.status >= 500) return;
        }
        await client.cancelQueries({ queryKey: keys.ticks(dayId, courseId) });
        client.setQueryData(keys.ticks(dayId, courseId), (labels: string[] | undefined) =>
          applied(labels ?? [], [tick]),
        );
        say(left.current.filter((w) => w !== tick));
      }
    } finally {
      busy.current = false;
    }
  }, [client, dayId, courseId, say]);
  useEffect(() => {
    void flush();
    const again = setInterval(() => void flush(), AGAIN);
    return () => clearInterval(again);
  }, [flush]);

  const ticked = applied(known, waiting);
  const tick = (label: string, stands: boolean) => {
    say(withTick(left.current, { label, stands }));
    void flush();
  };
  return {
    ticked,
    tick,
    clear: () => {
      say(ticked.reduce((all, label) => withTick(all, { label, stands: false }), left.current));
      void flush();
    },
  };
}

function labelsIn(name: string): string[] {
  const kept = readKept(name);
  return Array.isArray(kept) ? kept.filter((l) => typeof l === 'string') : [];
}

function waitingIn(name: string): Tick[] | undefined {
  const kept = readKept(`${name}/waiting`);
  return isTicks(kept) ? kept : undefined;
}
