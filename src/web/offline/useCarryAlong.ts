import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useSessions } from '../sync/SyncContext';
import { carryAlong } from './carryAlong';

/** Once the stock list has come to rest; and not more often than this. */
const [REST_MS, AGAIN_MS] = [3000, 900_000];
let lastAt = Number.NEGATIVE_INFINITY;

/** Takes along what a person may open where there is no signal, while there is some. Where Zelk itself is not kept, there is no use in it. */
export function useCarryAlong(isListed: boolean): void {
  const client = useQueryClient();
  const sessions = useSessions();
  useEffect(() => {
    const { saveData } = (navigator as { connection?: { saveData?: boolean } }).connection ?? {};
    if (!isListed || saveData || !navigator.serviceWorker?.controller) return;
    if (Date.now() - lastAt < AGAIN_MS) return;
    const timer = setTimeout(() => {
      lastAt = Date.now();
      void carryAlong(client, sessions).catch(() => undefined);
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [isListed, client, sessions]);
}
