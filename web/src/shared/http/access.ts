import type { QueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { READ_CACHE } from '../../worker/reads';

let out = false;
let entries = 0;
const listeners = new Set<() => void>();

function tell(now: boolean) {
  if (now === out) return;
  out = now;
  listeners.forEach((listener) => listener());
}

/** How often this page has signed in so far: what was asked before the last time says nothing of now. */
export function countEntries(): number {
  return entries;
}

/** Notes of an answer whether the server asks who this device is; a late one to what was asked before signing in does not. */
export function noteAccess(status: number, askedAfter: number) {
  if (status === 401 && askedAfter === entries) tell(true);
}

/** Once the passphrase was taken: all that was refused before, or may yet be, is asked for again. */
export async function comeIn(client: QueryClient): Promise<void> {
  entries++;
  tell(false);
  await client.invalidateQueries();
}

/** Once signed out: what was read is forgotten, also what was kept to be shown out of reach, and the page begins anew. */
export async function goOut(): Promise<void> {
  if ('caches' in globalThis) await caches.delete(READ_CACHE);
  globalThis.location.assign('/range');
}

function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Whether this device has to sign in before anything more is read or stored. */
export function useSignedOut(): boolean {
  return useSyncExternalStore(subscribe, () => out);
}

/** Whether this page came over the network, where a passphrase is asked for. */
export function overNetwork(): boolean {
  return globalThis.location?.protocol === 'https:';
}
