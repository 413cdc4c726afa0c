import type { InfiniteData } from '@tanstack/react-query';
import { keepPreviousData, useInfiniteQuery, useQueryClient } from '@tanstack/react-query';
import { type CarList, type CarSummary, type Standing, type StockOrder, standingOf } from '#core/api';
import { carTitle } from '#core/car';
import { getJson, UnreachableError } from '../../../api/client';
import { useOutbox } from '../../../sync/SyncContext';
import { carOf } from '../../../sync/walkSession';

/** The yard's cars that match what was typed: from the server, or without signal from what this device keeps of them. */
export function useStock(search: string, standing: Standing | undefined, order: StockOrder) {
  const client = useQueryClient();
  const waiting = useOutbox().cars;
  const stock = useInfiniteQuery({
    // The plain list is what the device carries along.
    queryKey: standing || order !== 'newest' ? ['cars', search, standing, order] : ['cars', search],
    queryFn: ({ pageParam }) => {
      const query = new URLSearchParams({
        search,
        ...(standing && { standing }),
        order,
        ...(pageParam && { cursor: pageParam }),
      });
      return getJson<CarList>(`/api/cars?${query}`);
    },
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
  });
  const isAway = stock.error instanceof UnreachableError;
  const isOfThisSearch = stock.data !== undefined && !stock.isPlaceholderData;
  const kept = client.getQueryData<InfiniteData<CarList>>(['cars', '']);
  const told = (isAway && !isOfThisSearch ? kept : stock.data)?.pages.flatMap((page) => page.cars) ?? [];
  const here = waiting.map((car): CarSummary => ({ car: carOf(car) }));
  const known = new Set(here.map(({ car }) => car.id));
  const isWanted = (summary: CarSummary) =>
    matches(summary, search) && (!standing || standingOf(summary) === standing);
  return {
    stock,
    isAway,
    /** Added on this device, and not with the server yet. */
    waiting: here.filter(isWanted),
    cars: (isAway ? told.filter(isWanted) : told).filter(({ car }) => !known.has(car.id)),
  };
}

/** Every word is found somewhere in what a car is known by. */
export function matches({ car }: CarSummary, search: string): boolean {
  const text = [carTitle(car), car.stockNumber, car.plate, car.colour].join(' ').toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}
