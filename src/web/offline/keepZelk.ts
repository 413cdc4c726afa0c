import { Workbox } from 'workbox-window';
import { newer } from './newer';

/** Asked for a newer Zelk so often while it is open. */
const LOOK_MS = 3_600_000;

/** Has the browser keep Zelk, so that it opens without signal. Where pages may not be kept (plain HTTP), nothing happens. */
export async function keepZelk(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const workbox = new Workbox('/yardWorker.js', { updateViaCache: 'none' });
  workbox.addEventListener('waiting', () =>
    newer.arrived(() => {
      workbox.addEventListener('controlling', () => location.reload());
      workbox.messageSkipWaiting();
    }),
  );
  await workbox.register();
  setInterval(() => void workbox.update().catch(() => undefined), LOOK_MS);
}
