import { ChevronDown, Pin, PinOff } from 'lucide-react';
import { useState } from 'react';
import type { PlanPage } from '#core/api';
import { vocabularyOf } from '#core/car';
import type { Fault } from '#core/cures';
import { type Job, moneyWords, readMoney, saidJobs } from '#core/plan';
import { cureName } from '#core/walk';
import { longDay } from '#core/wording';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { Strip } from '../../../map/Strip';
import type { OpenWalk } from '../../../sync/useWalk';
import { AgreeJob } from './AgreeJob';
import { sureWords } from './planWords';
import type { Planning } from './usePlan';

interface JobItemProps {
  job: Job;
  walk: OpenWalk;
  planning: Planning;
  page: PlanPage;
}

/** One job: what, where, for which findings, how sure, what it costs and how that came about. */
export function JobItem({ job, walk, planning, page }: JobItemProps) {
  const { proposed, change } = planning;
  const { prices, wish } = page;
  const vocabulary = vocabularyOf(walk.page.car);
  const faults = proposed.flatMap(({ fault }) => (job.mends.includes(fault.id) ? [fault] : []));
  const isPinned = wish.pins.in.includes(job.id);
  const promised = promiseOf(job, faults);
  const pin = () =>
    change({
      pins: {
        ...wish.pins,
        in: isPinned ? wish.pins.in.filter((id) => id !== job.id) : [...wish.pins.in, job.id],
      },
    });
  const takeOut = () =>
    change({ pins: { in: wish.pins.in.filter((id) => id !== job.id), out: [...wish.pins.out, job.id] } });
  return (
    <li className="border-b border-line py-2">
      <div className="flex items-start justify-between gap-3">
        <p className="min-w-0">
          <span className="font-bold">{cureName(job.cure, vocabulary)}</span>: {job.where}
        </p>
        <p className="shrink-0 font-bold tabular-nums">
          {job.cost ? moneyWords(job.cost, prices.currency, vocabulary) : 'no price'}
        </p>
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm text-soft">
        {faults.map(({ id, number, notice, isSuspected, says }) =>
          number === undefined ? (
            <span key={id}>{says}</span>
          ) : (
            <span key={id} className="inline-flex items-center gap-1">
              <Strip
                small
                number={number}
                standing={isSuspected ? 'suspected' : 'confirmed'}
                {...(notice && { notice })}
              />
              {faults.length === 1 && says}
            </span>
          ),
        )}
        <span>{sureWords[job.sure]}</span>
        {promised && <span className="font-bold text-ink">{promised}</span>}
      </div>
      {job.missing && <TypePrice {...{ job, planning, page }} />}
      <details className="group">
        <summary className="inline-flex min-h-12 cursor-pointer items-center gap-1 text-sm font-bold text-accent underline underline-offset-4">
          <ChevronDown aria-hidden size={16} className="-rotate-90 group-open:rotate-0" />
          Price, promise, keep or take out
        </summary>
        <div className="space-y-3 pb-2">
          <ul className="text-sm">
            {job.lines.map(({ says, amount }, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: lines never move within a job.
              <li key={i} className="flex justify-between gap-3">
                <span>{says}</span>
                <span className="tabular-nums">{moneyWords(amount, prices.currency, vocabulary)}</span>
              </li>
            ))}
          </ul>
          {promised ? (
            <p className="text-sm">
              It was promised, so it stays in. Whoever changes the promise below, or at the finding, changes
              it in the report too.
            </p>
          ) : (
            <div className="flex flex-wrap gap-2">
              <Button onClick={pin} aria-pressed={isPinned}>
                {isPinned ? <PinOff aria-hidden size={18} /> : <Pin aria-hidden size={18} />}{' '}
                {isPinned ? 'No longer fixed' : 'Keep it in'}
              </Button>
              <Button onClick={takeOut}>Take it out</Button>
            </div>
          )}
          <AgreeJob {...{ job, faults, walk }} currency={prices.currency} />
        </div>
      </details>
    </li>
  );
}

/** By whom and for when a job was promised; undefined where it was not. */
function promiseOf(job: Job, faults: readonly Fault[]): string | undefined {
  const row = saidJobs(faults, [job]).find(({ isPromised }) => isPromised);
  const decision = faults.find(({ id }) => id === row?.fault)?.decision;
  if (decision?.is !== 'promised') return undefined;
  const { owner, by } = decision;
  return [by ? `promised for ${longDay(by)}` : 'promised', owner && `${owner} sees to it`]
    .filter(Boolean)
    .join(', ');
}

/** The price of a part, typed by hand. */
function TypePrice({ job, planning, page }: Pick<JobItemProps, 'job' | 'planning' | 'page'>) {
  const { currency } = page.prices;
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const id = `price-${job.id}`;
  return (
    <form
      className="mt-2 flex max-w-md flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        const amount = readMoney(text, currency);
        if (amount === undefined) setError(`Type a price in ${currency}, like 85 or 85.50.`);
        else planning.change({ typed: { ...page.wish.typed, [job.id]: amount } });
      }}
    >
      <div className="min-w-40 flex-1">
        <Field id={id} label={`Wanted: ${job.missing}, in ${currency}`} {...(error && { error })}>
          <input
            id={id}
            className={inputLook}
            inputMode="decimal"
            autoComplete="off"
            value={text}
            aria-invalid={error !== undefined}
            aria-describedby={`${id}-says`}
            onChange={(event) => {
              setText(event.target.value);
              setError(undefined);
            }}
          />
        </Field>
      </div>
      <Button type="submit">Set it</Button>
    </form>
  );
}
