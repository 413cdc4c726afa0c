import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { BoardPage } from '#core/api';
import { getJson } from '../../../api/client';
import { useMay } from '../../../people/me';

/** When the cars on the board are ready, by car, for who may plan; asked for once the list itself is here. */
export function useReady(isListed: boolean): ReadonlyMap<string, BoardPage['cars'][number]> {
  const may = useMay('plan');
  const { data } = useQuery({
    queryKey: ['board'],
    queryFn: () => getJson<BoardPage>('/api/board'),
    enabled: may && isListed,
    staleTime: 60_000,
  });
  return useMemo(() => new Map((data?.cars ?? []).map((car) => [car.car, car])), [data]);
}
