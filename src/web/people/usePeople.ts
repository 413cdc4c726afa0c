import { useQuery } from '@tanstack/react-query';
import type { People } from '#core/api';
import { getJson } from '../api/client';

/** Everybody whose name stands on entries. */
export const usePeople = () =>
  useQuery({
    queryKey: ['people'],
    queryFn: () => getJson<People>('/api/people'),
    select: (data) => data.people,
  });
