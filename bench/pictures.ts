import { createHash } from 'node:crypto';
import { createWriteStream, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { chromium } from '@playwright/test';
import sharp from 'sharp';
import { ZipFile } from 'yazl';
import { alignPhotos, type TimedPhoto, type Visit } from '#core/photos';
import type { Fact } from '#core/walk';
import { details } from '../tests/builders/car';
import { begun, CAR, entriesOf, WALK } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { ms, quantile, type Row, timed, times } from './row';

const PHOTOS = 300;
const PLACED = 1000;
const VISITS = 90;
const ROUNDS = 7;

/** 1,000 pictures along a walk of 90 stops, some taken early or late, some in bursts. */
function alignment(): Row {
  const visits: Visit[] = Array.from({ length: VISITS }, (_, i) => ({
    part: `part-${i}`,
    fromMs: i * 25_000,
    untilMs: (i + 1) * 25_000,
    findings: [],
  }));
  const photos: TimedPhoto[] = Array.from({ length: PLACED }, (_, i) => ({
    id: String(i),
    takenMs: Math.floor(((i * VISITS * 25_000) / PLACED + ((i * 7919) % 9000) - 4500) / 500) * 500,
  }));
  const runs = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    alignPhotos(photos, visits, 0);
    return performance.now() - start;
  });
  const bare = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    // What it takes to look at every photo with every visit once.
    let sum = 0;
    for (const { takenMs } of photos) for (const { fromMs } of visits) sum += Math.abs(takenMs - fromMs);
    if (sum < 0) throw new Error('No sum.');
    return performance.now() - start;
  });
  const [a, b] = [quantile(runs, 0.5), quantile(bare, 0.5)];
  return {
    what: `placing ${PLACED} pictures on ${VISITS} stops`,
    measured: ms(a),
    baseline: `${ms(b)} (each with each once)`,
    ratio: times(a / b),
    target: '≤ 100 ms',
  };
}

/** One picture of 12 MP judged in the phone’s worker: from choosing it to the word, and the longest the page stood still. */
async function inBrowser(server: RunningServer): Promise<Row[]> {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await page.goto(server.origin);
    const jpeg = await sharp('demo/pictures/hatch-whole-1.jpg')
      .resize(4000, 3000)
      .jpeg({ quality: 90 })
      .toBuffer();
    const worker = readdirSync('dist/web/assets').find((name) => name.startsWith('picture.worker'));
    // The worker itself, driven as the page drives it; the baseline is the browser decoding and drawing the picture.
    const told = (await page.evaluate(
      `(async () => {
        const bytes = Uint8Array.from(atob(${JSON.stringify(jpeg.toString('base64'))}), (c) => c.charCodeAt(0));
        const blob = new Blob([bytes], { type: 'image/jpeg' });
        const worker = new Worker('/assets/${worker}', { type: 'module' });
        const ask = (id) => new Promise((done, fail) => {
          worker.onerror = (event) => fail(new Error(event.message));
          worker.onmessage = ({ data }) => data.judged ? done(data) : fail(new Error(data.failed));
          worker.postMessage({ id, do: 'judge', blob });
        });
        await ask(0);
        let still = 0;
        let last = performance.now();
        let going = true;
        const tick = () => {
          const now = performance.now();
          still = Math.max(still, now - last);
          last = now;
          if (going) setTimeout(tick, 0);
        };
        tick();
        const judged = [];
        for (let i = 1; i <= ${ROUNDS}; i++) {
          const from = performance.now();
          await ask(i);
          judged.push(performance.now() - from);
        }
        going = false;
        const bare = [];
        for (let i = 0; i < ${ROUNDS}; i++) {
          const from = performance.now();
          const bitmap = await createImageBitmap(blob);
          new OffscreenCanvas(800, 600).getContext('2d').drawImage(bitmap, 0, 0, 800, 600);
          bitmap.close();
          bare.push(performance.now() - from);
        }
        return { judged, bare, still };
      })()`,
    )) as { judged: number[]; bare: number[]; still: number };
    const [a, b] = [quantile(told.judged, 0.5), quantile(told.bare, 0.5)];
    return [
      {
        what: 'a photo of 12 MP judged in the browser’s worker',
        measured: ms(a),
        baseline: `${ms(b)} (decoded and drawn)`,
        ratio: times(a / b),
        target: '≤ 250 ms',
      },
      { what: 'longest the page stood still meanwhile', measured: ms(told.still), target: '≤ 50 ms' },
    ];
  } finally {
    await browser.close();
  }
}

/** A walk with 300 pictures saved as a ZIP, against the same files read and zipped. */
async function zipping(server: RunningServer, dir: string): Promise<Row[]> {
  await server.post('/api/cars', { id: CAR, details });
  const base = await sharp('demo/pictures/hatch-whole-1.jpg').resize(1600).jpeg({ quality: 88 }).toBuffer();
  const facts: Fact[] = [begun];
  const copies = join(dir, 'copies');
  mkdirSync(copies);
  for (let i = 0; i < PHOTOS; i++) {
    const comment = Buffer.from([0xff, 0xfe, 0x00, 0x04, 0x30 + Math.floor(i / 20), 0x30 + (i % 20)]);
    const bytes = Buffer.concat([base.subarray(0, 2), comment, base.subarray(2)]);
    const photo = createHash('sha256').update(bytes).digest('hex');
    await server.fetch(`/api/photos/${photo}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'image/jpeg' },
      body: new Uint8Array(bytes),
    });
    const shown = await server.fetch(`/api/photos/${photo}/1600`);
    writeFileSync(join(copies, `${photo}.jpg`), Buffer.from(await shown.arrayBuffer()));
    facts.push({ kind: 'photo-attached', body: { photo, role: 'where', part: 'roof' } });
  }
  await server.post(`/api/walks/${WALK}/entries`, { entries: entriesOf(facts) });
  const [own, bare]: [number[], number[]] = [[], []];
  let bytes = 0;
  for (let i = 0; i < 5; i++) {
    own.push(
      await timed(async () => {
        const answer = await server.fetch(`/api/walks/${WALK}/pictures.zip`);
        await pipeline(answer.body as never, createWriteStream(join(dir, 'own.zip')));
      }),
    );
    bare.push(
      await timed(async () => {
        const zip = new ZipFile();
        for (const name of readdirSync(copies)) zip.addFile(join(copies, name), name, { compress: false });
        zip.end();
        await pipeline(zip.outputStream as Readable, createWriteStream(join(dir, 'bare.zip')));
      }),
    );
    bytes = statSync(join(dir, 'own.zip')).size;
  }
  const [a, b] = [quantile(own, 0.5), quantile(bare, 0.5)];
  const rate = (took: number) => `${Math.round(bytes / 1e6 / (took / 1000))} MB/s`;
  if (readFileSync(join(dir, 'own.zip')).subarray(0, 2).toString() !== 'PK') throw new Error('No ZIP came.');
  return [
    {
      what: `a ZIP of ${PHOTOS} pictures (${Math.round(bytes / 1e6)} MB), described, over HTTP`,
      measured: `${ms(a)}, ${rate(a)}`,
      baseline: `${ms(b)}, ${rate(b)} (the same files zipped on disk)`,
      ratio: `${Math.round((100 * b) / a)} % of its speed`,
      target: '≥ 80 %',
    },
  ];
}

export async function benchPictures(dir: string): Promise<Row[]> {
  const server = new RunningServer();
  await server.start();
  try {
    return [alignment(), ...(await inBrowser(server)), ...(await zipping(server, dir))];
  } finally {
    await server.end();
    server.remove();
  }
}
