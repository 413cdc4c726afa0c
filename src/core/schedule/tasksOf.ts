import { cureCaution } from '../cures';
import type { Job, Trade } from '../plan';
import { expected } from '../plan';
import type { Cure } from '../walk';
import { HALF_DAY_MIN, type Task } from './schedule';

/** A task as people read it. */
export interface NamedTask extends Task {
  trade: Trade;
  /** "Paintless dent removal: nearside front door". */
  says: string;
  /** Jobs of the plan it stands for; none for what is done to every car. */
  jobs: readonly string[];
  /** Ids of the faults they put right. */
  mends: readonly string[];
  /** What to be careful of. */
  cautions: readonly string[];
}

/** Half-days that paint waits before it is polished. House figure. */
const CURING = 2;
/** Half-days a body shop keeps a car at least. House figure. */
const LEAST_STAY = 2;
/** What is done to every car last, minutes. House figures. */
const LAST = [
  { id: 'last-valet', trade: 'valeter', minutes: 60, says: 'Last valet' },
  { id: 'second-walk', trade: 'own-hands', minutes: 50, says: 'Pictures and second walk' },
] as const;

/** Cures that come before others on the same car. Common practice: what has to be found out may change the plan; dents before paint; paint before polish. */
const before: Partial<Record<Cure, readonly Cure[]>> = {
  'repair-panel': ['clean', 'dent-removal', 'treat-rust'],
  'local-paint': ['clean', 'dent-removal', 'treat-rust'],
  'full-panel': ['clean', 'dent-removal', 'treat-rust'],
  'dent-removal': ['clean'],
  'touch-in': ['clean', 'dent-removal'],
  polish: ['clean', 'touch-in', 'dent-removal', 'local-paint', 'full-panel', 'repair-panel'],
  'lamp-polish': ['local-paint', 'full-panel'],
  // Tyres off before wheels are done, and on after.
  replace: ['wheel-refurbish'],
};
const PAINT: ReadonlySet<Cure> = new Set(['local-paint', 'full-panel', 'repair-panel']);

const cautionsOf = (cures: readonly Cure[]): string[] => [
  ...new Set(cures.flatMap((cure) => cureCaution(cure) ?? [])),
];

interface Named {
  job: Job;
  says: string;
}

/** The tasks of a car: the jobs of its plan in the order they are done in, those of the body shop as one stay, and last the valet, then pictures and second walk. */
export function tasksOf(car: string, named: readonly Named[]): NamedTask[] {
  const idOf = (rest: string) => `${car} ${rest}`;
  const stay = named.filter(({ job }) => job.trade === 'body-shop');
  const tasks: (NamedTask & { cures: readonly Cure[] })[] = [];
  if (stay.length > 0) {
    const minutes = stay.reduce((sum, { job }) => sum + expected(job.minutes), 0);
    tasks.push({
      id: idOf('body-shop'),
      car,
      trade: 'body-shop',
      minutes: 0,
      length: Math.max(LEAST_STAY, Math.ceil(minutes / HALF_DAY_MIN) + 1),
      after: [],
      says: stay.length === 1 ? (stay[0]?.says ?? '') : `Body shop: ${stay.length} jobs`,
      jobs: stay.map(({ job }) => job.id),
      mends: stay.flatMap(({ job }) => job.mends),
      cautions: cautionsOf(stay.map(({ job }) => job.cure)),
      cures: stay.map(({ job }) => job.cure),
    });
  }
  for (const { job, says } of named) {
    if (job.trade === 'body-shop') continue;
    const minutes = Math.max(5, expected(job.minutes));
    const parts = Math.ceil(minutes / HALF_DAY_MIN);
    for (let part = 1; part <= parts; part++)
      tasks.push({
        id: idOf(parts === 1 ? job.id : `${job.id} ${part}`),
        car,
        trade: job.trade,
        minutes: Math.ceil(minutes / parts),
        length: 1,
        after: part > 1 ? [{ task: idOf(`${job.id} ${part - 1}`), lag: 0 }] : [],
        says: parts === 1 ? says : `${says}, ${part} of ${parts}`,
        jobs: [job.id],
        mends: job.mends,
        cautions: cautionsOf([job.cure]),
        cures: [job.cure],
      });
  }
  const ordered = tasks.map(({ cures, ...task }): NamedTask => {
    const comesBefore = (other: (typeof tasks)[number]) =>
      !cures.includes('find-out') &&
      (other.cures.includes('find-out') ||
        (!cures.some((cure) => other.cures.includes(cure)) &&
          other.cures.some((cure) => cures.some((each) => before[each]?.includes(cure)))));
    const earlier = tasks.filter((other) => other.id !== task.id && comesBefore(other));
    return {
      ...task,
      after: [
        ...task.after,
        ...earlier.map((other) => ({
          task: other.id,
          lag: cures.includes('polish') && other.cures.some((cure) => PAINT.has(cure)) ? CURING : 0,
        })),
      ],
    };
  });
  let last = ordered.map(({ id }) => ({ task: id, lag: 0 }));
  for (const { id, trade, minutes, says } of LAST) {
    ordered.push({
      id: idOf(id),
      car,
      trade,
      minutes,
      length: 1,
      after: last,
      says,
      jobs: [],
      mends: [],
      cautions: [],
    });
    last = [{ task: idOf(id), lag: 0 }];
  }
  return ordered;
}
