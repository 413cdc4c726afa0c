import { fork } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { ms, type Row, times } from './row';

const COUNT = 300;
const DIFFERENT = 6;

interface Outcome {
  durationMs: number;
  peakMb: number;
}

/** Each way in a process of its own, so that its peak memory is its own. */
function run(way: 'zelk' | 'bare', dir: string): Promise<Outcome> {
  return new Promise((resolve, reject) => {
    const child = fork(fileURLToPath(new URL('./photosChild.ts', import.meta.url)), [way, dir], {
      execArgv: process.execArgv,
    });
    child.on('message', (outcome: Outcome) => resolve(outcome));
    child.on('error', reject);
    child.on('exit', (code) => code && reject(new Error(`${way} ended with ${code}`)));
  });
}

/** 12-megapixel photos of a photo-like weight, no two with the same bytes. */
async function makePhotos(dir: string): Promise<void> {
  mkdirSync(join(dir, 'in'));
  const bases = await Promise.all(
    Array.from({ length: DIFFERENT }, (_, i) =>
      sharp(
        `demo/pictures/${['hatch-whole-1', 'hatch-whole-5', 'hatch-tyre-fl-tread', 'hatch-wheel-fl-kerbing-where', 'hatch-door-fl-dent-what', 'hatch-wing-fl-scratch-what'][i]}.jpg`,
      )
        .resize(4000, 3000)
        .jpeg({ quality: 90 })
        .toBuffer(),
    ),
  );
  for (let i = 0; i < COUNT; i++) {
    const base = bases[i % DIFFERENT] as Buffer;
    // A comment segment after the start marker: other bytes, the same picture.
    const comment = Buffer.from([0xff, 0xfe, 0x00, 0x04, 0x30 + Math.floor(i / 20), 0x30 + (i % 20)]);
    writeFileSync(
      join(dir, 'in', `${String(i).padStart(3, '0')}.jpg`),
      Buffer.concat([base.subarray(0, 2), comment, base.subarray(2)]),
    );
  }
}

export async function benchPhotos(dir: string): Promise<Row[]> {
  await makePhotos(dir);
  const rounds = {} as Record<'zelk' | 'bare', Outcome>;
  // So many photos that one run each is steady.
  for (const way of ['bare', 'zelk'] as const) rounds[way] = await run(way, dir);
  const { zelk, bare } = rounds;
  return [
    {
      what: `taking in ${COUNT} photos of 12 MP`,
      measured: ms(zelk.durationMs),
      baseline: ms(bare.durationMs),
      ratio: times(zelk.durationMs / bare.durationMs),
      target: '≤ 1.25 ×',
    },
    {
      what: 'peak memory of that',
      measured: `${zelk.peakMb} MB`,
      baseline: `${bare.peakMb} MB`,
      target: '≤ 500 MB',
    },
  ];
}
