import { FEWEST_CARS, type Grid, gridOf, type Learned, type UsualFor, usualFor } from '#core/judge';
import type { Context } from '../context';
import { makeTurns } from '../planning/inTurn';
import type { LearnedOf } from '../store/judgeStore';
import { walkFacts } from './walkFacts';

/** Facts are worked out of so many logs at a time; in between others are served. */
const AT_ONCE = 20;
/** A report may rest on bands learned from so much fewer walks than there are by now: one walk among hundreds moves nothing, and nobody waits for it. */
const LAG = 0.05;
/** Among more cars than these one that is held against itself as well moves nothing. */
const FEW_ENOUGH = 1000;
/** The same walks give the same bands on every server. */
const SEED = 20_260_101;

type Needed = Pick<Context, 'stores' | 'pool' | 'now'>;

const turns = new WeakMap<Needed['stores'], ReturnType<typeof makeTurns>>();
const kept = new WeakMap<Needed['stores'], LearnedOf>();

/** What the yard's reported walks say of its table, learned anew where there are new ones, or more than `mayLag` as many again. Learning runs in a process of its own. */
export async function learnedNow(needed: Needed, mayLag = 0): Promise<{ grid: Grid; learned: Learned }> {
  const { stores } = needed;
  let inTurn = turns.get(stores);
  if (!inTurn) {
    inTurn = makeTurns();
    turns.set(stores, inTurn);
  }
  return inTurn(() => learnAnew(needed, mayLag));
}

async function learnAnew(
  { stores, pool, now }: Needed,
  mayLag: number,
): Promise<{ grid: Grid; learned: Learned }> {
  await bringFacts({ stores });
  const { judge } = stores;
  const { table, grid } = tableNow(stores);
  const key = judge.key();
  const before = kept.get(stores) ?? judge.learned();
  if (before && (before.key === key || (mayLag > 0 && isNearlyNow(before, judge, mayLag)))) {
    kept.set(stores, before);
    return { grid, learned: before.learned };
  }
  const walks = judge.facts().flatMap(({ judged }) => judged ?? []);
  const learned = await pool.run('learn', { table, walks, seed: SEED });
  const fresh = { key, table: judge.tableKey(), learned };
  judge.setLearned(fresh, now().toISOString());
  kept.set(stores, fresh);
  return { grid, learned };
}

/** What all other cars say: a car is not held against itself. Not kept. */
async function learnedWithout(
  { stores, pool }: Needed,
  car: string,
): Promise<{ grid: Grid; learned: Learned }> {
  const { table, grid } = tableNow(stores);
  const walks = stores.judge.facts(car).flatMap(({ judged }) => judged ?? []);
  return { grid, learned: await pool.run('learn', { table, walks, seed: SEED }) };
}

/** The table as the yard keeps it: only grids are kept. */
function tableNow({ judge }: Needed['stores']) {
  const table = judge.table();
  const read = gridOf(table.rows);
  if (!read.ok) throw new Error('the table of what is usual is no grid');
  return { table, grid: read.grid };
}

/** Of the same table, and of all but a few of the walks there are. */
function isNearlyNow(
  { learned, table }: LearnedOf,
  judge: Needed['stores']['judge'],
  mayLag: number,
): boolean {
  return table === judge.tableKey() && learned.walks > 0 && judge.walks() <= learned.walks * (1 + mayLag);
}

/** Works out the facts of walks that were reported since. */
export async function bringFacts({ stores }: Pick<Needed, 'stores'>): Promise<void> {
  for (const [i, { id, entries }] of stores.judge.due().entries()) {
    const row = stores.walks.get(id);
    const car = row && stores.cars.get(row.car_id);
    const facts = car && walkFacts(id, stores.walks.entriesOf(id), car);
    if (facts) stores.judge.put(id, entries, facts);
    if (i % AT_ONCE === AT_ONCE - 1) await new Promise((others) => setImmediate(others));
  }
}

/** What is usual on cars like that of a walk; undefined where its age or distance is not known. */
export async function usualForWalk(needed: Needed, walk: string): Promise<UsualFor | undefined> {
  const { stores } = needed;
  const row = stores.walks.get(walk);
  const car = row && stores.cars.get(row.car_id);
  const judged = car && walkFacts(walk, stores.walks.entriesOf(walk), car)?.judged;
  if (!judged) return undefined;
  await bringFacts(needed);
  // No band says anything yet: nobody waits for it.
  if (stores.judge.walks() < FEWEST_CARS) return undefined;
  const own =
    row && stores.judge.carIsLearned(row.car_id) && stores.judge.walks() <= FEW_ENOUGH
      ? row.car_id
      : undefined;
  const { grid, learned } =
    own === undefined ? await learnedNow(needed, LAG) : await learnedWithout(needed, own);
  return usualFor(grid, learned, judged);
}
