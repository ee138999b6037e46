import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

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
  !/^\/api\/(events|health|docs|calendar\/|invitations|client)/.test(url.pathname) &&
  !/\/(file|calendar|papers|paper)(\/|$)/.test(url.pathname);

const withKeptAt = async (response: Response): Promise<Response> => {
  const headers = new Headers(response.headers);
  headers.set(KEPT_AT, new Date().toISOString());
  return new Response(await response.blob(), { status: response.status, headers });
};

registerRoute(
  ({ url, request }) => request.method === 'GET' && isPage(url),
  new NetworkFirst({
    cacheName: ANSWERS,
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [
      {
        // What is kept says when it was fetched; what has just come does not.
        cacheWillUpdate: async ({ response }) => (response.status === 200 ? withKeptAt(response) : null),
        // A server whose database is away has no better answer than the last.
        fetchDidSucceed: async ({ response, request }) => {
          if (response.status >= 502 && (await caches.match(request))) throw new Error('away');
          return response;
        },
      },
    ],
  }),
);

self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(self.clients.openWindow('/today'));
});
