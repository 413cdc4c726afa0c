import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { chromium } from '@playwright/test';
import { details } from '../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { ms, quantile, type Row, times } from './row';

const THROTTLE = 4;
const MBIT_S = 1.6;
/** A round trip on a fair mobile network. */
const LATENCY_MS = 40;
const SETTLE_MS = 4000;
const ROUNDS = 5;

/** A report of 40 findings and a cover, and a link to it. */
export async function makeLink(server: RunningServer): Promise<{ token: string; url: string }> {
  await server.post('/api/cars', { id: CAR, details });
  const cover = readFileSync('demo/pictures/hatch-whole-1.jpg');
  const photo = createHash('sha256').update(cover).digest('hex');
  await server.fetch(`/api/photos/${photo}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'image/jpeg' },
    body: new Uint8Array(cover),
  });
  const log = entriesOf([
    begun,
    ...Array.from({ length: 40 }, (_, i) => noted(i + 1, 'roof')),
    { kind: 'photo-attached', body: { photo, role: 'whole-car' } },
  ]);
  await server.post(`/api/walks/${WALK}/entries`, { entries: log });
  await server.post(`/api/walks/${WALK}/reports`, { id: idOf(0xd0c) });
  const share = await (await server.post(`/api/reports/${idOf(0xd0c)}/shares`, {})).json();
  const { token, path } = share as { token: string; path: string };
  return { token, url: server.origin + path };
}

/** A page of text alone: what the browser itself takes at this throttle. */
async function blankPage(): Promise<{ url: string; close: () => void }> {
  const server = createServer((_request, response) =>
    response.setHeader('Content-Type', 'text/html').end('<!doctype html><p>Plain text'),
  );
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  return {
    url: `http://127.0.0.1:${(server.address() as { port: number }).port}/`,
    close: () => server.close(),
  };
}

export async function benchBuyer(): Promise<Row[]> {
  const server = new RunningServer();
  await server.start();
  const blank = await blankPage();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  });
  const visit = async (url: string, ready: string) => {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    const session = await page.context().newCDPSession(page);
    await session.send('Network.enable');
    await session.send('Emulation.setCPUThrottlingRate', { rate: THROTTLE });
    await session.send('Network.emulateNetworkConditions', {
      offline: false,
      latency: LATENCY_MS,
      downloadThroughput: MBIT_S * 125_000,
      uploadThroughput: MBIT_S * 125_000,
    });
    const kinds = new Map<string, string>();
    const named = await (await fetch(url)).text();
    const bytes = { scripts: 0, later: 0, photos: 0, rest: 0 };
    session.on('Network.responseReceived', ({ requestId, type, response }) => {
      const isNamed = named.includes(new URL(response.url).pathname);
      const script = isNamed ? 'scripts' : 'later';
      kinds.set(
        requestId,
        type === 'Script' ? script : response.url.includes('/photos/') ? 'photos' : 'rest',
      );
    });
    session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
      bytes[(kinds.get(requestId) ?? 'rest') as keyof typeof bytes] += encodedDataLength;
    });
    // Watched from inside the page: the first frame in which the content can be seen.
    await page.addInitScript(`window.seen = new Promise((resolve) => {
      requestAnimationFrame(function look() {
        document.querySelector('${ready}') ? resolve(performance.now()) : requestAnimationFrame(look);
      });
    });
    window.largest = 0; window.shifted = 0;
    new PerformanceObserver((list) => { for (const entry of list.getEntries()) window.largest = entry.startTime; })
      .observe({ type: 'largest-contentful-paint', buffered: true });
    new PerformanceObserver((list) => { for (const entry of list.getEntries()) if (!entry.hadRecentInput) window.shifted += entry.value; })
      .observe({ type: 'layout-shift', buffered: true });`);
    await page.goto(url);
    const content = await page.evaluate(() => (window as unknown as { seen: Promise<number> }).seen);
    // Until everything that comes by itself has come.
    await page.waitForTimeout(SETTLE_MS);
    const { largest, shifted } = await page.evaluate(() => {
      const { largest, shifted } = window as unknown as { largest: number; shifted: number };
      return { largest, shifted };
    });
    await page.context().close();
    return { bytes, content, largest, shifted };
  };
  try {
    const { url: link } = await makeLink(server);
    const zelk = [];
    const bare = [];
    for (let i = 0; i < ROUNDS; i++) {
      bare.push(await visit(blank.url, 'p'));
      zelk.push(await visit(link, 'h1'));
    }
    type Visit = Awaited<ReturnType<typeof visit>>;
    const middle = (list: readonly Visit[], of: 'content' | 'largest' | 'shifted' = 'content') =>
      quantile(
        list.map((visited) => visited[of]),
        0.5,
      );
    const { scripts = Number.NaN, later = Number.NaN, rest = Number.NaN } = zelk[0]?.bytes ?? {};
    const worst = Math.max(...zelk.map(({ shifted }) => shifted));
    return [
      {
        what: 'buyer’s page before photos, compressed',
        measured: `${Math.round((scripts + later + rest) / 1024)} kB`,
        target: '≤ 250 kB',
      },
      {
        what: 'of it scripts before the report stands',
        measured: `${Math.round(scripts / 1024)} kB`,
        target: '≤ 120 kB',
      },
      {
        what: 'of it scripts that come after: the map, the readings',
        measured: `${Math.round(later / 1024)} kB`,
      },
      {
        what: `buyer’s largest content at ${THROTTLE} × CPU throttle and ${MBIT_S} Mbit/s`,
        measured: ms(middle(zelk, 'largest')),
        baseline: `${ms(middle(bare, 'largest'))} (a page of plain text)`,
        ratio: times(middle(zelk, 'largest') / middle(bare, 'largest')),
        target: '≤ 1.5 s',
      },
      {
        what: 'how far the buyer’s page shifts while it loads (CLS, the worst of the visits)',
        measured: worst.toFixed(3),
        target: '≤ 0.02',
      },
      {
        what: `buyer’s first content at ${THROTTLE} × CPU throttle and ${MBIT_S} Mbit/s`,
        measured: ms(middle(zelk)),
        baseline: `${ms(middle(bare))} (a page of plain text)`,
        ratio: times(middle(zelk) / middle(bare)),
        target: '≤ 1.0 s',
      },
    ];
  } finally {
    await browser.close();
    blank.close();
    await server.end();
    server.remove();
  }
}
