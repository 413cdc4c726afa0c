import { useQuery } from '@tanstack/react-query';
import type { ChecksPage } from '#core/api';
import { getJson } from '../../../api/client';

const EVERY_MS = 20_000;

/** Signed checks of a car against reports of a walk, looked up again while they are on the screen. */
export const useChecks = (walk: string | undefined) =>
  useQuery({
    queryKey: ['checks', walk],
    queryFn: () => getJson<ChecksPage>(`/api/walks/${walk}/checks`),
    enabled: walk !== undefined,
    refetchInterval: EVERY_MS,
    retry: false,
  });
