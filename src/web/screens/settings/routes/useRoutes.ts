import { useQuery } from '@tanstack/react-query';
import type { WalkerRoutes } from '#core/api';
import { noPace, type Pace } from '#core/walk';
import { getJson } from '../../../api/client';
import { useKeep } from '../../../api/useKeep';

const keyOf = (person: string | undefined) => ['routes', person];

/** The routes a person keeps. */
export function useRoutes(person: string | undefined) {
  return useQuery({
    queryKey: keyOf(person),
    queryFn: () => getJson<WalkerRoutes>(`/api/people/${person}/routes`),
    enabled: person !== undefined,
    staleTime: 60_000,
  });
}

/** Keeps a person's routes. */
export const useKeepRoutes = (person: string | undefined) =>
  useKeep<WalkerRoutes>(keyOf(person), `/api/people/${person}/routes`);

/** How fast a person is, learnt from their walks; nothing is known while there is no answer. */
export function usePace(person: string | undefined) {
  return useQuery({
    queryKey: ['pace', person],
    queryFn: () => getJson<Pace>(`/api/people/${person}/pace`),
    enabled: person !== undefined,
    staleTime: 300_000,
    placeholderData: noPace,
  });
}
