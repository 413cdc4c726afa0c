import { randomUUID } from 'node:crypto';
import { bringFacts } from '../../src/server/judging/learned';
import { freeze } from '../../src/server/reports/freeze';
import type { Stores } from '../../src/server/store/stores';
import type { PastWalk } from './pastWalks';

const HOUR_MS = 3_600_000;

/** Cars of earlier months with their walks and reports, and what they say of what is usual: in one transaction, since nobody waits for an answer in between. */
export async function putPastWalks(stores: Stores, past: readonly PastWalk[], now: Date): Promise<void> {
  const hoursAgo = (hours: number) => new Date(now.getTime() - hours * HOUR_MS);
  stores.db.transaction(() => {
    for (const { car, walk, who, daysAgo, entries } of past) {
      // A car of an earlier month was walked on the day it came in.
      stores.cars.add(car.id, car.details, hoursAgo(24 * daysAgo).toISOString());
      const walked = hoursAgo(24 * daysAgo - 2);
      stores.walks.append(walk, entries, walked);
      freeze(stores, walk, randomUUID(), who.id, walked, 'last-six');
    }
    stores.walks.settle();
  })();
  await bringFacts({ stores });
}
