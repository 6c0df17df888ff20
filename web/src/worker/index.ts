import { useSyncExternalStore } from 'react';

export { KEPT_SINCE } from './reads';

let opensAlone: boolean | undefined;
const listeners = new Set<() => void>();

function settle(alone: boolean) {
  opensAlone = alone;
  listeners.forEach((tell) => tell());
}

/** Lets the app open without its server from now on; where a browser does not, it works as long as the page stays open. */
export function installWorker() {
  if (!import.meta.env.PROD) return;
  if (!('serviceWorker' in navigator)) {
    settle(false);
    return;
  }
  navigator.serviceWorker.register('/sw.js').then(
    () => settle(true),
    () => settle(false),
  );
}

function subscribe(tell: () => void) {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** Whether the app opens here without its server; undefined until that is known. */
export function useOpensAlone(): boolean | undefined {
  return useSyncExternalStore(subscribe, () => opensAlone);
}
