import { z } from 'zod';
import type { Fault } from '../cures';
import { type Sureness, surenesses } from '../walk';
import { expected, type Job } from './job';
import type { JobChoice } from './jobsOf';
import { saidJobs } from './said';

/** Which jobs must be in and which must not, by id. */
export interface Pins {
  in: readonly string[];
  out: readonly string[];
}

const MOST = 2000;
const id = z.string().min(1).max(200);
const listOf = <T extends z.ZodType>(each: T) =>
  z.array(each).max(MOST, `At most ${MOST} of these.`).readonly();
const cost = z.int().min(0).max(1_000_000_000);

/** Jobs to choose among, as numbers: what an integer program is made of. */
export const planModelSchema = z
  .strictObject({
    jobs: listOf(z.strictObject({ id, cost, once: listOf(id) })),
    once: listOf(z.strictObject({ id, cost })),
    /** Each must be mended by at least one of the jobs named. */
    must: listOf(z.strictObject({ fault: id, by: listOf(id).refine((by) => by.length > 0) })),
    /** Each is worth so much if one of the jobs named is chosen. Only with a budget. */
    want: listOf(
      z.strictObject({
        fault: id,
        worth: z.int().min(1).max(1000),
        by: listOf(id).refine((by) => by.length > 0),
      }),
    ),
    /** Not more than this, whole pence or cents. */
    budget: cost.optional(),
    /** Jobs that are in whatever they cost. */
    pinned: listOf(id),
  })
  .check(({ value, issues }) => {
    const jobs = new Set(value.jobs.map((job) => job.id));
    const once = new Set(value.once.map((each) => each.id));
    const stray = [...[...value.must, ...value.want].flatMap(({ by }) => by), ...value.pinned].find(
      (each) => !jobs.has(each),
    );
    const unpaid = value.jobs.flatMap((job) => job.once).find((each) => !once.has(each));
    if (jobs.size < value.jobs.length || once.size < value.once.length)
      issues.push({
        code: 'custom',
        input: value.jobs,
        message: 'Each job, and each thing paid once, is listed once.',
      });
    const wrong = stray ?? unpaid;
    if (wrong !== undefined)
      issues.push({ code: 'custom', input: wrong, message: `“${wrong}” is named and not listed.` });
  });
export type PlanModel = z.output<typeof planModelSchema>;

/** What it is worth that a fault is gone, by from where it is noticed. House figures. */
const WORTH = { 'across-the-bay': 100, 'one-step-back': 10, 'up-close': 1, unknown: 1 } as const;

interface Wanted {
  must: readonly Fault[];
  want?: readonly Fault[];
  budget?: number;
  pins: Pins;
}

/**
 * The model of choosing jobs. What the walk named for a fault goes before the rules, each of its cures; else it is mended by the surest jobs there are: a
 * cure that only may work counts where none is surer. Jobs without a price take part only when they are pinned or promised, and cost nothing then.
 */
export function modelOf({ jobs, once }: JobChoice, { must, want = [], budget, pins }: Wanted): PlanModel {
  const isPriced = new Set(jobs.flatMap(({ id, cost }) => (cost ? [id] : [])));
  const said = saidJobs(must, jobs).flatMap(({ fault, by, isPromised }) => {
    const priced = by.filter((id) => isPriced.has(id) || pins.in.includes(id));
    const left = priced.filter((id) => !pins.out.includes(id));
    if (left.length > 0) return [{ fault, by: left }];
    // A promise is kept whatever was taken out by hand, and before its price is known.
    return isPromised ? [{ fault, by: priced.length > 0 ? priced : by.slice(0, 1) }] : [];
  });
  const kept = new Set(said.flatMap(({ by }) => by));
  const isSaid = new Set(said.map(({ fault }) => fault));
  const open = jobs.filter(
    ({ id, cost }) =>
      kept.has(id) || (!pins.out.includes(id) && (cost !== undefined || pins.in.includes(id))),
  );
  const byOf = (fault: Fault) =>
    surest(
      open.filter(({ mends }) => mends.includes(fault.id)),
      pins,
    );
  return {
    jobs: open.map((job) => ({
      id: job.id,
      cost: job.cost ? expected(job.cost) : 0,
      once: job.once.filter((each) => once.some((known) => known.id === each)),
    })),
    once: once.map((each) => ({ id: each.id, cost: each.cost })),
    must: [
      ...said,
      ...must.flatMap((fault) => {
        const by = isSaid.has(fault.id) ? [] : byOf(fault);
        return by.length > 0 ? [{ fault: fault.id, by }] : [];
      }),
    ],
    want: want.flatMap((fault) => {
      const by = byOf(fault);
      return by.length > 0 ? [{ fault: fault.id, worth: WORTH[fault.notice ?? 'unknown'], by }] : [];
    }),
    ...(budget !== undefined && { budget }),
    pinned: pins.in.filter((pin) => open.some((job) => job.id === pin)),
  };
}

/** "may" counts only where nothing surer is there; what was pinned counts always. */
function surest(jobs: readonly Job[], pins: Pins): string[] {
  const may = surenesses.indexOf('may');
  const rank = (sure: Sureness) => surenesses.indexOf(sure);
  const sure = jobs.filter((job) => rank(job.sure) < may || pins.in.includes(job.id));
  return (sure.length > 0 ? sure : jobs).map((job) => job.id);
}
