import loadHighs from 'highs';
import { unprocessable } from '../problems';

/** Nothing less than the optimum, to the penny; and not for ever. */
const OPTIONS = { mip_rel_gap: 0, mip_abs_gap: 0, time_limit: 5, output_flag: false } as const;

let loading: ReturnType<typeof loadHighs> | undefined;

/** Solves integer programs with HiGHS, one after another. Throws where one has no solution or takes too long. */
export async function solve({ models }: { models: readonly string[] }): Promise<Record<string, number>[]> {
  loading ??= loadHighs();
  const highs = await loading;
  return models.map((model) => {
    const { Status, Columns } = highs.solve(model, OPTIONS);
    if (Status === 'Infeasible')
      throw unprocessable(
        'no-plan',
        'There is no plan within that: what must be put right costs more. Allow more, or pin less.',
      );
    if (Status === 'Time limit reached')
      throw unprocessable(
        'plan-too-long',
        'The best plan was not found in time. Pin some jobs in or out, and try again.',
      );
    if (Status !== 'Optimal') throw new Error(`the solver says: ${Status}`);
    return Object.fromEntries(
      Object.entries(Columns).flatMap(([name, { Primal = 0 }]: [string, { Primal?: number }]) =>
        Math.abs(Primal) > 1e-6 ? [[name, Primal]] : [],
      ),
    );
  });
}
