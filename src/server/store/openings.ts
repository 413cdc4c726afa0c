import type { Db } from './openDatabase';
import { wrote } from './writeLock';

/** That a link was opened is worth telling, and not worth a reader's waiting for the disk: it is written down within so long. */
const WITHIN_MS = 1000;

interface Opening {
  times: number;
  first: string;
  last: string;
}

/** Counts how often links are opened, many at a stroke. */
export function makeOpenings(db: Db) {
  const update = db.prepare(
    `UPDATE shares SET opened = opened + ?, first_opened_at = coalesce(first_opened_at, ?), last_opened_at = ?
     WHERE id = ?`,
  );
  const pending = new Map<string, Opening>();
  let timer: NodeJS.Timeout | undefined;

  const flush = db.transaction(() => {
    for (const [share, { times, first, last }] of pending) update.run(times, first, last, share);
    pending.clear();
  });
  const flushNow = (): void => {
    clearTimeout(timer);
    timer = undefined;
    // While another program writes they are counted on, and written down a little later.
    if (pending.size > 0 && db.open && !wrote(flush)) soon();
  };
  const soon = (): void => {
    timer ??= setTimeout(flushNow, WITHIN_MS).unref();
  };
  return {
    note: (share: string, now: string): void => {
      const before = pending.get(share);
      pending.set(share, { times: (before?.times ?? 0) + 1, first: before?.first ?? now, last: now });
      soon();
    },
    flush: flushNow,
  };
}
