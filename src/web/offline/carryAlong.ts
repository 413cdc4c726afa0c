import type { InfiniteData, QueryClient } from '@tanstack/react-query';
import type { CarList, Round } from '#core/api';
import type { WeakSpotList } from '#core/weakSpots';
import { getJson } from '../api/client';
import type { WalkSessions } from '../sync/walkSession';

/** Walks and pictures taken along: the newest first, as many as a day has. */
const [WALKS, PICTURES] = [20, 600];
/** A car looked at so lately is not asked for again. */
const FRESH_MS = 900_000;

/**
 * Fetches what a person may open in the yard where there is no signal: the cars of the stock list, the walks that are not frozen yet, and their
 * pictures, small. One after another, so that nobody who waits for something waits longer.
 */
export async function carryAlong(client: QueryClient, sessions: WalkSessions): Promise<void> {
  const list = client.getQueryData<InfiniteData<CarList>>(['cars', '']);
  const cars = list?.pages.flatMap((page) => page.cars) ?? [];
  for (const { car } of cars)
    await client.prefetchQuery({
      queryKey: ['car', car.id],
      queryFn: () => sessions.loadCar(car.id),
      staleTime: FRESH_MS,
    });
  await client.prefetchQuery({
    queryKey: ['weak-spots'],
    queryFn: () => getJson<WeakSpotList>('/api/weak-spots'),
    staleTime: FRESH_MS,
  });
  await client.prefetchQuery({
    queryKey: ['mornings'],
    queryFn: () => getJson<Round>('/api/mornings'),
    staleTime: FRESH_MS,
  });
  const inHand = cars.flatMap(({ walk }) => (walk && !walk.revision ? [walk] : [])).slice(0, WALKS);
  let room = PICTURES;
  for (const { id, lastEntryAt } of inHand) {
    const page = await sessions.upToDate(id, lastEntryAt);
    for (const { record } of (page?.photos ?? []).slice(0, room)) {
      room--;
      // The worker keeps what passes it.
      await fetch(`/api/photos/${record.sha256}/320`).catch(() => undefined);
    }
  }
}
