import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';

/** What is read anew when runs were logged, or the lesson went on, by the first word of its key. */
const OF_RUNS = new Set(['range', 'running', 'run-log', 'stop-rules', 'progress', 'briefing']);

/** Reads anew what another device has changed, as soon as the server tells; only while the page is seen. */
export function useNews() {
  const client = useQueryClient();
  useEffect(() => {
    if (!('EventSource' in window)) return undefined;
    let stream: EventSource | undefined;
    let missed = false;
    const listen = () => {
      stream?.close();
      stream = undefined;
      if (document.hidden) {
        missed = true;
        return;
      }
      stream = new EventSource('/api/news');
      stream.onopen = () => {
        if (missed) void client.invalidateQueries();
        missed = false;
      };
      // The browser listens again by itself; what was told meanwhile was missed.
      stream.onerror = () => (missed = true);
      stream.onmessage = ({ data }) => {
        const { topic } = JSON.parse(String(data)) as { topic: string };
        void client.invalidateQueries(
          topic === 'RUNS' ? { predicate: ({ queryKey }) => OF_RUNS.has(String(queryKey[0])) } : {},
        );
      };
    };
    listen();
    document.addEventListener('visibilitychange', listen);
    return () => {
      document.removeEventListener('visibilitychange', listen);
      stream?.close();
    };
  }, [client]);
}
