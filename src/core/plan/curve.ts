import type { Fault, Proposed } from '../cures';
import type { noticeDistances } from '../walk';
import type { JobChoice } from './jobsOf';
import { modelOf, type PlanModel } from './model';
import type { Plan, PlanWish } from './plan';
import { isPromisedFault } from './said';

/** So many amounts of money are tried between the least and all. */
const STEPS = 12;

/** A point of the trade-off: what it costs, and how many faults can still be seen, by from where. */
export interface CurvePoint {
  /** Without tax, the middle where it is a range. */
  cost: number;
  left: Record<(typeof noticeDistances)[number] | 'unknown', number>;
}

/** Models of the most that goes for each of some amounts between two plans: safe and lawful with what was promised, and everything. */
export function curveModels(
  proposed: readonly Proposed[],
  choice: JobChoice,
  { pins }: Pick<PlanWish, 'pins'>,
  least: number,
  all: number,
): PlanModel[] {
  const isMust = (fault: Fault) => fault.unsafe !== undefined || isPromisedFault(fault);
  const must = proposed.flatMap(({ fault }) => (isMust(fault) ? [fault] : []));
  const want = proposed.flatMap(({ fault }) => (isMust(fault) || fault.isSuspected ? [] : [fault]));
  return Array.from({ length: STEPS + 1 }, (_, i) =>
    modelOf(choice, { must, want, pins, budget: Math.round(least + ((all - least) * i) / STEPS) }),
  );
}

/** How many of the faults a plan leaves can be seen, by from where. What is only suspected is not counted. */
export function leftOfPlan(
  proposed: readonly Proposed[],
  { mended }: Pick<Plan, 'mended'>,
): CurvePoint['left'] {
  const gone = new Set(mended);
  const left: CurvePoint['left'] = { 'up-close': 0, 'one-step-back': 0, 'across-the-bay': 0, unknown: 0 };
  for (const { fault } of proposed)
    if (!gone.has(fault.id) && !fault.isSuspected) left[fault.notice ?? 'unknown']++;
  return left;
}
