import { join } from 'node:path';
import type { Entry } from '#core/walk';
import { openDatabase } from '../src/server/store/openDatabase';
import { details } from '../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { ms, quantile, type Row, times } from './row';

const PHONES = 100;
/** Posts of each, one after the other, and what a phone has gathered by then. */
const [POSTS, GATHERED] = [20, 5];
/** Bare inserts, each durable by itself. */
const BARE = 400;

/** All entries of one phone, in the order they are sent. */
function logOf(phone: number): { walk: string; posts: Entry[][] } {
  const walk = `018f0000-0000-7000-8000-${(0xaa0000 + phone).toString(16).padStart(12, '0')}`;
  const facts = [begun, ...Array.from({ length: POSTS * GATHERED }, (_, i) => noted(i + 1, 'roof'))];
  const entries = entriesOf(facts, walk, 1_000_000 + phone * 1000).map((entry) =>
    entry.kind === 'finding-noted'
      ? {
          ...entry,
          body: {
            ...entry.body,
            finding: idOf(0x100_0000 + phone * 1000 + Number.parseInt(entry.body.finding.slice(-3), 16)),
          },
        }
      : entry,
  );
  const posts = Array.from({ length: POSTS }, (_, i) =>
    entries.slice(1 + i * GATHERED, 1 + (i + 1) * GATHERED),
  );
  return { walk, posts: [[entries[0] as Entry], ...posts] };
}

/** A hundred phones send at once: how much a second is acknowledged, each of it durable. */
export async function benchPhones(dir: string): Promise<Row[]> {
  const server = new RunningServer();
  await server.start();
  await server.post('/api/cars', { id: CAR, details });
  const phones = Array.from({ length: PHONES }, (_, i) => logOf(i));
  const post = async (walk: string, entries: readonly Entry[]) => {
    const answer = await server.post(`/api/walks/${walk}/entries`, { entries });
    if (!answer.ok) throw new Error(await answer.text());
    await answer.arrayBuffer();
  };
  for (const { walk, posts } of phones) await post(walk, posts[0] as Entry[]);
  const waits: number[] = [];
  const start = performance.now();
  await Promise.all(
    phones.map(async ({ walk, posts }) => {
      for (const entries of posts.slice(1)) {
        const from = performance.now();
        await post(walk, entries);
        waits.push(performance.now() - from);
      }
    }),
  );
  const rate = (PHONES * POSTS * GATHERED * 1000) / (performance.now() - start);
  await server.end('SIGKILL');
  await server.start();
  const kept = await Promise.all(
    phones.map(
      async ({ walk }) => (await (await server.fetch(`/api/walks/${walk}`)).json()).entries.length as number,
    ),
  );
  await server.end();
  server.remove();

  const bare = openDatabase(join(dir, 'bare-phones.db'));
  bare.exec('CREATE TABLE bare (id TEXT PRIMARY KEY, json TEXT NOT NULL)');
  const insert = bare.prepare('INSERT INTO bare VALUES (?, ?)');
  const log = phones.flatMap(({ posts }) => posts.flat()).slice(0, BARE);
  const bareStart = performance.now();
  for (const entry of log) insert.run(entry.id, JSON.stringify(entry));
  const bareRate = (BARE * 1000) / (performance.now() - bareStart);
  bare.close();
  const lost = PHONES * (POSTS * GATHERED + 1) - kept.reduce((a, b) => a + b, 0);
  return [
    {
      what: `entries acknowledged a second, ${PHONES} phones at once, ${GATHERED} to a post, over HTTP`,
      measured: `${Math.round(rate)}`,
      baseline: `${Math.round(bareRate)} (bare inserts, each durable by itself)`,
      ratio: times(rate / bareRate),
      target: '≥ 2,000',
    },
    { what: 'the wait of a post then, p95', measured: ms(quantile(waits, 0.95)) },
    { what: 'of them lost when the server is killed right after', measured: `${lost}`, target: 'none' },
  ];
}
