import { CalendarDays } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { vocabularyOf } from '#core/car';
import { moneyWords, type Plan, type Prices, standardNames, standards } from '#core/plan';
import { Notice } from '../../../components/Notice';
import { If } from '../../../people/If';
import type { OpenWalk } from '../../../sync/useWalk';
import { ChosenList } from './ChosenList';
import { CollectOn } from './CollectOn';
import { FoundList } from './FoundList';
import { JobList } from './JobList';
import { StaysList } from './StaysList';
import { usePlan } from './usePlan';

const TradeOff = lazy(() => import('./TradeOff'));

/** A standard to choose, what it comes to, the jobs it takes, what stays, and everything that was found with what would mend it. */
export function PlanView({ walk }: { walk: OpenWalk }) {
  const planning = usePlan(walk);
  const { data, plan, points, problem, isPlanning, change, proposed } = planning;
  const vocabulary = vocabularyOf(walk.page.car);
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto max-w-6xl gap-8 p-3 lg:grid lg:grid-cols-[24rem_minmax(0,1fr)] lg:p-5">
        <div className="space-y-5">
          {problem && <Notice look="warn">{problem.message}</Notice>}
          {data && (
            <>
              <fieldset>
                <legend className="mb-2 text-xl font-bold">How far to go</legend>
                {standards.map((standard) => (
                  <label
                    key={standard}
                    className="flex min-h-12 cursor-pointer items-start gap-3 border-t border-line py-2 has-checked:bg-fill"
                  >
                    <input
                      type="radio"
                      name="standard"
                      className="mt-1 ml-1 size-5 accent-accent"
                      checked={data.wish.standard === standard}
                      onChange={() => change({ standard })}
                    />
                    <span>
                      <span className="block font-bold">{standardNames[standard].name}</span>
                      <span className="block text-sm text-soft">{standardNames[standard].hint}</span>
                    </span>
                  </label>
                ))}
              </fieldset>
              {plan && (
                <Total plan={plan} prices={data.prices} isPlanning={isPlanning} vocabulary={vocabulary} />
              )}
              <label className="flex min-h-12 cursor-pointer items-center gap-3 border-y border-line py-2">
                <input
                  type="checkbox"
                  className="ml-1 size-6 accent-accent"
                  checked={data.wish.isOn}
                  onChange={({ target }) => change({ isOn: target.checked })}
                />
                <span className="min-w-0 flex-1 font-bold">We work on it: it is on the board</span>
                <Link
                  to="/board"
                  className="grid size-12 place-items-center"
                  aria-label="Who does it, when"
                  title="Who does it, when"
                >
                  <CalendarDays aria-hidden size={22} />
                </Link>
              </label>
              {data.wish.isOn && (
                <CollectOn value={data.wish.collectOn} onChange={(collectOn) => change({ collectOn })} />
              )}
              {!data.arePricesSet && (
                <Notice>
                  These are house figures to begin with: nobody has looked through them yet.{' '}
                  <If may="manage">
                    <Link to="/prices" className="font-bold underline underline-offset-4">
                      What work costs here
                    </Link>
                  </If>
                </Notice>
              )}
              {points.length > 1 && (
                <Suspense fallback={<div className="h-56" />}>
                  <TradeOff points={points} plan={plan} prices={data.prices} vocabulary={vocabulary} />
                </Suspense>
              )}
            </>
          )}
        </div>
        {data && plan && (
          <div className="mt-6 space-y-8 lg:mt-0">
            <ChosenList walk={walk.page.walk} vocabulary={vocabulary} />
            <JobList walk={walk} planning={planning} plan={plan} page={data} />
            <StaysList proposed={proposed} plan={plan} />
            <FoundList planning={planning} page={data} vocabulary={vocabulary} />
          </div>
        )}
      </div>
    </main>
  );
}

interface TotalProps {
  plan: Plan;
  prices: Prices;
  isPlanning: boolean;
  vocabulary: 'uk' | 'us';
}

function Total({ plan, prices: { currency, tax }, isPlanning, vocabulary }: TotalProps) {
  const { cost, jobs, unpriced } = plan;
  const trades = new Set(jobs.map(({ trade }) => trade)).size;
  const withTax = (amount: number) => Math.round((amount * (1000 + tax.perMille)) / 1000);
  return (
    <section aria-label="What it comes to" aria-busy={isPlanning} className="border-l-8 border-accent pl-3">
      <p className="text-2xl font-bold tabular-nums">
        {jobs.length === 0 ? 'Nothing to do' : moneyWords(cost, currency, vocabulary)}
      </p>
      {jobs.length > 0 && (
        <p className="tabular-nums">
          {jobs.length} {jobs.length === 1 ? 'job' : 'jobs'} for{' '}
          {trades === 1 ? 'one trade' : `${trades} trades`}
          {tax.isShown && tax.perMille > 0
            ? `; ${moneyWords({ low: withTax(cost.low), high: withTax(cost.high) }, currency, vocabulary)} with ${tax.perMille / 10} % tax`
            : ', without tax'}
        </p>
      )}
      {cost.low !== cost.high && (
        <p className="text-sm text-soft">
          From the least to the most: what was not measured may be small or large.
        </p>
      )}
      {unpriced.length > 0 && (
        <p className="text-sm font-bold text-warn">
          {unpriced.length === 1 ? 'One job has' : `${unpriced.length} jobs have`} no price, and{' '}
          {unpriced.length === 1 ? 'is' : 'are'} not in this.
        </p>
      )}
    </section>
  );
}
