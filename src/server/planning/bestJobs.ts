import { asLp, jobsIn, type PlanModel, worthOf } from '#core/plan';

type Solve = (models: readonly string[]) => Promise<Record<string, number>[]>;

/** The best jobs of each model: the cheapest that mend what must be; within a budget the most worth, and of what is worth as much the cheapest. */
export async function bestJobs(models: readonly PlanModel[], solve: Solve): Promise<string[][]> {
  const first = await solve(models.map((model) => asLp(model)));
  const chosen = models.map((model, i) => jobsIn(model, first[i] ?? {}));
  const again = models.flatMap((model, i) => (model.budget === undefined ? [] : [i]));
  const cheapest = await solve(
    again.map((i) => {
      const model = models[i] as PlanModel;
      return asLp(model, worthOf(model, chosen[i] ?? []));
    }),
  );
  again.forEach((i, n) => {
    chosen[i] = jobsIn(models[i] as PlanModel, cheapest[n] ?? {});
  });
  return chosen;
}
