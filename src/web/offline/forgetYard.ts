import type { QueryClient } from '@tanstack/react-query';
import { whoIsHere } from '../people/me';
import { keptOrNot } from '../sync/keptOrNot';
import type { OutboxStore } from '../sync/outboxStore';
import { KEPT_PHOTOS } from './names';

/**
 * Nobody is signed in here any more: what this device kept of the yard goes. What was made here and waits to be sent stays, with the walks it
 * belongs to.
 */
export function forgetWhenSignedOut(client: QueryClient, store: OutboxStore | undefined): void {
  whoIsHere.subscribe(() => {
    if (whoIsHere.get()) return;
    client.removeQueries({ predicate: ({ queryKey: [name] }) => name !== 'me' });
    void globalThis.caches?.delete(KEPT_PHOTOS).catch(() => undefined);
    void keptOrNot(store, async (open) => {
      const waiting = new Set((await open.getAll('entries')).map(({ walk }) => walk));
      const tx = open.transaction(['walks', 'sent', 'answers'], 'readwrite');
      const [walks, sent] = [tx.objectStore('walks'), tx.objectStore('sent')];
      tx.objectStore('answers').clear();
      for (const walk of await walks.getAllKeys()) {
        if (waiting.has(walk)) continue;
        walks.delete(walk);
        for (const id of await sent.index('walk').getAllKeys(walk)) sent.delete(id);
      }
      await tx.done;
    });
  });
}
