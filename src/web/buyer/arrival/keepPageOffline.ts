/** An answer the page has already, so that it need not be asked for again. */
interface Answer {
  path: string;
  body: string;
}

/**
 * Keeps this page on the phone, so that it opens again without signal: itself, what it has loaded so far, and what else is named. Gives back whether all of it
 * is there. Where the browser cannot, nothing is lost as long as the page stays open.
 */
export async function keepPageOffline(more: readonly string[] = [], answer?: Answer): Promise<boolean> {
  if (!('serviceWorker' in navigator)) return false;
  try {
    await navigator.serviceWorker.register('/arrival-worker.js', { scope: '/r/' });
    const { active } = await navigator.serviceWorker.ready;
    if (!active) return false;
    const loaded = performance
      .getEntriesByType('resource')
      .map(({ name }) => new URL(name))
      .filter(({ origin, pathname }) => origin === location.origin && pathname.startsWith('/assets/'))
      .map(({ pathname }) => pathname);
    const keep = [...new Set([location.pathname + location.search, ...loaded, ...more])];
    const { port1, port2 } = new MessageChannel();
    const missing = new Promise<number>((told) => {
      port1.onmessage = ({ data }: MessageEvent<{ missing: number }>) => told(data.missing);
    });
    active.postMessage({ keep, ...(answer && { answer }) }, [port2]);
    return (await missing) === 0;
  } catch {
    // A private window, or storage that is full.
    return false;
  }
}
