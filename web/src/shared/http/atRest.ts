import type { QueryClient } from '@tanstack/react-query';

const LOOK_MS = 500;
/** Between one answer and what is asked for with it there may be a moment. */
const QUIET_LOOKS = 2;
const MOST_LOOKS = 20;

/** Resolves when nothing has been asked of the server for a second; at the latest after ten. */
export function atRest(client: QueryClient): Promise<void> {
  return new Promise((resolve) => {
    let looks = 0;
    let quiet = 0;
    const timer = setInterval(() => {
      looks += 1;
      quiet = client.isFetching() === 0 ? quiet + 1 : 0;
      if (quiet < QUIET_LOOKS && looks < MOST_LOOKS) return;
      clearInterval(timer);
      resolve();
    }, LOOK_MS);
  });
}
