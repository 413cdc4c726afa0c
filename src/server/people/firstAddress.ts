import type { Context } from '../context';

const A_DAY_MS = 86_400_000;

/** What the address holds by which the yard's first owner comes in. Those made before open nothing any more. */
export function firstAddress({ stores, now }: Pick<Context, 'stores' | 'now'>): string {
  stores.oneTime.withdrawAll('first');
  return stores.oneTime.make({
    opens: 'first',
    at: now().toISOString(),
    expiresAt: new Date(now().getTime() + A_DAY_MS).toISOString(),
  }).token;
}
