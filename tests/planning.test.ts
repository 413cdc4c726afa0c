import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { houseRules } from '#core/cures';
import { type PlanModel, worthOf } from '#core/plan';
import { solve } from '../src/server/jobs/solve';
import { bestJobs } from '../src/server/planning/bestJobs';

const solved = (...models: PlanModel[]) => bestJobs(models, (programs) => solve({ models: programs }));

const costOf = ({ jobs, once }: PlanModel, chosen: readonly string[]): number => {
  const done = jobs.filter(({ id }) => chosen.includes(id));
  const paid = once.filter(({ id }) => done.some((job) => job.once.includes(id)));
  return [...done, ...paid].reduce((sum, { cost }) => sum + cost, 0);
};
const isPlan = ({ must, pinned, budget }: PlanModel, chosen: readonly string[], cost: number): boolean =>
  must.every(({ by }) => by.some((id) => chosen.includes(id))) &&
  pinned.every((id) => chosen.includes(id)) &&
  cost <= (budget ?? Number.POSITIVE_INFINITY);

/** Every choice of jobs, tried. */
function byForce(model: PlanModel): { cost: number; worth: number } | undefined {
  let best: { cost: number; worth: number } | undefined;
  for (let set = 0; set < 1 << model.jobs.length; set++) {
    const chosen = model.jobs.flatMap(({ id }, i) => ((set >> i) & 1 ? [id] : []));
    const cost = costOf(model, chosen);
    if (!isPlan(model, chosen, cost)) continue;
    const worth = worthOf(model, chosen);
    if (!best || worth > best.worth || (worth === best.worth && cost < best.cost)) best = { cost, worth };
  }
  return best;
}

/** A small car: up to nine jobs for up to six faults, with call-outs that are shared. */
const anyModel = fc
  .record({
    jobs: fc.array(
      fc.record({
        cost: fc.integer({ min: 0, max: 90_000 }),
        mends: fc.uniqueArray(fc.nat(5), { minLength: 1 }),
        once: fc.uniqueArray(fc.nat(2)),
      }),
      { minLength: 1, maxLength: 9 },
    ),
    once: fc.tuple(fc.nat(9000), fc.nat(9000), fc.nat(9000)),
    must: fc.uniqueArray(fc.nat(5)),
    worths: fc.array(fc.constantFrom(1, 10, 100), { minLength: 6, maxLength: 6 }),
    budget: fc.option(fc.integer({ min: 0, max: 200_000 }), { nil: undefined }),
    pinned: fc.uniqueArray(fc.nat(8), { maxLength: 1 }),
  })
  .map(({ jobs, once, must, worths, budget, pinned }): PlanModel => {
    const by = (fault: number) => jobs.flatMap(({ mends }, i) => (mends.includes(fault) ? [`job ${i}`] : []));
    const mendable = [0, 1, 2, 3, 4, 5].filter((fault) => by(fault).length > 0);
    return {
      jobs: jobs.map((job, i) => ({
        id: `job ${i}`,
        cost: job.cost,
        once: job.once.map((n) => `once ${n}`),
      })),
      once: once.map((cost, i) => ({ id: `once ${i}`, cost })),
      must: mendable
        .filter((fault) => must.includes(fault))
        .map((fault) => ({ fault: `${fault}`, by: by(fault) })),
      want:
        budget === undefined
          ? []
          : mendable
              .filter((fault) => !must.includes(fault))
              .map((fault) => ({ fault: `${fault}`, worth: worths[fault] as number, by: by(fault) })),
      ...(budget !== undefined && { budget }),
      pinned: pinned.filter((i) => i < jobs.length).map((i) => `job ${i}`),
    };
  });

describe('the cheapest jobs, and the most for a budget', () => {
  it('are those that trying every choice finds, to the penny, on 500 small cars', async () => {
    const models = fc
      .sample(anyModel, { numRuns: 900, seed: 7 })
      .filter((model) => byForce(model))
      .slice(0, 500);
    expect(models).toHaveLength(500);
    const plans = await solved(...models);
    models.forEach((model, i) => {
      const chosen = plans[i] as string[];
      const cost = costOf(model, chosen);
      expect(isPlan(model, chosen, cost)).toBe(true);
      expect({ cost, worth: worthOf(model, chosen) }).toEqual(byForce(model));
    });
  });

  it('cover a set with the fewest: Cormen, Leiserson, Rivest, Stein, Introduction to Algorithms, 35.3 (from memory)', async () => {
    const sets: Record<string, number[]> = {
      S1: [1, 2, 3, 4, 5, 6],
      S2: [5, 6, 8, 9],
      S3: [1, 4, 7, 10],
      S4: [2, 5, 7, 8, 11],
      S5: [3, 6, 9, 12],
      S6: [10, 11],
    };
    const model: PlanModel = {
      jobs: Object.keys(sets).map((id) => ({ id, cost: 1, once: [] })),
      once: [],
      must: Array.from({ length: 12 }, (_, i) => ({
        fault: `${i + 1}`,
        by: Object.keys(sets).filter((id) => sets[id]?.includes(i + 1)),
      })),
      want: [],
      pinned: [],
    };
    // Choosing the largest first, as by hand, takes four.
    expect((await solved(model))[0]).toEqual(['S3', 'S4', 'S5']);
  });

  it('fill a knapsack: weights 12, 2, 1, 4, 1 of values 4, 2, 1, 10, 2 into 15 are worth 15 (the usual example, from memory)', async () => {
    const [weights, values] = [
      [12, 2, 1, 4, 1],
      [4, 2, 1, 10, 2],
    ];
    const model: PlanModel = {
      jobs: weights.map((cost, i) => ({ id: `${i}`, cost, once: [] })),
      once: [],
      must: [],
      want: values.map((worth, i) => ({ fault: `${i}`, worth, by: [`${i}`] })),
      budget: 15,
      pinned: [],
    };
    const [chosen = []] = await solved(model);
    expect([worthOf(model, chosen), costOf(model, chosen)]).toEqual([15, 8]);
  });

  it('are none where nothing is asked for, and a failure is told where nothing can be', async () => {
    const nothing: PlanModel = { jobs: [], once: [], must: [], want: [], pinned: [] };
    expect(await solved(nothing)).toEqual([[]]);
    const dear: PlanModel = {
      ...nothing,
      jobs: [{ id: 'a', cost: 9, once: [] }],
      must: [{ fault: 'f', by: ['a'] }],
      budget: 3,
    };
    await expect(solved(dear)).rejects.toThrow('There is no plan within that');
  });
});

it('the rules are documented as they run', () => {
  const text = readFileSync('docs/putting-right.md', 'utf8');
  for (const { id, cure, sure, never, provided, weaker } of houseRules) {
    const row = text.split('\n').find((line) => line.startsWith(`| \`${id}\` | ${cure} |`)) ?? '';
    expect([id, row.includes(`| ${sure} |`)]).toEqual([id, true]);
    for (const { says } of [...never, ...provided, ...weaker]) expect(row).toContain(says);
  }
});
