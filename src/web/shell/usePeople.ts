import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { v4 as newId } from 'uuid';
import type { People } from '#core/api';
import type { Person } from '#core/exchange';
import { getJson, sendJson } from '../api/client';
import { chooseWalker } from './person';

export function usePeople() {
  return useQuery({
    queryKey: ['people'],
    queryFn: () => getJson<People>('/api/people'),
    select: (data) => data.people,
  });
}

/** Adds a person and makes them the one walking. */
export function useAddPerson() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (name: string) => sendJson<Person>('POST', '/api/people', { id: newId(), name }),
    onSuccess: (person) => {
      chooseWalker(person.id);
      return client.invalidateQueries({ queryKey: ['people'] });
    },
  });
}
