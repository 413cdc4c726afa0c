import { readFileSync } from 'node:fs';
import { pino } from 'pino';
import { standings } from '#core/api';
import { makeContext } from '../src/server/makeContext';
import { begun, entriesOf, idOf, noted, WHO } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { carDetails } from '../tests/builders/testStores';
import { ms, quantile, type Row, timed, times } from './row';

const [CARS, FINDINGS, PHOTOS] = [10_000, 30, 500_000] as const;
const ASKED = 60;
const makes = ['Fenlark', 'Quillon', 'Ostrel', 'Morvane', 'Tarnwick', 'Pellbrook', 'Brackwater'];
const models = ['Tessel', 'Sarrow', 'Kivo', 'Lyss', 'Ordel', 'Nim', 'Dray', 'Marl'];

const quality = { darkest: 10, brightest: 240, blown: 0 };

const carOf = (i: number) => idOf(0x1_000_000 + i);
const walkOf = (i: number) => idOf(0x2_000_000 + i);

/** So many cars, each walked with so many findings, and photo rows, through the server's own stores. */
function fill(dir: string, cars: number, photos: number): void {
  const { stores, judge, files } = makeContext(dir, pino({ level: 'silent' }));
  const { db } = stores;
  // Only what is made matters, not how safely.
  db.pragma('synchronous = OFF');
  stores.people.put({ id: WHO, name: 'Nell' });
  const facts = [
    begun,
    ...Array.from({ length: FINDINGS }, (_, n) => noted(n + 1, n % 2 ? 'roof' : 'bonnet')),
  ];
  const now = new Date('2026-03-20T12:00:00.000Z');
  for (let i = 0; i < cars; i++) {
    const at = new Date(Date.UTC(2020, 0, 1) + i * 3_600_000).toISOString();
    stores.cars.add(
      carOf(i),
      {
        ...carDetails,
        stockNumber: `S-${i}`,
        make: makes[i % makes.length] as string,
        model: models[i % models.length] as string,
        plate: `QX${i} ${String.fromCharCode(65 + (i % 26))}`,
      },
      at,
    );
    const entries = entriesOf(facts, walkOf(i), i * 100).map((entry, n) => ({
      ...entry,
      id: idOf(0x10_000_000 + i * 100 + n),
      body: n === 0 ? { ...entry.body, carId: carOf(i) } : entry.body,
    }));
    stores.walks.append(walkOf(i), entries, now);
  }
  db.transaction(() => {
    for (let i = 0; i < photos; i++) {
      const sha256 = i.toString(16).padStart(64, '0');
      const record = { sha256, mime: 'image/jpeg', width: 4000, height: 3000, bytes: 2_000_000 } as const;
      // Judged, as all but the newest of a yard are.
      stores.photos.put({ ...record, quality, likeness: '0'.repeat(16) }, true, now.toISOString());
      stores.files.noteAll(
        [files.original(sha256), files.derivative(sha256, 320), files.derivative(sha256, 1600)].map(
          (path) => [files.relative(path), sha256] as const,
        ),
      );
    }
  })();
  // Looked at a while ago; what is due is looked at four times a second, whatever there is.
  db.prepare('UPDATE kept_files SET checked_at = ?').run(new Date().toISOString());
  judge.stop();
  db.close();
}

const memoryMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024;

async function asked(server: RunningServer, paths: readonly string[]): Promise<number[]> {
  const took: number[] = [];
  for (const path of paths)
    took.push(
      await timed(async () => {
        const answer = await server.fetch(path);
        if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
        await answer.arrayBuffer();
      }),
    );
  return took;
}

/** A yard of ten thousand cars beside one of ten: starting, listing, searching, opening a walk, and what it takes in memory. */
export async function benchScale(): Promise<Row[]> {
  const [large, small] = [new RunningServer(), new RunningServer()];
  try {
    fill(large.dataDir, CARS, PHOTOS);
    fill(small.dataDir, 10, 100);
    const startedIn = async (server: RunningServer) => {
      await server.start();
      await server.end();
      const took = await timed(() => server.start());
      // Connections to the one before are found dead by now, not among what is measured.
      await server.fetch('/api/health').catch(() => undefined);
      return took;
    };
    const [start, startSmall] = [await startedIn(large), await startedIn(small)];
    const some = Array.from({ length: ASKED }, (_, i) => i);
    const p95 = async (server: RunningServer, pathOf: (i: number) => string) => {
      await asked(server, some.slice(0, 5).map(pathOf));
      return quantile(await asked(server, some.map(pathOf)), 0.95);
    };
    const spread = (cars: number) => (i: number) => `/api/walks/${walkOf((i * 163) % cars)}`;
    const words = ['tessel', 'S-99', 'qx12', 'fenlark blue', '4417', 'marl', 'QX7 b', 'lyss s-1'];
    const list = await p95(large, () => '/api/cars');
    const listSmall = await p95(small, () => '/api/cars');
    const search = await p95(
      large,
      (i) => `/api/cars?search=${encodeURIComponent(words[i % words.length] as string)}`,
    );
    const filter = await p95(
      large,
      (i) =>
        `/api/cars?standing=${standings[i % standings.length]}&search=${i % 2 ? words[i % words.length] : ''}`,
    );
    const morning = await p95(large, () => '/api/morning');
    const morningSmall = await p95(small, () => '/api/morning');
    const open = await p95(large, spread(CARS));
    const openSmall = await p95(small, spread(10));
    const memory = memoryMb(large.pid);
    const of = `${CARS.toLocaleString('en')} cars, ${(CARS * FINDINGS).toLocaleString('en')} findings, ${PHOTOS.toLocaleString('en')} photo rows`;
    const ratio = (a: number, b: number) => ({ baseline: `${ms(b)} (10 cars)`, ratio: times(a / b) });
    return [
      { what: `start with ${of}`, measured: ms(start), ...ratio(start, startSmall), target: '≤ 1 s' },
      { what: 'the list among them, p95', measured: ms(list), ...ratio(list, listSmall), target: '≤ 20 ms' },
      {
        what: 'a search among them, p95',
        measured: ms(search),
        ...ratio(search, listSmall),
        target: '≤ 20 ms',
      },
      {
        what: 'those of one standing among them, p95',
        measured: ms(filter),
        ...ratio(filter, listSmall),
        target: '≤ 20 ms',
      },
      {
        what: 'the morning of them, p95',
        measured: ms(morning),
        baseline: `${ms(morningSmall)} (of 10 cars)`,
        ratio: times(morning / morningSmall),
        target: '≤ 50 ms',
      },
      {
        what: 'a walk opened among them, p95',
        measured: ms(open),
        ...ratio(open, openSmall),
        target: '≤ 1.1 ×',
      },
      { what: 'memory of the server then', measured: `${memory.toFixed(0)} MB`, target: '≤ 300 MB' },
    ];
  } finally {
    for (const each of [large, small]) {
      await each.end();
      each.remove();
    }
  }
}
