import type { OutboxStore } from './outboxStore';

/** Does something with the device's storage. Gives back why it could not, in words; undefined when it could. Never throws. */
export async function keptOrNot(
  store: OutboxStore | undefined,
  work: (store: OutboxStore) => Promise<unknown>,
): Promise<string | undefined> {
  if (!store)
    return 'This browser keeps nothing for Zelk: a private window, or storage that is switched off.';
  try {
    await work(store);
    return undefined;
  } catch (error) {
    return (error as { name?: unknown } | null)?.name === 'QuotaExceededError'
      ? 'There is no room left on this device.'
      : 'This device’s storage failed.';
  }
}
