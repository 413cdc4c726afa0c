import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v4 as newId } from 'uuid';
import type { PracticePage, PracticeScored } from '#core/api';
import type { PracticeAnswer } from '#core/practice';
import { getJson, sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { Bar } from '../../../shell/Bar';
import { Exercise } from './Exercise';
import { OwnResults } from './OwnResults';

/** One picture after another: find what is there, say what it is, and see what was. */
export function PracticeScreen() {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: ['practice'],
    queryFn: () => getJson<PracticePage>('/api/practice'),
    staleTime: Number.POSITIVE_INFINITY,
  });
  // The picture one is at stays until one goes on, whatever is fetched meanwhile.
  const [answered, setAnswered] = useState<{ answer: PracticeAnswer; scored: PracticeScored }>();
  const send = useMutation({
    mutationFn: (answer: PracticeAnswer) => sendJson<PracticeScored>('POST', '/api/practice/answers', answer),
    onSuccess: (scored, answer) => setAnswered({ answer, scored }),
  });
  const share = useMutation({
    mutationFn: (isShared: boolean) => sendJson<PracticePage>('PUT', '/api/practice/sharing', { isShared }),
    onSuccess: ({ isShared }) =>
      client.setQueryData<PracticePage>(['practice'], (now) => now && { ...now, isShared }),
  });
  const problem = query.error ?? send.error ?? share.error;
  const page = query.data;
  return (
    <>
      <Bar title="Practice yard" back={{ to: '/me', label: 'Back to you and this device' }} />
      <main className="mx-auto max-w-6xl p-3 pb-16 lg:p-5">
        {problem && <Notice look="warn">{problem.message}</Notice>}
        {page?.next && (
          <Exercise
            key={page.next.id + page.results.answers}
            next={page.next}
            isSending={send.isPending}
            {...(answered && { scored: answered.scored })}
            onAnswer={(answer) => send.mutate({ id: newId(), ...answer })}
            onNext={() => {
              setAnswered(undefined);
              send.reset();
              void query.refetch();
            }}
          />
        )}
        {page && !answered && (
          <section aria-label="How you do" className="mt-6 max-w-3xl">
            <OwnResults results={page.results} />
            <p className="mt-4 flex flex-wrap items-center gap-3">
              <span className="min-w-56 flex-1">
                {page.isShared
                  ? 'The managers of the yard see these results.'
                  : 'These results are yours alone.'}
              </span>
              <Button disabled={share.isPending} onClick={() => share.mutate(!page.isShared)}>
                {page.isShared ? 'Share them no longer' : 'Share them with the managers'}
              </Button>
            </p>
          </section>
        )}
      </main>
    </>
  );
}
