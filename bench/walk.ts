import { createServer } from 'node:http';
import { type Browser, type BrowserContext, chromium, type Page } from '@playwright/test';
import { details } from '../tests/builders/car';
import { CAR, WALK } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { longLog } from './log';
import { ms, quantile, type Row, times } from './row';

export const THROTTLE = 4;
const ENTRIES = 500;
/** Parts looked at already: enough are left to tap clear. */
const WALKED = 45;
const OPENINGS = 5;
const TAPS = 40;
const TURNS = 12;
/** A turn of the map takes 200 ms. */
const TURN_MS = 200;

/** A page with one button that changes a word: what the browser itself takes to open, and to paint after a tap. */
const BARE = `<!doctype html><title>bare</title><button id="b" style="padding:40px">0</button>
<script>b.onclick = () => { b.textContent = Number(b.textContent) + 1 }</script>`;

export async function barePage(): Promise<{ url: string; close: () => void }> {
  const server = createServer((_request, response) =>
    response.setHeader('Content-Type', 'text/html').end(BARE),
  );
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  return {
    url: `http://127.0.0.1:${(server.address() as { port: number }).port}/`,
    close: () => server.close(),
  };
}

/** What a browser holds of who is signed in; nothing for a bare page. */
type Signed = RunningServer['cookies'];

export async function throttled(browser: Browser, signed: Signed = []): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  await context.addCookies(signed);
  return throttledPage(context);
}

async function throttledPage(context: BrowserContext): Promise<Page> {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: THROTTLE });
  // Event Timing: from the finger to the next frame painted, as the browser itself measures it.
  await page.addInitScript(`
    window.taps = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) if (entry.name === 'click') window.taps.push(entry.duration);
    }).observe({ type: 'event', durationThreshold: 16, buffered: true });
    window.seen = (selector) => new Promise((resolve) => {
      requestAnimationFrame(function look() {
        document.querySelector(selector) ? resolve(performance.now()) : requestAnimationFrame(look);
      });
    });`);
  return page;
}

const seen = (page: Page, selector: string) =>
  page.evaluate(`window.seen(${JSON.stringify(selector)})`) as Promise<number>;
/** Durations of the taps so far; a tap painted within a frame is not reported and counts as one frame. */
export const taps = async (page: Page, made: number): Promise<number[]> => {
  const told = (await page.evaluate('window.taps')) as number[];
  return [...told, ...Array.from({ length: Math.max(0, made - told.length) }, () => 16)];
};

async function openings(browser: Browser, url: string, selector: string, signed?: Signed): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < OPENINGS; i++) {
    const page = await throttled(browser, signed);
    await page.goto(url, { waitUntil: 'commit' });
    times.push(await seen(page, selector));
    await page.context().close();
  }
  return times;
}

/** Opened again on a device that keeps Zelk: its second day, and every one after. */
async function openingsKept(
  browser: Browser,
  url: string,
  selector: string,
  signed: Signed,
): Promise<number[]> {
  const first = await throttled(browser, signed);
  await first.goto(url);
  await first.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, {
    timeout: 60_000,
  });
  const times: number[] = [];
  // The first of these makes the browser keep the script as it runs it.
  for (let i = 0; i <= OPENINGS; i++) {
    const page = await throttledPage(first.context());
    await page.goto(url, { waitUntil: 'commit' });
    times.push(await seen(page, selector));
    await page.close();
  }
  await first.context().close();
  return times.slice(1);
}

export async function tapTimes(
  browser: Browser,
  url: string,
  ready: string,
  name: RegExp,
  signed?: Signed,
): Promise<number[]> {
  const page = await throttled(browser, signed);
  await page.goto(url);
  await seen(page, ready);
  for (let i = 0; i < TAPS; i++) {
    await page.getByRole('button', { name }).click();
    // Longer than the guard against double taps, so that every tap is one.
    await page.waitForTimeout(400);
  }
  const times = await taps(page, TAPS);
  await page.context().close();
  return times;
}

/** Frames a second while the map turns, the median of several turns. */
async function turnRate(browser: Browser, url: string, signed: Signed): Promise<number> {
  const page = await throttled(browser, signed);
  await page.goto(url);
  await seen(page, '[aria-current]');
  await page.waitForTimeout(1500);
  const rates: number[] = [];
  for (let i = 0; i < TURNS; i++) {
    const frames = (await page.evaluate(`new Promise((resolve) => {
      document.querySelector('[aria-label="Walk on round the car"]').click();
      const from = performance.now();
      let frames = 0;
      requestAnimationFrame(function count(now) {
        frames++;
        now - from < ${TURN_MS} ? requestAnimationFrame(count) : resolve((1000 * frames) / (now - from));
      });
    })`)) as number;
    rates.push(frames);
    await page.waitForTimeout(300);
  }
  await page.context().close();
  return quantile(rates, 0.5);
}

export async function benchWalk(): Promise<Row[]> {
  const server = new RunningServer();
  await server.start();
  const bare = await barePage();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  });
  try {
    await server.post('/api/cars', { id: CAR, details });
    await server.post(`/api/walks/${WALK}/entries`, { entries: longLog(ENTRIES, WALKED) });
    const url = `${server.origin}/walks/${WALK}`;
    const open = quantile(await openings(browser, url, '[aria-current]', server.cookies), 0.5);
    const kept = quantile(await openingsKept(browser, url, '[aria-current]', server.cookies), 0.5);
    const openBare = quantile(await openings(browser, bare.url, 'button'), 0.5);
    const tap = quantile(
      await tapTimes(browser, url, '[aria-current]', /^(Rest is clear|Clear)$/, server.cookies),
      0.95,
    );
    const tapBare = quantile(await tapTimes(browser, bare.url, 'button', /^\d+$/), 0.95);
    const rate = await turnRate(browser, url, server.cookies);
    const at = `at ${THROTTLE} × CPU throttle, ${ENTRIES} entries`;
    return [
      {
        what: `walk opens, ${at}`,
        measured: ms(open),
        baseline: `${ms(openBare)} (a page with one button)`,
        ratio: times(open / openBare),
        target: '≤ 1.2 s, ≤ 4 ×',
      },
      {
        what: `walk opens on a device that keeps Zelk, ${at}`,
        measured: ms(kept),
        baseline: `${ms(openBare)} (a page with one button)`,
        ratio: times(kept / openBare),
        target: '≤ 1.2 s, ≤ 4 ×',
      },
      {
        what: `tap to painted, p95, ${at}`,
        measured: ms(tap),
        baseline: `${ms(tapBare)} (a word changed)`,
        ratio: times(tap / tapBare),
        target: '≤ 80 ms',
      },
      {
        what: `map turning, ${at}`,
        measured: `${Math.round(rate)} frames/s`,
        target: '≥ 50 frames/s',
      },
    ];
  } finally {
    await browser.close();
    bare.close();
    await server.end();
    server.remove();
  }
}
