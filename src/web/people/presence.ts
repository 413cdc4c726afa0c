import type { Me } from '#core/api';
import { getJson } from '../api/client';
import { whoIsHere } from './me';

/** Who the server says is here; what this device knows of it follows. */
export const presence = {
  queryKey: ['me'],
  queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Me> => {
    const now = await getJson<Me>('/api/me');
    // Somebody may have come in since it was asked.
    if (!signal.aborted) whoIsHere.set(now.me);
    return now;
  },
  staleTime: 60_000,
};
