import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { WalkChoices } from '#core/api';
import type { Vocabulary } from '#core/car';
import { minorUnits, moneyWords } from '#core/plan';
import { getJson, sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { If } from '../../../people/If';
import { localMoment } from '../../../words/times';

/** What buyers chose of what was offered to them: confirmed it is a promise, declined it is none; they are told either way. */
export function ChosenList({ walk, vocabulary }: { walk: string; vocabulary: Vocabulary }) {
  const client = useQueryClient();
  const key = ['choices', walk];
  const query = useQuery({
    queryKey: key,
    queryFn: () => getJson<WalkChoices>(`/api/walks/${walk}/choices`),
  });
  const answer = useMutation({
    mutationFn: ({ id, says }: { id: string; says: 'confirmed' | 'declined' }) =>
      sendJson<WalkChoices>('POST', `/api/choices/${id}/answer`, { answer: says }),
    onSuccess: (page) => {
      client.setQueryData(key, page);
      void client.invalidateQueries({ queryKey: ['walk', walk] });
      void client.invalidateQueries({ queryKey: ['board'] });
    },
  });
  const open = (query.data?.choices ?? []).filter((choice) => choice.answer === undefined);
  if (open.length === 0) return null;
  return (
    <section aria-labelledby="chosen">
      <h2 id="chosen" className="mb-2 text-xl">
        Chosen by a buyer
      </h2>
      {answer.error && <Notice look="warn">{answer.error.message}</Notice>}
      <ul className="border-t-2 border-ink">
        {open.map(({ id, from, number, where, says, price, chosenAt }) => (
          <li key={id} className="border-b border-line py-2">
            <p>
              <span className="font-bold">
                {number !== undefined && `${number}. `}
                {where}
              </span>
              {says && `: ${says}`},{' '}
              {moneyWords(price.amount * minorUnits(price.currency), price.currency, vocabulary)}
            </p>
            <p className="text-sm text-soft">
              {from || 'A link'}, {localMoment(chosenAt)}
            </p>
            <If may="send">
              <div className="mt-2 flex flex-wrap gap-2">
                <Button
                  look="tape"
                  disabled={answer.isPending}
                  onClick={() => answer.mutate({ id, says: 'confirmed' })}
                >
                  Confirm: we promise it
                </Button>
                <Button disabled={answer.isPending} onClick={() => answer.mutate({ id, says: 'declined' })}>
                  Decline
                </Button>
              </div>
            </If>
          </li>
        ))}
      </ul>
    </section>
  );
}
