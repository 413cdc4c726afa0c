import { useEffect, useState } from 'react';
import type { SharedChoices } from '#core/api';
import { longDay } from '#core/wording';
import { request } from '../api/answers';
import { sendJson } from '../api/client';
import { Button } from '../components/Button';
import { Notice } from '../components/Notice';

type Offer = SharedChoices['offers'][number];

const stands: Record<Offer['state'], string> = {
  open: '',
  chosen: 'You asked for it. The yard confirms or declines it; nothing is agreed before.',
  confirmed: 'Confirmed by the yard: it will be put right.',
  declined: 'Declined by the yard.',
};

const money = ({ amount, currency }: Offer['price']): string =>
  amount.toLocaleString([], { style: 'currency', currency, maximumFractionDigits: 0 });

/** "British Pounds": a sign alone is the money of many countries. */
const currencyName = (offers: readonly Offer[]): string =>
  [...new Set(offers.map(({ price }) => price.currency))]
    .map((code) => new Intl.DisplayNames([], { type: 'currency' }).of(code) ?? code)
    .join(', ');

/** What the reader may choose to have put right, each at its price; asked for by a tap, taken back by another. Nothing is agreed before the yard has confirmed it. */
export function Choices({ path }: { path: string }) {
  const [offers, setOffers] = useState<readonly Offer[]>();
  const [until, setUntil] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const [isSending, setSending] = useState(false);
  useEffect(() => {
    request(`${path}/choices`, {})
      .then((page) => {
        setOffers((page as SharedChoices).offers);
        setUntil((page as SharedChoices).until);
      })
      // Out of signal the report tells what is offered all the same.
      .catch(() => undefined);
  }, [path]);
  if (!offers || offers.length === 0) return null;
  const choose = async (fault: string, isWanted: boolean) => {
    setSending(true);
    setProblem(undefined);
    try {
      const page = await sendJson<SharedChoices>('POST', `${path}/choices`, { fault, isWanted });
      setOffers(page.offers);
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setSending(false);
    }
  };
  const wanted = offers.filter(({ state }) => state === 'chosen' || state === 'confirmed');
  return (
    <section aria-labelledby="choices" className="mx-auto max-w-3xl px-4 pb-6">
      <h2 id="choices" className="text-2xl">
        What you may choose
      </h2>
      <p className="my-2">
        The yard offers to put these right at a price ({currencyName(offers)})
        {until && `; you may choose until ${longDay(until)}, when your link runs out`}.
      </p>
      {problem && <Notice look="warn">{problem}</Notice>}
      <ul className="border-t border-ink">
        {offers.map(({ fault, number, where, says, price, state }) => (
          <li key={`${fault} ${state}`} className="border-b border-line py-3">
            <div className="flex flex-wrap items-start justify-between gap-3">
              <p className="min-w-48 flex-1">
                <span className="font-bold">
                  {number !== undefined && `${number}. `}
                  {where}
                </span>
                {says && `: ${says}`}
              </p>
              <p className="font-bold tabular-nums">{money(price)}</p>
            </div>
            {stands[state] && <p className="mt-1 text-sm">{stands[state]}</p>}
            {state !== 'confirmed' && (
              <Button
                className="mt-2"
                look={state === 'chosen' ? 'plain' : 'tape'}
                disabled={isSending}
                onClick={() => choose(fault, state !== 'chosen')}
              >
                {state === 'chosen' ? 'Take it back' : state === 'declined' ? 'Ask again' : 'I want this'}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {wanted.length > 0 && (
        <p className="mt-2 font-bold tabular-nums">
          {wanted.length === 1 ? 'One thing' : `${wanted.length} things`}, together {totalsOf(wanted)}
        </p>
      )}
    </section>
  );
}

/** Together, currency by currency: amounts of two are never added. */
function totalsOf(offers: readonly Offer[]): string {
  const totals = new Map<string, number>();
  for (const { price } of offers)
    totals.set(price.currency, (totals.get(price.currency) ?? 0) + price.amount);
  return [...totals].map(([currency, amount]) => money({ amount, currency })).join(' and ');
}
