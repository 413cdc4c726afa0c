import { execFileSync } from 'node:child_process';
import { readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { details } from '../tests/builders/car';
import { CAR, WALK, WHO } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { ms, quantile, type Row, times } from './row';

/** The demo's film so often is one of twelve minutes. */
const TIMES_OVER = 8;
const CAPTIONS = 2000;
const OPENINGS = 5;
const SCRUB_MS = 4000;
const SECONDS_OF_ONE = 102;

/** A film of twelve minutes with 2,000 captions: opened, scrubbed through, its pictures pulled. */
export async function benchFilm(dir: string): Promise<Row[]> {
  const film = join(dir, 'long.mp4');
  const list = join(dir, 'list.txt');
  writeFileSync(list, `file '${join(process.cwd(), 'demo/films/nim.mp4')}'\n`.repeat(TIMES_OVER));
  execFileSync('ffmpeg', [
    '-loglevel',
    'error',
    '-f',
    'concat',
    '-safe',
    '0',
    '-i',
    list,
    '-c',
    'copy',
    '-movflags',
    '+faststart',
    film,
  ]);
  const words = join(dir, 'long.vtt');
  writeFileSync(words, manyCaptions());

  const server = new RunningServer();
  await server.start();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--no-first-run'],
  });
  try {
    await server.post('/api/cars', { id: CAR, details: { ...details, bodyStyle: 'hatch-3', country: 'IE' } });
    const at = new Date().toISOString();
    await server.post(`/api/walks/${WALK}/entries`, {
      entries: [
        {
          id: crypto.randomUUID(),
          walk: WALK,
          who: WHO,
          at,
          kind: 'walk-begun',
          body: { carId: CAR, bodyStyle: 'hatch-3' },
        },
      ],
    });
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.addCookies(server.cookies);
    const page = await context.newPage();
    await page.goto(`${server.origin}/walks/${WALK}/film`);
    await page.locator('main input[type=file]').first().setInputFiles([film, words]);
    await page.locator('li[data-key]').first().waitFor({ timeout: 120_000 });
    const opened: number[] = [];
    const bare: number[] = [];
    for (let i = 0; i < OPENINGS; i++) {
      await page.goto('about:blank');
      await page.goto(`${server.origin}/walks/${WALK}/film`, { waitUntil: 'commit' });
      opened.push(await seen(page, 'li[data-key]'));
      bare.push(await bareFilm(page, film));
    }
    // A page of its own: what five openings left behind is not what one takes.
    await page.close();
    const fresh = await context.newPage();
    await fresh.goto(`${server.origin}/walks/${WALK}/film`);
    await fresh.locator('li[data-key]').first().waitFor();
    await fresh.getByLabel('Where in the film').waitFor();
    const frames = await scrubbed(fresh);
    const memory = largestPageMb();
    await fresh.close();
    const plain = await context.newPage();
    await bareFilm(plain, film);
    await barelyScrubbed(plain);
    const bareMemory = largestPageMb();
    const { size } = statSync(film);
    return [
      {
        what: `a film of ${Math.round((TIMES_OVER * SECONDS_OF_ONE) / 60)} minutes (${Math.round(size / 1e6)} MB) with ${CAPTIONS} captions opens: its statements are there`,
        measured: ms(quantile(opened, 0.5)),
        baseline: `${ms(quantile(bare, 0.5))} (the bare film, first frame)`,
        ratio: times(quantile(opened, 0.5) / quantile(bare, 0.5)),
        target: '≤ 1 s',
      },
      {
        what: 'frames of the screen while it is scrubbed',
        measured: `${Math.round(frames)} frames/s`,
        target: '≥ 30 frames/s',
      },
      {
        what: 'memory of its page and worker then',
        measured: `${Math.round(memory)} MB`,
        baseline: `${Math.round(bareMemory)} MB (the bare film, scrubbed alike)`,
        ratio: times(memory / bareMemory),
        target: '≤ 400 MB',
      },
    ];
  } finally {
    await browser.close();
    await server.end();
    server.remove();
  }
}

/** What the film of the demo says, over and over, cut into small captions. */
function manyCaptions(): string {
  const lines = readFileSync('demo/films/nim.vtt', 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.includes('-->') && line !== 'WEBVTT');
  const stamp = (s: number) =>
    `${String(Math.floor(s / 3600)).padStart(2, '0')}:${String(Math.floor(s / 60) % 60).padStart(2, '0')}:${(s % 60).toFixed(3).padStart(6, '0')}`;
  const each = (TIMES_OVER * SECONDS_OF_ONE) / CAPTIONS;
  const cues = Array.from({ length: CAPTIONS }, (_, i) => {
    const line = lines[i % lines.length] ?? '';
    return `${stamp(i * each)} --> ${stamp((i + 1) * each)}\n${line}\n`;
  });
  return `WEBVTT\n\n${cues.join('\n')}`;
}

/*
 * What runs in the page is told as text: names that the runner adds to functions are not known there.
 */

/** Milliseconds after the page was asked for until something is on it. */
const seen = (page: Page, selector: string): Promise<number> =>
  page.evaluate(`new Promise((resolve) => {
    requestAnimationFrame(function look() {
      document.querySelector(${JSON.stringify(selector)}) ? resolve(performance.now()) : requestAnimationFrame(look);
    });
  })`);

/** What the browser itself takes to show the first frame of the film, from a file on disk. */
async function bareFilm(page: Page, film: string): Promise<number> {
  await page.goto('about:blank');
  await page.setContent('<input type="file"><video muted></video>');
  await page.locator('input').setInputFiles(film);
  return page.evaluate(`new Promise((resolve) => {
    const video = document.querySelector('video');
    const start = performance.now();
    video.onloadeddata = () => resolve(performance.now() - start);
    video.src = URL.createObjectURL(document.querySelector('input').files[0]);
  })`);
}

/** Frames painted a second while the slider is dragged to and fro. */
const scrubbed = (page: Page): Promise<number> =>
  page.evaluate(`new Promise((done) => {
    const slider = document.querySelector('input[type=range]');
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    const start = performance.now();
    let frames = 0;
    requestAnimationFrame(function drag() {
      const at = performance.now() - start;
      set.call(slider, String(Number(slider.max) * (0.5 + 0.5 * Math.sin(at / 400))));
      slider.dispatchEvent(new Event('input', { bubbles: true }));
      frames++;
      at < ${SCRUB_MS} ? requestAnimationFrame(drag) : done((frames / at) * 1000);
    });
  })`);

/** The same of a bare film, a seek after each that is done. */
const barelyScrubbed = (page: Page): Promise<void> =>
  page.evaluate(`new Promise((done) => {
    const video = document.querySelector('video');
    const start = performance.now();
    const next = () => {
      const at = performance.now() - start;
      if (at > ${SCRUB_MS}) return done();
      video.currentTime = video.duration * (0.5 + 0.5 * Math.sin(at / 400));
    };
    video.onseeked = next;
    next();
  })`);

/** Memory of the largest page process, what it shares with others counted by its share (PSS), megabytes. */
function largestPageMb(): number {
  const listed = execFileSync('ps', ['-eo', 'pid,args'], { encoding: 'utf8', maxBuffer: 64e6 });
  const pids = listed
    .split('\n')
    .filter((line) => line.includes('--type=renderer'))
    .map((line) => line.trim().split(/\s+/)[0] ?? '');
  const sizes = pids.map((pid) => {
    const told = readFileSync(`/proc/${pid}/smaps_rollup`, 'utf8');
    return Number(/^Pss:\s+(\d+)/m.exec(told)?.[1] ?? 0) / 1024;
  });
  return Math.max(...sizes);
}
