import { z } from 'zod';
import type { Fault, Proposed } from '../cures';
import { cures } from '../walk';
import { exactly, type Job, type PaidOnce, type Range, sum } from './job';
import type { JobChoice } from './jobsOf';
import { modelOf, type PlanModel } from './model';
import { isPromisedFault } from './said';
import { asksFor, standards } from './standards';

const ids = z.array(z.string().max(200)).max(500);
/** What somebody wants of a plan. */
export const planWishSchema = z.strictObject({
  standard: z.enum(standards),
  /** The yard works on it: it is on the board of days. */
  isOn: z.boolean().default(false),
  /** The day it is collected on, where that is agreed: it is ready by then, as if it were promised. */
  collectOn: z.iso.date('A date is written like 2026-12-03.').optional(),
  /** Faults ticked by hand; with the standard `own`. */
  own: ids.default([]),
  pins: z.strictObject({ in: ids.default([]), out: ids.default([]) }).default({ in: [], out: [] }),
  /** Prices of parts typed by hand, by job: whole pence or cents. */
  typed: z
    .record(
      z.string().max(200),
      z.int('A price is a whole number of pence or cents.').min(0, 'A price is 0 or more.').max(10_000_000),
    )
    .default({}),
});
export type PlanWish = z.output<typeof planWishSchema>;

/** Why a fault stays. */
export type StaysBecause =
  /** The standard does not ask for it. */
  | 'not-asked'
  /** It is only suspected: made sure of first. */
  | 'suspected'
  /** It was decided to leave it as it is. */
  | 'left'
  | 'no-cure'
  /** The only cures have no price, or were taken out by hand. */
  | 'no-price'
  | 'taken-out';

export interface Plan {
  /** In the order they are done in. */
  jobs: readonly Job[];
  once: readonly PaidOnce[];
  /** Without tax. Absent while a job in it has no price. */
  cost: Range;
  /** Jobs in it that have no price: they are not in the cost. */
  unpriced: readonly string[];
  /** Faults that are gone then, by id. */
  mended: readonly string[];
  stays: readonly { fault: string; because: StaysBecause }[];
}

/** The model of the cheapest way to the standard wished for; what was promised is in it whatever the standard. */
export function modelFor(proposed: readonly Proposed[], choice: JobChoice, wish: PlanWish): PlanModel {
  const must = proposed.flatMap(({ fault }) =>
    isPromisedFault(fault) || asksFor(wish.standard, fault, wish.own) ? [fault] : [],
  );
  return modelOf(choice, { must, pins: wish.pins });
}

/** The plan that jobs chosen make: what it costs, what it mends, what stays and why. */
export function planOf(
  proposed: readonly Proposed[],
  { jobs, once }: JobChoice,
  wish: PlanWish,
  chosen: readonly string[],
): Plan {
  const inOrder = (a: Job, b: Job) => cures.indexOf(a.cure) - cures.indexOf(b.cure);
  const done = jobs.filter(({ id }) => chosen.includes(id)).toSorted(inOrder);
  const paid = once.filter(({ id }) => done.some((job) => job.once.includes(id)));
  const mended = new Set(done.flatMap(({ mends }) => mends));
  return {
    jobs: done,
    once: paid,
    cost: sum([...done.flatMap(({ cost }) => cost ?? []), ...paid.map(({ cost }) => exactly(cost))]),
    unpriced: done.flatMap(({ id, cost }) => (cost ? [] : [id])),
    mended: [...mended],
    stays: proposed.flatMap(({ fault }) =>
      mended.has(fault.id) ? [] : [{ fault: fault.id, because: whyStays(fault, jobs, wish) }],
    ),
  };
}

function whyStays(fault: Fault, jobs: readonly Job[], { standard, own, pins }: PlanWish): StaysBecause {
  const mending = jobs.filter(({ mends }) => mends.includes(fault.id));
  if (mending.length === 0) return 'no-cure';
  if (!asksFor(standard, fault, own)) {
    if (fault.isSuspected) return 'suspected';
    return fault.decision?.is === 'left' ? 'left' : 'not-asked';
  }
  return mending.every(({ id }) => pins.out.includes(id)) ? 'taken-out' : 'no-price';
}
