/// <reference lib="webworker" />
import type { WorkboxPlugin } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import {
  cleanupOutdatedCaches,
  matchPrecache,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { calculates, KEPT_SINCE, keptAt, OLD_CACHES, OPEN_NEWER, READ_CACHE, readsOnly } from './reads';

/**
 * Opens the app where its server is out of reach: with its pages as they were last, and with what was last read. Nothing is
 * answered from here while the server can be asked. A newer version waits until the last page of this one is closed, so that
 * no open page loses the parts it has not loaded yet.
 */
declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: (PrecacheEntry | string)[] };

const LASTING = { maxEntries: 400, maxAgeSeconds: 30 * 24 * 3600, purgeOnQuotaError: true };

precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();

registerRoute(
  ({ request }) => request.mode === 'navigate',
  async ({ request }) => {
    try {
      return await fetch(request);
    } catch {
      return (await matchPrecache('/index.html')) ?? Response.error();
    }
  },
);

registerRoute(
  ({ url, request }) => readsOnly(request.method, url.pathname),
  new NetworkFirst({
    cacheName: READ_CACHE,
    plugins: [
      // Its type leaves open what the strategy's leaves out.
      new ExpirationPlugin(LASTING) as WorkboxPlugin,
      {
        cacheWillUpdate: async ({ response }) =>
          response.status === 200 && response.headers.get('content-type')?.includes('json') === true
            ? response
            : null,
        // Said with the answer, so that the page can say so too.
        cachedResponseWillBeUsed: async ({ cachedResponse }) => marked(cachedResponse),
      },
    ],
  }),
);

/** Where answers to calculations are kept, and how many: a day of a dozen courses has about a hundred. */
const CALCULATED = 'calculated';
const MOST_CALCULATED = 400;

registerRoute(
  ({ url, request }) => calculates(request.method, url.pathname),
  async ({ url, request }) => {
    const place = await keptAt(url.href, await request.clone().text());
    const cache = await caches.open(CALCULATED);
    try {
      const answer = await fetch(request);
      if (answer.status === 200) {
        // What was kept first goes first.
        await cache.delete(place);
        await cache.put(place, answer.clone());
        const kept = await cache.keys();
        await Promise.all(
          kept.slice(0, Math.max(0, kept.length - MOST_CALCULATED)).map((k) => cache.delete(k)),
        );
      }
      return answer;
    } catch (e) {
      const kept = marked(await cache.match(place));
      if (kept === null) throw e;
      return kept;
    }
  },
  'POST',
);

// Asked for by whoever is at a page, and never while they type.
self.addEventListener('message', (e) => {
  if (e.data === OPEN_NEWER) e.waitUntil(self.skipWaiting());
});

// The page that brought the worker is the first it serves: what it reads from now on is kept. A newer version comes to its turn
// only when no page of the older one is left.
self.addEventListener('activate', (e) =>
  e.waitUntil(Promise.all([self.clients.claim(), ...OLD_CACHES.map((name) => caches.delete(name))])),
);

function marked(kept: Response | null | undefined): Response | null {
  if (kept === null || kept === undefined) return null;
  const headers = new Headers(kept.headers);
  headers.set(KEPT_SINCE, headers.get('date') ?? '');
  return new Response(kept.body, { status: kept.status, statusText: kept.statusText, headers });
}
