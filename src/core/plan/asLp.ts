import type { PlanModel } from './model';

/**
 * A model as an integer program in the LP format that solvers read: x is a job done, y something paid once, z a fault gone. Without a budget the
 * cheapest; with one the most worth, or once that is known, `atLeast` so much worth for the least money.
 */
export function asLp({ jobs, once, must, want, budget, pinned }: PlanModel, atLeast?: number): string {
  const x = new Map(jobs.map(({ id }, i) => [id, `x${i}`]));
  const y = new Map(once.map(({ id }, i) => [id, `y${i}`]));
  const z = want.map((_, i) => `z${i}`);
  const named = (names: ReadonlyMap<string, string>, id: string) => names.get(id) as string;
  const costs = [
    ...jobs.map(({ id, cost }) => [cost, named(x, id)] as const),
    ...once.map(({ id, cost }) => [cost, named(y, id)] as const),
  ];
  const total = terms(costs);
  const worth = terms(want.map((each, i) => [each.worth, z[i] as string] as const));
  const isForWorth = budget !== undefined && atLeast === undefined;
  const lines = isForWorth
    ? ['Maximize', ` worth: ${worth || '0 x0'}`]
    : ['Minimize', ` cost: ${total || '0 x0'}`];
  lines.push('Subject To');
  let row = 0;
  const add = (body: string) => lines.push(` c${row++}: ${body}`);
  const anyOf = (ids: readonly string[]) => [...new Set(ids)].map((id) => named(x, id)).join(' + ');
  for (const { by } of must) add(`${anyOf(by)} >= 1`);
  for (const { id, once: needs } of jobs)
    for (const each of needs) add(`${named(y, each)} - ${named(x, id)} >= 0`);
  want.forEach(({ by }, i) => {
    add(`${anyOf(by)} - ${z[i]} >= 0`);
  });
  for (const id of pinned) add(`${named(x, id)} = 1`);
  if (budget !== undefined && total) add(`${total} <= ${budget}`);
  if (atLeast !== undefined && worth) add(`${worth} >= ${atLeast}`);
  if (row === 0) add('x0 >= 0');
  lines.push('Binary', ` ${[...x.values(), ...y.values(), ...z].join(' ') || 'x0'}`, 'End');
  return lines.join('\n');
}

const terms = (all: readonly (readonly [number, string])[]): string =>
  all
    .filter(([factor]) => factor !== 0)
    .map(([factor, name], i) => `${i === 0 ? '' : '+ '}${factor} ${name}`)
    // A line of the format holds no more than 510 signs.
    .join('\n  ');

/** The jobs of an answer: names of variables that are 1, in the model's own numbering. */
export const jobsIn = ({ jobs }: PlanModel, values: Readonly<Record<string, number>>): string[] =>
  jobs.flatMap(({ id }, i) => ((values[`x${i}`] ?? 0) > 0.5 ? [id] : []));

/** What the faults are worth that jobs chosen put right. */
export const worthOf = ({ want }: PlanModel, chosen: readonly string[]): number =>
  want.reduce((sum, { worth, by }) => sum + (by.some((id) => chosen.includes(id)) ? worth : 0), 0);
