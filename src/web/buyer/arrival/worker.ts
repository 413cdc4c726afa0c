/// <reference lib="webworker" />
/** Stands between the arrival check and the network: what was kept opens without signal. Reports are always asked for anew. */
const worker = self as unknown as ServiceWorkerGlobalScope;
const KEPT = 'zelk-arrival-1';

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(worker.clients.claim()));

worker.addEventListener('message', (event: ExtendableMessageEvent) => {
  const { keep } = event.data as { keep: readonly string[] };
  event.waitUntil(caches.open(KEPT).then((cache) => cache.addAll([...keep])));
});

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const { pathname, searchParams } = new URL(request.url);
  if (request.method !== 'GET') return;
  const isPage = request.mode === 'navigate' && searchParams.has('arrival');
  if (isPage) event.respondWith(fetch(request).catch(() => fromKept(request)));
  // Names of assets change with their content: what is kept is right.
  else if (pathname.startsWith('/assets/')) event.respondWith(fromKept(request, () => fetch(request)));
  else if (/\/photos\/[0-9a-f]{64}\/320$/.test(pathname)) event.respondWith(photo(request));
});

async function fromKept(request: Request, otherwise?: () => Promise<Response>): Promise<Response> {
  const kept = await caches.match(request);
  return kept ?? otherwise?.() ?? Response.error();
}

/** Small pictures of the report are kept as they are seen, for where there is no signal; with signal they are asked for, since the yard may have hidden something since. */
async function photo(request: Request): Promise<Response> {
  const cache = await caches.open(KEPT);
  try {
    const answer = await fetch(request);
    if (answer.ok) await cache.put(request, answer.clone());
    else if (answer.status === 404 || answer.status === 410) await cache.delete(request);
    return answer;
  } catch {
    return (await cache.match(request)) ?? Response.error();
  }
}
