import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Me } from '#core/api';
import { sendJson } from '../../../api/client';
import { whoIsHere } from '../../../people/me';
import { presence } from '../../../people/presence';
import { useSessions } from '../../../sync/SyncContext';

/** Comes in by one of the ways there are; what waited here for somebody to sign in goes out. */
export function useEntering(path: string, method: 'POST' | 'PUT' = 'POST') {
  const client = useQueryClient();
  const { outbox } = useSessions();
  return useMutation({
    mutationFn: (body: object) => sendJson<Me>(method, path, body),
    onSuccess: async (now) => {
      await client.cancelQueries({ queryKey: presence.queryKey });
      client.setQueryData(presence.queryKey, now);
      whoIsHere.set(now.me);
      void outbox.flush();
    },
  });
}
