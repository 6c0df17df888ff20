import { useSyncExternalStore } from 'react';

import { OPEN_NEWER } from './reads';

export { KEPT_SINCE } from './reads';

let opensAlone: boolean | undefined;
/** A newer version of the app that waits to be opened. */
let newer: ServiceWorker | undefined;
const listeners = new Set<() => void>();

function tellAll() {
  listeners.forEach((tell) => tell());
}

function settle(alone: boolean) {
  opensAlone = alone;
  tellAll();
}

/** Notices a newer version once it is whole; the first one of all is none. */
function watch(registration: ServiceWorkerRegistration) {
  const wait = (worker: ServiceWorker | null) => {
    if (worker === null || navigator.serviceWorker.controller === null) return;
    newer = worker;
    tellAll();
  };
  wait(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const coming = registration.installing;
    coming?.addEventListener('statechange', () => coming.state === 'installed' && wait(coming));
  });
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
    watch(await navigator.serviceWorker.register('/sw.js'));
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

/** Whether a newer version waits. It is never opened by itself: somebody may be typing. */
export function useNewerVersion(): boolean {
  return useSyncExternalStore(subscribe, () => newer !== undefined);
}

/** Opens the newer version: the page is loaded anew once it answers. */
export function openNewerVersion() {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  newer?.postMessage(OPEN_NEWER);
}
