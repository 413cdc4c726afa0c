/**
 * Keeps this page on the phone, so that it opens again without signal. Only the check does: reading a report needs none of it. Where the browser
 * cannot, nothing is lost as long as the page stays open.
 */
export async function keepPageOffline(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  try {
    await navigator.serviceWorker.register('/arrival-worker.js', { scope: '/r/' });
    const { active } = await navigator.serviceWorker.ready;
    const loaded = performance
      .getEntriesByType('resource')
      .map(({ name }) => new URL(name))
      .filter(({ origin, pathname }) => origin === location.origin && pathname.startsWith('/assets/'))
      .map(({ pathname }) => pathname);
    active?.postMessage({ keep: [...new Set([location.pathname + location.search, ...loaded])] });
  } catch {
    // A private window, or storage that is full.
  }
}
