import { type QueryKey, useMutation, useQueryClient } from '@tanstack/react-query';
import { sendJson } from './client';

/**
 * Keeps a whole list or table under its address: shown at once, so that the next tap builds on it, and taken back if
 * the server refuses.
 */
export function useKeep<T>(key: QueryKey, path: string, onKept?: () => void) {
  const client = useQueryClient();
  const mutationKey = ['keep', ...key];
  return useMutation({
    mutationKey,
    mutationFn: (wanted: T) => sendJson<T>('PUT', path, wanted),
    onMutate: async (wanted) => {
      // What is being fetched is older than this choice and must not stand over it.
      await client.cancelQueries({ queryKey: key, exact: true });
      const before = client.getQueryData<T>(key);
      client.setQueryData(key, wanted);
      return { before };
    },
    onError: (_error, _wanted, context) => client.setQueryData(key, context?.before),
    // One after the other: an earlier answer must not stand over a later choice.
    scope: { id: JSON.stringify(mutationKey) },
    onSuccess: (kept) => {
      if (client.isMutating({ mutationKey }) === 1) client.setQueryData(key, kept);
      onKept?.();
    },
  });
}
