import { createHash } from 'node:crypto';
import { createWriteStream, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import sharp from 'sharp';
import { ZipFile } from 'yazl';
import type { Fact } from '#core/walk';
import { details } from '../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { ms, quantile, type Row, timed, times } from './row';

const PHOTOS = 60;
const ROUNDS = 5;

/** A report of thirty findings with two large photos each, on a server of its own. */
async function report(server: RunningServer): Promise<string> {
  await server.post('/api/cars', { id: CAR, details });
  const facts: Fact[] = [begun];
  for (let i = 0; i < PHOTOS; i++) {
    const photo = await sharp('demo/pictures/hatch-wing-fl-scratch-what.jpg')
      .resize(1600, 1200)
      .modulate({ brightness: 1 + i / 400 })
      .jpeg({ quality: 88 })
      .toBuffer();
    const sha256 = createHash('sha256').update(photo).digest('hex');
    const sent = await server.fetch(`/api/photos/${sha256}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'image/jpeg' },
      body: new Uint8Array(photo),
    });
    await sent.arrayBuffer();
    const n = Math.floor(i / 2) + 1;
    if (i % 2 === 0) facts.push(noted(n, 'door-fl'));
    const role = i % 2 === 0 ? 'where' : 'what';
    facts.push({ kind: 'photo-attached', body: { photo: sha256, role, finding: idOf(0xf000 + n) } });
  }
  await server.post(`/api/walks/${WALK}/entries`, { entries: entriesOf(facts) });
  await server.post(`/api/walks/${WALK}/reports`, { id: idOf(0xd0c) });
  return idOf(0xd0c);
}

const peakMb = (pid: number): number =>
  Number(/VmHWM:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024;

async function save(server: RunningServer, path: string, file: string): Promise<void> {
  const answer = await server.fetch(path);
  if (!answer.body) throw new Error(`${answer.status}`);
  await pipeline(Readable.fromWeb(answer.body as never), createWriteStream(file));
}

/** What a buyer takes home: PDF and archive of 60 photos over HTTP, and the most memory the server took for them. */
export async function benchHandover(dir: string): Promise<Row[]> {
  const server = new RunningServer();
  await server.start();
  try {
    const id = await report(server);
    // Photos are taken in and judged by the first process; the second one hands over.
    await server.end();
    await server.start();
    const copies = readdirSync(join(server.dataDir, 'photos'), { recursive: true, encoding: 'utf8' })
      .filter((name) => /1600.*[0-9a-f]{64}/.test(name))
      .map((name) => join(server.dataDir, 'photos', name));
    const pdf: number[] = [];
    const zip: number[] = [];
    const bare: number[] = [];
    for (let i = 0; i < ROUNDS; i++) {
      pdf.push(await timed(() => save(server, `/api/reports/${id}/pdf?paper=a4`, join(dir, 'a.pdf'))));
      zip.push(await timed(() => save(server, `/api/reports/${id}/archive`, join(dir, 'a.zip'))));
      bare.push(
        await timed(async () => {
          const out = new ZipFile();
          const written = pipeline(out.outputStream as Readable, createWriteStream(join(dir, 'b.zip')));
          for (const [n, file] of copies.entries()) out.addFile(file, `${n}.jpg`, { compress: false });
          out.end();
          await written;
        }),
      );
    }
    const [p, z, b] = [quantile(pdf, 0.5), quantile(zip, 0.5), quantile(bare, 0.5)];
    return [
      { what: `PDF of ${PHOTOS} photos over HTTP`, measured: ms(p), target: '≤ 3 s' },
      {
        what: `archive of ${PHOTOS} photos with page, PDF and tables over HTTP`,
        measured: ms(z),
        baseline: `${ms(b)} (yazl, ${copies.length} copies alone)`,
        ratio: times(z / b),
      },
      {
        what: 'the most memory the server took for them',
        measured: `${Math.round(peakMb(server.pid))} MB`,
        target: '≤ 300 MB',
      },
    ];
  } finally {
    await server.end();
    server.remove();
  }
}
