import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { v4 as newId } from 'uuid';
import { peopleSchema } from '#core/api';
import { personSchema } from '#core/exchange';
import { getJson, sendJson } from '../api/client';
import { chooseWalker } from './person';

export function usePeople() {
  return useQuery({
    queryKey: ['people'],
    queryFn: () => getJson('/api/people', peopleSchema),
    select: (data) => data.people,
  });
}

/** Adds a person and makes them the one walking. */
export function useAddPerson() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (name: string) => sendJson('POST', '/api/people', { id: newId(), name }, personSchema),
    onSuccess: (person) => {
      chooseWalker(person.id);
      return client.invalidateQueries({ queryKey: ['people'] });
    },
  });
}
