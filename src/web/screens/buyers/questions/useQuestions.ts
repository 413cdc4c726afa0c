import { useQuery } from '@tanstack/react-query';
import type { QuestionsPage } from '#core/api';
import { getJson } from '../../../api/client';

const EVERY_MS = 20_000;

/** What buyers asked about a walk, looked up again and again while it is on the screen. */
export const useQuestions = (walk: string | undefined) =>
  useQuery({
    queryKey: ['questions', walk],
    queryFn: () => getJson<QuestionsPage>(`/api/walks/${walk}/questions`),
    enabled: walk !== undefined,
    refetchInterval: EVERY_MS,
    // Each stop shows what was asked of it: that is no reason to ask again.
    staleTime: EVERY_MS,
    // A walk that has not reached the server has no questions.
    retry: false,
  });
