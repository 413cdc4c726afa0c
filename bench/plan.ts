import { createHash } from 'node:crypto';
import { type Car, styleOf, vocabularyOf } from '#core/car';
import { faultsOf, propose } from '#core/cures';
import { curveModels, expected, jobsOf, modelFor, planOf, planWishSchema } from '#core/plan';
import { asBuilt, replay } from '#core/walk';
import { playScript } from '../demo/yard/playScript';
import { prices } from '../demo/yard/prices';
import { walks } from '../demo/yard/walks';
import { solve } from '../src/server/jobs/solve';
import { bestJobs } from '../src/server/planning/bestJobs';
import { truthOf } from '../tests/builders/pictures';
import { ms, quantile, type Row, timed, times } from './row';

const RUNS = 200;
const now = new Date('2026-03-15T12:00:00.000Z');

/** The flagship of the invented yard: its faults proposed for, its plan and its trade-off solved. */
export async function benchPlan(): Promise<Row[]> {
  const [{ script, car, who }] = walks as [(typeof walks)[number]];
  const hashOf = (file: string) => createHash('sha256').update(file).digest('hex');
  const { walk, entries } = playScript(script, car, who, now, hashOf, truthOf);
  const state = replay(walk, entries);
  const details = { ...car.details, id: car.id } as unknown as Car;
  const style = asBuilt(styleOf(details), state);
  const p50 = async (job: () => unknown) => {
    const took: number[] = [];
    for (let i = 0; i < RUNS; i++) took.push(await timed(job));
    return quantile(took, 0.5);
  };
  const faults = faultsOf(state, style, details, now);
  const propose50 = await p50(() => propose(faults));
  // What anyone would do: every fault looked up by its kind.
  const cures = new Map(faults.map(({ id, facts }) => [id, facts.kind]));
  const bare = await p50(() => faults.map(({ id, facts }) => [cures.get(id), ...Object.entries(facts)]));

  const proposed = propose(faults);
  const choice = jobsOf({ proposed, style, prices, vocabulary: vocabularyOf(details), typed: {} });
  const wish = planWishSchema.parse({ standard: 'as-new' });
  const all = modelFor(proposed, choice, wish);
  const least = modelFor(proposed, choice, { ...wish, standard: 'safe-and-lawful' });
  const run = (programs: readonly string[]) => solve({ models: programs });
  await bestJobs([all], run);
  const one = await p50(() => bestJobs([all], run));
  const [chosen = [], few = []] = await bestJobs([all, least], run);
  const costs = [few, chosen].map((ids) => expected(planOf(proposed, choice, wish, ids).cost));
  const curve = curveModels(proposed, choice, wish, costs[0] as number, costs[1] as number);
  const along = await timed(() => bestJobs(curve, run));
  return [
    {
      what: `cures proposed for ${faults.length} faults, p50`,
      measured: ms(propose50),
      baseline: `${ms(bare)} (each looked up)`,
      ratio: times(propose50 / bare),
      target: '≤ 10 ms for 40',
    },
    {
      what: `the best of ${choice.jobs.length} jobs for ${faults.length} faults, p50`,
      measured: ms(one),
      target: '≤ 300 ms',
    },
    { what: `the trade-off, ${curve.length} budgets`, measured: ms(along), target: '≤ 1 s' },
  ];
}
