import { useQuery } from '@tanstack/react-query';
import type { PracticeTeam } from '#core/api';
import { type FindingKind, findingKindName } from '#core/walk';
import { getJson } from '../../../api/client';
import { Notice } from '../../../components/Notice';
import { Bar } from '../../../shell/Bar';
import { OwnResults } from './OwnResults';
import { agreementWords } from './resultWords';

/** Where people of the yard see differently: on cars two of them walked, and in what they share of their practice. */
export function PracticeTeamScreen() {
  const team = useQuery({
    queryKey: ['practice-team'],
    queryFn: () => getJson<PracticeTeam>('/api/practice/team'),
  });
  return (
    <>
      <Bar title="Where the team differs" back={{ to: '/me', label: 'Back to you and this device' }} />
      <main className="mx-auto max-w-4xl space-y-8 p-4 pb-16">
        {team.error && <Notice look="warn">{team.error.message}</Notice>}
        {team.data && (
          <>
            <section aria-labelledby="pairs">
              <h2 id="pairs" className="text-xl">
                Two people, the same cars
              </h2>
              <p className="max-w-2xl">
                Of every part both looked at: did the one find it, and the other? 1 is full agreement, 0 is
                what chance alone would give (Cohen’s kappa, with the range it lies in 95 times in 100).
              </p>
              {team.data.pairs.length === 0 && (
                <p className="mt-2 font-bold">
                  No car was walked by two people yet. Let two walk the same one, each by themselves.
                </p>
              )}
              {team.data.pairs.map((pair) => (
                <Pair key={`${pair.one} ${pair.other}`} pair={pair} />
              ))}
            </section>
            <section aria-labelledby="shared">
              <h2 id="shared" className="text-xl">
                Shared from the practice yard
              </h2>
              {team.data.people.length === 0 ? (
                <p>Nobody shares their results. They are each person’s own.</p>
              ) : (
                team.data.people.map(({ name, results }) => (
                  <div key={name} className="mt-4">
                    <OwnResults results={results} name={name} />
                  </div>
                ))
              )}
            </section>
          </>
        )}
      </main>
    </>
  );
}

const figure = (value: number): string => value.toFixed(2).replace('-', '−');

function Pair({ pair }: { pair: PracticeTeam['pairs'][number] }) {
  const { one, other, cars, kinds } = pair;
  return (
    <div className="mt-4">
      <h3 className="text-lg">
        {one} and {other}: {cars} {cars === 1 ? 'car' : 'cars'}
      </h3>
      <ul className="mt-1 border-t border-ink">
        {kinds.map(({ kind, agreement, onlyOne, onlyOther }) => (
          <li key={kind} className="border-b border-line py-1.5">
            <p className="flex flex-wrap justify-between gap-x-3">
              <span className="font-bold">{findingKindName(kind as FindingKind, 'uk')}</span>
              <span className="tabular-nums">
                {agreement
                  ? `${figure(agreement.kappa)}, ${agreementWords(agreement)} (likely ${figure(agreement.low)} to ${figure(agreement.high)}), over ${agreement.of} parts`
                  : 'one of the two found none'}
              </span>
            </p>
            {onlyOne + onlyOther > 0 && (
              <p className="text-sm text-soft">
                {[
                  onlyOne > 0 && `only ${one} found it on ${onlyOne}`,
                  onlyOther > 0 && `only ${other} on ${onlyOther}`,
                ]
                  .filter(Boolean)
                  .join(', ')}
                .
              </p>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
