import type { Outbox } from '../sync/outbox';
import { SEND_LATER } from './names';

interface Syncing {
  sync?: { register(tag: string): Promise<void> };
}

/** Has the browser send what waits when there is signal again, though the page is closed by then; where it can. */
export function sendLater(outbox: Outbox): void {
  if (!('serviceWorker' in navigator)) return;
  let isAsked = false;
  outbox.subscribe(() => {
    const { waiting, stalled } = outbox.snapshot();
    if (waiting === 0) isAsked = false;
    if (!stalled || waiting === 0 || isAsked) return;
    isAsked = true;
    void navigator.serviceWorker.getRegistration().then(
      (registration) =>
        (registration as Syncing | undefined)?.sync?.register(SEND_LATER).catch(() => undefined),
      () => undefined,
    );
  });
}
