import { join } from 'node:path';
import { openDatabase } from '../src/server/store/openDatabase';
import { WALK } from '../tests/builders/entries';
import { startTestServer } from '../tests/builders/testServer';
import { longLog } from './log';
import { ms, quantile, type Row, times } from './row';

const BEFORE = 500;
const SAMPLES = 300;

export async function benchAppend(dir: string): Promise<Row[]> {
  const server = await startTestServer();
  const { walks } = server.context.stores;
  const now = new Date('2026-03-14T12:00:00.000Z');
  const log = longLog(BEFORE + SAMPLES);
  for (let i = 0; i < BEFORE; i += 250) walks.append(WALK, log.slice(i, i + 250), now);

  const bare = openDatabase(join(dir, 'bare.db'));
  bare.exec('CREATE TABLE bare (id TEXT PRIMARY KEY, json TEXT NOT NULL)');
  const insert = bare.prepare('INSERT INTO bare VALUES (?, ?)');

  const zelk: number[] = [];
  const baseline: number[] = [];
  // Turn about, so that both meet the same disk.
  for (const entry of log.slice(BEFORE)) {
    let start = performance.now();
    walks.append(WALK, [entry], now);
    zelk.push(performance.now() - start);
    start = performance.now();
    insert.run(entry.id, JSON.stringify(entry));
    baseline.push(performance.now() - start);
  }
  bare.close();
  server.close();
  return [0.5, 0.95].map((share) => {
    const [a, b] = [quantile(zelk, share), quantile(baseline, share)];
    return {
      what: `append of an entry, p${share * 100}`,
      measured: ms(a),
      baseline: ms(b),
      ratio: times(a / b),
    };
  });
}
