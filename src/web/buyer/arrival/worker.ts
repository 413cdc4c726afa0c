/// <reference lib="webworker" />
/** Stands between a reader's page and the network: what was kept opens without signal; with signal everything is asked for anew, since the yard may have hidden or withdrawn something. */
const worker = self as unknown as ServiceWorkerGlobalScope;
const KEPT = 'zelk-arrival-1';

/** What a page asks to have kept: addresses to fetch, and an answer it has already. */
interface Wish {
  keep: readonly string[];
  answer?: { path: string; body: string };
}

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(worker.clients.claim()));

worker.addEventListener('message', (event: ExtendableMessageEvent) => {
  const { keep, answer } = event.data as Wish;
  const work = async () => {
    const cache = await caches.open(KEPT);
    if (answer) await cache.put(answer.path, asKept(answer.body));
    // One that fails does not keep the others away.
    const done = await Promise.allSettled(
      keep.map(async (path) => (await cache.match(path)) ?? cache.add(path)),
    );
    event.ports[0]?.postMessage({ missing: done.filter(({ status }) => status === 'rejected').length });
  };
  event.waitUntil(work());
});

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const { pathname, search, searchParams } = new URL(request.url);
  if (request.method !== 'GET') return;
  const isPage = request.mode === 'navigate' && (searchParams.has('arrival') || search === '');
  if (isPage) event.respondWith(fetch(request).catch(() => fromKept(request)));
  // Names of assets change with their content: what is kept is right.
  else if (pathname.startsWith('/assets/')) event.respondWith(fromKept(request, () => fetch(request)));
  else if (/\/photos\/[0-9a-f]{64}\/(320|1600)$/.test(pathname)) event.respondWith(photo(request));
  else if (/^\/api\/shared\/[\w-]+$/.test(pathname) && search === '')
    event.respondWith(report(request, pathname));
});

async function fromKept(request: Request, otherwise?: () => Promise<Response>): Promise<Response> {
  const kept = await caches.match(request);
  return kept ?? otherwise?.() ?? Response.error();
}

const asKept = (body: string): Response =>
  new Response(body, {
    headers: { 'Content-Type': 'application/json', 'X-Kept-At': new Date().toISOString() },
  });

/** The report itself. A link that was withdrawn or has run out takes along what was kept by it. */
async function report(request: Request, path: string): Promise<Response> {
  const cache = await caches.open(KEPT);
  try {
    const answer = await fetch(request);
    if (answer.ok) await cache.put(path, asKept(await answer.clone().text()));
    else if (answer.status === 404 || answer.status === 410) await forget(cache, path);
    return answer;
  } catch {
    const kept = await cache.match(path);
    if (!kept) return Response.error();
    // The page says since when it has it.
    return asKept(JSON.stringify({ ...(await kept.json()), keptAt: kept.headers.get('X-Kept-At') }));
  }
}

async function forget(cache: Cache, path: string): Promise<void> {
  const page = path.replace('/api/shared/', '/r/');
  for (const request of await cache.keys()) {
    const { pathname } = new URL(request.url);
    if (pathname === page || pathname === path || pathname.startsWith(`${path}/`))
      await cache.delete(request);
  }
}

/** Pictures are kept as they are seen. */
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
