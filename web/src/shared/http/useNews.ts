import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useSignedOut } from './access';
import { gathering } from './gathered';
import { ofRuns, ofStored } from './keys';

/**
 * Reads anew what tells of runs and is shown; all else that may have changed with them is read when it is shown next. A
 * run is logged every few seconds, on every device: what it seldom changes is not asked for each time.
 */
export async function readRunsAnew(client: QueryClient): Promise<void> {
  await client.invalidateQueries({ refetchType: 'none', predicate: ofStored });
  await client.refetchQueries({
    type: 'active',
    predicate: ofRuns,
  });
}

/** How long news are gathered, in milliseconds. */
const GATHERED_MS = 100;

/** Reads anew what another device has changed, as soon as the server tells; only while the page is seen. */
export function useNews() {
  const client = useQueryClient();
  const signedOut = useSignedOut();
  useEffect(() => {
    // A stream that is refused ends for good: it is opened anew once signed in.
    if (signedOut || !('EventSource' in window)) return undefined;
    let stream: EventSource | undefined;
    let missed = false;
    // What is told at once, as to whoever begins to listen, is read anew once.
    const heard = gathering<string>(GATHERED_MS, (topics) => {
      const runsAlone = topics.every((topic) => topic === 'RUNS');
      void (runsAlone ? readRunsAnew(client) : client.invalidateQueries({ predicate: ofStored }));
    });
    const listen = () => {
      stream?.close();
      stream = undefined;
      if (document.hidden) {
        missed = true;
        return;
      }
      stream = new EventSource('/api/news');
      stream.onopen = () => {
        if (missed) void client.invalidateQueries({ predicate: ofStored });
        missed = false;
      };
      // The browser listens again by itself; what was told meanwhile was missed.
      stream.onerror = () => (missed = true);
      stream.onmessage = ({ data }) => {
        const { topic } = JSON.parse(String(data)) as { topic: string };
        heard.add(topic);
      };
    };
    listen();
    document.addEventListener('visibilitychange', listen);
    return () => {
      document.removeEventListener('visibilitychange', listen);
      stream?.close();
      heard.stop();
    };
  }, [client, signedOut]);
}
