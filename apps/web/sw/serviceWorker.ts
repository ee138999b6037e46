import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { endLease, leasedKey, renewLease, sealed, unsealed } from './lease.ts';

declare const self: ServiceWorkerGlobalScope;
/** Every built file with its revision; put in when the pages are built. */
declare const __PRECACHE__: { url: string; revision: string | null }[];

/** Answers of the server, kept for when there is no signal. Emptied when somebody signs in or out. */
const ANSWERS = 'ledger-answers';
/** A server that has not answered after this is taken for no signal. */
const PATIENCE_S = 6;
/** The hour an answer was fetched, told to the page when it is shown again. */
const KEPT_AT = 'x-kept-at';

precacheAndRoute(__PRECACHE__);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));

/** Only what pages are drawn from: no feeds, files, papers or signs of life. */
const isPage = (url: URL) =>
  url.pathname.startsWith('/api/') &&
  !/^\/api\/(events|health|docs|calendar\/|invitations|recovery|client)/.test(url.pathname) &&
  !/\/(file|calendar|papers|paper)(\/|$)/.test(url.pathname);

/** At every waking, before anything is kept or shown: where the key has run out, nothing is left to be read. */
const awake = leasedKey().then((key) => (key ? undefined : forget()));

/** An answer as it is kept: unreadable without the key, with the hour it was fetched. */
async function asKept(response: Response): Promise<Response> {
  await awake;
  const headers = new Headers(response.headers);
  headers.set(KEPT_AT, new Date().toISOString());
  const body = await sealed(await response.arrayBuffer(), await renewLease());
  return new Response(body, { status: response.status, headers });
}

/** What was kept, for as long as its key is lent; then all of it goes. */
async function asItWas(kept: Response): Promise<Response | null> {
  await awake;
  const key = await leasedKey();
  const body = key && (await unsealed(await kept.arrayBuffer(), key));
  if (body) return new Response(body, { status: kept.status, headers: kept.headers });
  await forget();
  return null;
}

async function forget(): Promise<void> {
  await Promise.all([endLease(), caches.delete(ANSWERS)]);
}

const SIGNED_OUT = 401;
registerRoute(
  ({ url, request }) => request.method === 'GET' && isPage(url),
  new NetworkFirst({
    cacheName: ANSWERS,
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [
      {
        cacheWillUpdate: async ({ response }) => (response.status === 200 ? asKept(response) : null),
        cachedResponseWillBeUsed: async ({ cachedResponse }) => (cachedResponse ? asItWas(cachedResponse) : null),
        fetchDidSucceed: async ({ response, request }) => {
          // The session has ended, here or from afar: what it let this device see goes with it.
          if (response.status === SIGNED_OUT) await forget();
          // A server whose database is away has no better answer than the last.
          if (response.status >= 502 && (await caches.match(request))) throw new Error('away');
          return response;
        },
      },
    ],
  }),
);

self.addEventListener('message', (event) => {
  if (event.data === 'forget') event.waitUntil(forget());
});
self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(self.clients.openWindow('/today'));
});
