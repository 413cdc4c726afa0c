import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { gridOf, houseTable, type JudgedWalk, learn, measureIds, seededRandom, usualFor } from '#core/judge';
import { ms, quantile, type Row, timed, times } from './row';

const WALKS = 10_000;
const WALKERS = 12;

/** What is usual, learned from many walks and held against one car; beside it the bare sums of the same walks. */
export async function benchJudge(): Promise<Row[]> {
  const read = gridOf(houseTable.rows);
  if (!read.ok) throw new Error('the house table is no grid');
  const { grid } = read;
  const walks = made();
  const sums = () => {
    const cells = new Map<string, number>();
    for (const { age, miles, walker, counted } of walks)
      for (const id of measureIds) {
        const key = `${id} ${age} ${Math.floor(miles / 30_000)} ${walker}`;
        cells.set(key, (cells.get(key) ?? 0) + (counted[id]?.count ?? 0));
      }
    return cells.size;
  };
  const learned = learn(grid, walks, { random: seededRandom(1) });
  const bare: number[] = [];
  const took: number[] = [];
  const learner = await startLearner();
  for (let i = 0; i < 5; i += 1) {
    bare.push(await timed(async () => void sums()));
    took.push(await timed(() => learner.learn(walks)));
  }
  learner.end();
  const one: number[] = [];
  const parsed: number[] = [];
  const json = JSON.stringify(walks[0]);
  for (const walk of walks.slice(0, 400)) {
    one.push(await timed(async () => void usualFor(grid, learned, walk)));
    parsed.push(await timed(async () => void JSON.parse(json)));
  }
  return [
    {
      what: `what is usual learned from ${WALKS.toLocaleString('en')} walks, in a process aside, p50`,
      measured: ms(quantile(took, 0.5)),
      baseline: `${ms(quantile(bare, 0.5))} (their bare sums)`,
      ratio: times(quantile(took, 0.5) / quantile(bare, 0.5)),
      target: '≤ 2 s',
    },
    {
      what: 'a car held against it, eight bands, p95',
      measured: ms(quantile(one, 0.95)),
      baseline: `${ms(quantile(parsed, 0.95))} (its counts parsed)`,
      ratio: times(quantile(one, 0.95) / quantile(parsed, 0.95)),
      target: '≤ 5 ms',
    },
  ];
}

function made(): JudgedWalk[] {
  const random = seededRandom(5);
  return Array.from({ length: WALKS }, (_, n) => ({
    walk: `walk ${n}`,
    age: Math.floor(random() * 16),
    miles: Math.floor(random() * 160_000),
    walker: `person ${Math.floor(random() * WALKERS)}`,
    isHardToSee: random() < 0.3,
    counted: Object.fromEntries(
      measureIds.map((id) => [
        id,
        { count: Math.floor(random() * random() * 14), heavy: 0, looked: random() < 0.8 ? 5 : 4, of: 5 },
      ]),
    ),
  }));
}

/** As the server does it: in a process of its own that stands ready, with what goes in and comes out copied. */
async function startLearner() {
  const child = fork(fileURLToPath(new URL('./judgeChild.ts', import.meta.url)), {
    execArgv: ['--import', 'tsx'],
    serialization: 'json',
  });
  const answer = () =>
    new Promise<unknown>((done, failed) => {
      child.once('message', done);
      child.once('error', failed);
    });
  await answer();
  return {
    learn: (walks: readonly JudgedWalk[]) => {
      const told = answer();
      child.send(walks as JudgedWalk[]);
      return told;
    },
    end: () => child.disconnect(),
  };
}
