import type { PlanPage } from '#core/api';
import { vocabularyOf } from '#core/car';
import { cureCaution } from '#core/cures';
import { type Job, moneyWords, type Plan, type Trade, tradeNames } from '#core/plan';
import type { OpenWalk } from '../../../sync/useWalk';
import { JobItem } from './JobItem';
import type { Planning } from './usePlan';

interface JobListProps {
  walk: OpenWalk;
  planning: Planning;
  plan: Plan;
  page: PlanPage;
}

/** The jobs of a plan, trade by trade, with what is paid once beside them; below, those that a missing price keeps out. */
export function JobList({ walk, planning, plan, page }: JobListProps) {
  const { choice } = planning;
  const { prices, wish } = page;
  const vocabulary = vocabularyOf(walk.page.car);
  // In the order their first jobs are done in.
  const trades = [...new Set(plan.jobs.map(({ trade }) => trade))];

  const waiting = choice.jobs.filter(
    (job) =>
      job.missing !== undefined &&
      !plan.jobs.includes(job) &&
      job.mends.some((id) => plan.stays.some(({ fault, because }) => fault === id && because === 'no-price')),
  );
  const item = (job: Job) => <JobItem key={job.id} {...{ job, walk, planning, page }} />;
  return (
    <section aria-labelledby="jobs">
      <h2 id="jobs" className="mb-2 text-xl">
        The jobs
      </h2>
      {plan.jobs.length === 0 && waiting.length === 0 && (
        <p className="text-soft">
          Nothing that was found is asked for by this. Go further, or tick what you want below.
        </p>
      )}
      {trades
        .map((trade) => [trade, plan.jobs.filter((job) => job.trade === trade)] as const)
        .map(([trade, jobs]) => (
          <div key={trade} className="mb-5">
            <h3 className="border-b-2 border-ink py-1 font-bold">{tradeNames[trade]}</h3>
            <ul>{jobs.map(item)}</ul>
            <PaidOnce {...{ trade, jobs, plan }} currency={prices.currency} vocabulary={vocabulary} />
            {cautionsOf(jobs).map((caution) => (
              <p key={caution} className="mt-1 text-sm text-soft">
                {caution}
              </p>
            ))}
          </div>
        ))}
      {waiting.length > 0 && (
        <div className="mb-5">
          <h3 className="border-b-2 border-ink py-1 font-bold">Waiting for a price</h3>
          <ul>{waiting.map(item)}</ul>
        </div>
      )}
      {wish.pins.out.length > 0 && <TakenOut ids={wish.pins.out} planning={planning} page={page} />}
    </section>
  );
}

const cautionsOf = (jobs: readonly Job[]): string[] => [
  ...new Set(jobs.flatMap(({ cure }) => cureCaution(cure) ?? [])),
];

function PaidOnce({
  trade,
  jobs,
  plan,
  currency,
  vocabulary,
}: {
  trade: Trade;
  jobs: readonly Job[];
  plan: Plan;
  currency: string;
  vocabulary: 'uk' | 'us';
}) {
  const mine = plan.once.filter(
    ({ id }) =>
      id === `call-out ${trade}` || (id.startsWith('set-up') && jobs.some((job) => job.once.includes(id))),
  );
  return mine.map(({ id, says, cost }) => (
    <p key={id} className="flex justify-between gap-3 border-b border-line py-1.5 text-sm">
      <span>{says}, once</span>
      <span className="tabular-nums">{moneyWords(cost, currency, vocabulary)}</span>
    </p>
  ));
}

/** What was taken out by hand, to be put back. */
function TakenOut({ ids, planning, page }: { ids: readonly string[]; planning: Planning; page: PlanPage }) {
  const { choice, change } = planning;
  const jobs = choice.jobs.filter(({ id }) => ids.includes(id));
  return (
    <div>
      <h3 className="border-b-2 border-ink py-1 font-bold">Taken out by hand</h3>
      <ul>
        {jobs.map((job) => (
          <li key={job.id} className="flex items-center justify-between gap-3 border-b border-line py-1">
            <span>{job.where}</span>
            <button
              type="button"
              className="min-h-12 px-2 font-bold text-accent underline underline-offset-4"
              onClick={() =>
                change({ pins: { ...page.wish.pins, out: page.wish.pins.out.filter((id) => id !== job.id) } })
              }
            >
              Put it back
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
