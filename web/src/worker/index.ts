import { useSyncExternalStore } from 'react';

export { KEPT_SINCE } from './reads';

let opensAlone: boolean | undefined;
const listeners = new Set<() => void>();

function settle(alone: boolean) {
  opensAlone = alone;
  listeners.forEach((tell) => tell());
}

/**
 * Lets the app open without its server from now on; where a browser does not, it works as long as the page stays open.
 * What it opens with are the files of all pages: they are fetched once the page that is looked at is at rest.
 */
export async function installWorker(atRest: Promise<void>) {
  if (!import.meta.env.PROD) return;
  if (!('serviceWorker' in navigator)) {
    settle(false);
    return;
  }
  await atRest;
  try {
    await navigator.serviceWorker.register('/sw.js');
    settle(true);
  } catch {
    settle(false);
  }
}

function subscribe(tell: () => void) {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** Whether the app opens here without its server; undefined until that is known. */
export function useOpensAlone(): boolean | undefined {
  return useSyncExternalStore(subscribe, () => opensAlone);
}

/** Once the worker answers what this page asks; whether it did so from the first. Never, where there is none. */
export async function whenServed(): Promise<{ fromTheFirst: boolean }> {
  const worker = navigator.serviceWorker;
  if (worker.controller !== null) return { fromTheFirst: true };
  await new Promise<void>((resolve) => {
    worker.addEventListener('controllerchange', () => resolve(), { once: true });
  });
  return { fromTheFirst: false };
}
