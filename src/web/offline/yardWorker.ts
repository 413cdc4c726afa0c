/// <reference lib="webworker" />
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { CacheFirst } from 'workbox-strategies';
import { httpCourier } from '../sync/courier';
import { Outbox } from '../sync/outbox';
import { openOutboxStore } from '../sync/outboxStore';
import { KEPT_PHOTOS, SEND_LATER } from './names';

/** Stands between the yard’s pages and the network: Zelk opens without signal, with the pictures that were seen or carried along. */
declare const self: ServiceWorkerGlobalScope & {
  __WB_MANIFEST: Parameters<typeof precacheAndRoute>[0];
};

precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
// Readers' pages have a worker of their own; what is asked of the server is asked of the server.
registerRoute(
  new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/r\//, /^\/api\//] }),
);
// Named by their content: what is kept of one is right for ever.
registerRoute(
  ({ url }) => /^\/api\/photos\/[0-9a-f]{64}\/\d+$/.test(url.pathname),
  new CacheFirst({
    cacheName: KEPT_PHOTOS,
    plugins: [new ExpirationPlugin({ maxEntries: 2000, purgeOnQuotaError: true })],
  }),
);

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
// A newer worker waits until the page finds a quiet moment.
self.addEventListener('message', (event: ExtendableMessageEvent) => {
  if ((event.data as { type?: string } | null)?.type === 'SKIP_WAITING') void self.skipWaiting();
});

/** Where the browser can, it wakes this up when there is signal, though the page is closed. */
self.addEventListener('sync', (event: Event) => {
  const { tag, waitUntil } = event as Event & { tag: string } & ExtendableEvent;
  if (tag === SEND_LATER) waitUntil.call(event, sendWhatWaits());
});

async function sendWhatWaits(): Promise<void> {
  const store = await openOutboxStore();
  const outbox = await Outbox.open(store, httpCourier);
  await outbox.flush();
  const { waiting } = outbox.snapshot();
  outbox.stop();
  store.close();
  // Told so, the browser tries once more.
  if (waiting > 0) throw new Error(`${waiting} still wait`);
}
