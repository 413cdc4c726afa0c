import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { WalkerRoutes } from '#core/api';
import { noPace, type Pace } from '#core/walk';
import { getJson, sendJson } from '../../api/client';

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

/** Keeps a person's routes; shown at once, taken back if the server refuses. */
export function useKeepRoutes(person: string | undefined) {
  const client = useQueryClient();
  const key = keyOf(person);
  return useMutation({
    mutationFn: (routes: WalkerRoutes) =>
      sendJson<WalkerRoutes>('PUT', `/api/people/${person}/routes`, routes),
    onMutate: (routes) => {
      const before = client.getQueryData<WalkerRoutes>(key);
      client.setQueryData(key, routes);
      return { before };
    },
    onError: (_error, _routes, context) => client.setQueryData(key, context?.before),
    // One after the other: an earlier answer must not stand over a later choice.
    scope: { id: `routes ${person}` },
  });
}

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
