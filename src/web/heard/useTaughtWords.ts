import { useQuery } from '@tanstack/react-query';
import type { TaughtWord } from '#core/speech';
import { getJson } from '../api/client';

const none: readonly TaughtWord[] = [];

/** Words of the house; without signal those this device kept. */
export function useTaughtWords(): readonly TaughtWord[] {
  const words = useQuery({ queryKey: ['words'], queryFn: () => getJson<TaughtWord[]>('/api/words') });
  return words.data ?? none;
}
