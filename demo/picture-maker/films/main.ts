import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdir, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { openStage } from '../openStage';
import { captionsFile } from './captionsFile';
import { engineSound } from './engineSound';
import { films } from './films';
import { type Film, type FilmTruth, FRAMES_PER_S, timesOf } from './spec';

/**
 * Makes the yard's films, their captions and what is so in them: `npm run demo:films`, or `npm run demo:films -- nim` for one of them; with `--captions` the captions
 * alone. Frames are encoded by ffmpeg as they come; a film takes the better part of an hour on two cores.
 */
const out = fileURLToPath(new URL('../../films', import.meta.url));
const isOnlyCaptions = process.argv.includes('--captions');
const words = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const wanted = films.filter(({ name }) => words.length === 0 || words.includes(name));
/** No film is longer than this in the repository. */
const MOST_BYTES = 12 * 1024 * 1024;
const TRUTH_EVERY = FRAMES_PER_S / 2;

await mkdir(out, { recursive: true });
for (const film of wanted) await writeCaptions(film);
if (!isOnlyCaptions) {
  const stage = await openStage();
  try {
    for (const film of wanted) await make(film, stage.page);
  } finally {
    await stage.close();
  }
}

async function writeCaptions(film: Film): Promise<void> {
  const captions = captionsFile(film);
  await writeFile(join(out, captions.name), captions.text);
}

async function make(film: Film, page: Page): Promise<void> {
  const told = await page.evaluate((asked) => window.openFilm(asked), film);
  const sound = join(tmpdir(), `${film.name}-sound.wav`);
  const engineFrom = timesOf(film)[film.engineFromShot]?.leavesFor ?? 0;
  await writeFile(sound, engineSound(told.seconds, engineFrom));
  const file = join(out, `${film.name}.${film.as}`);
  const encoder = spawn('ffmpeg', encoding(film, sound, file), { stdio: ['pipe', 'ignore', 'inherit'] });
  const seen: FilmTruth['seen'] = [];
  for (let n = 0; n < told.frames; n++) {
    const { jpeg, parts } = await page.evaluate((frame) => window.takeFrame(frame), n);
    if (!encoder.stdin.write(Buffer.from(jpeg.slice(jpeg.indexOf(',') + 1), 'base64')))
      await once(encoder.stdin, 'drain');
    if (n % TRUTH_EVERY === 0) seen.push({ at: n / FRAMES_PER_S, parts });
    if (n % 100 === 0) process.stdout.write(`${film.name} ${n} of ${told.frames}\n`);
  }
  encoder.stdin.end();
  const [code] = await once(encoder, 'close');
  const { length } = await readFile(file);
  if (code !== 0 || length > MOST_BYTES)
    throw new Error(`${file}: ffmpeg ended with ${code}, ${length} bytes`);
  const truth: FilmTruth = {
    name: film.name,
    seconds: told.seconds,
    width: told.width,
    height: told.height,
    seen,
  };
  await writeFile(join(out, `${film.name}.truth.json`), `${JSON.stringify(truth)}\n`);
  process.stdout.write(`${file} ${Math.round(length / 1024)} kB\n`);
}

function encoding({ as }: Film, sound: string, file: string): string[] {
  const from = [
    '-y',
    '-loglevel',
    'error',
    '-f',
    'image2pipe',
    '-framerate',
    String(FRAMES_PER_S),
    '-c:v',
    'mjpeg',
  ];
  const picture =
    as === 'mp4'
      ? [
          '-c:v',
          'libx264',
          '-preset',
          'slow',
          '-crf',
          '24',
          '-pix_fmt',
          'yuv420p',
          '-g',
          '20',
          '-movflags',
          '+faststart',
        ]
      : ['-c:v', 'libvpx-vp9', '-crf', '34', '-b:v', '0', '-pix_fmt', 'yuv420p', '-g', '20', '-row-mt', '1'];
  const heard = as === 'mp4' ? ['-c:a', 'aac', '-b:a', '64k'] : ['-c:a', 'libopus', '-b:a', '32k'];
  return [...from, '-i', '-', '-i', sound, ...picture, ...heard, '-map_metadata', '-1', '-shortest', file];
}
