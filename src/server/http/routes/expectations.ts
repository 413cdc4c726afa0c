import { expectationsPageSchema } from '#core/api';
import {
  type ExpectationTable,
  expectationTableSchema,
  gridOf,
  type Learned,
  measureIds,
  tableIssueWords,
} from '#core/judge';
import { mayDo } from '#core/people';
import type { Context } from '../../context';
import { learnedNow } from '../../judging/learned';
import { witnessed } from '../../people/witnessed';
import { badRequest } from '../../problems';
import { type AnyRoute, route } from '../route';

/** A table of many bands has many rows. */
const LIMIT = 1024 * 1024;

/** What is usual at a car's age and distance. */
export function expectationRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;
  const page = async (isManager: boolean) => {
    const { learned } = await learnedNow(context);
    const table = stores.judge.table();
    return {
      table,
      isHouse: table.rows.every(({ setBy }) => setBy === 'house'),
      walks: learned.walks,
      learned: measureIds.map((measure) => ({ measure, cells: cellsOf(learned, measure) })),
      walkers: isManager ? walkersOf(learned, (person) => stores.people.get(person)?.name) : [],
    };
  };
  return [
    route({
      method: 'get',
      path: '/api/expectations',
      summary: 'What is usual at a car’s age and distance, and what the yard’s own walks say of it',
      needs: 'look',
      gives: expectationsPageSchema,
      handle: ({ by }) => page(mayDo(by.role, 'manage')),
    }),
    route({
      method: 'put',
      path: '/api/expectations',
      summary: 'Set what is usual',
      needs: 'manage',
      body: expectationTableSchema,
      limit: LIMIT,
      gives: expectationsPageSchema,
      handle: async ({ body, by }) => {
        const read = gridOf(body.rows);
        if (!read.ok) {
          const [first, ...others] = read.issues.map(tableIssueWords);
          throw badRequest(
            'table-differs',
            `The table cannot be taken. ${first}${others.length > 0 ? ` (${others.length} more)` : ''}`,
          );
        }
        stores.judge.setTable(body satisfies ExpectationTable, now().toISOString());
        witnessed(context, by, 'yard-changed');
        return page(true);
      },
    }),
    route({
      method: 'delete',
      path: '/api/expectations',
      summary: 'Go back to the figures Zelk begins with',
      needs: 'manage',
      gives: expectationsPageSchema,
      handle: ({ by }) => {
        stores.judge.dropTable();
        witnessed(context, by, 'yard-changed');
        return page(true);
      },
    }),
  ];
}

const rounded = (value: number): number => Math.round(value * 100) / 100;

/** The middle of draws with the ends that eight of ten lie between. */
function spreadOf(draws: readonly number[]): { low: number; middle: number; high: number } {
  const inOrder = draws.toSorted((a, b) => a - b);
  const at = (share: number) => rounded(inOrder[Math.floor(share * (inOrder.length - 1))] ?? 0);
  return { low: at(0.1), middle: at(0.5), high: at(0.9) };
}

function cellsOf(learned: Learned, measure: keyof Learned['measures']) {
  const { usual, cars } = learned.measures[measure];
  return usual.map((draws, i) => {
    const { low, middle, high } = spreadOf(draws);
    return { low, usual: middle, high, cars: cars[i] ?? 0 };
  });
}

function walkersOf(learned: Learned, nameOf: (person: string) => string | undefined) {
  return measureIds.flatMap((measure) =>
    Object.entries(learned.measures[measure].walkers).map(([person, draws]) => {
      const { low, middle, high } = spreadOf(draws);
      return { person, name: nameOf(person) ?? 'Somebody', measure, low, factor: middle, high };
    }),
  );
}
