import { createServer } from 'node:http';
import { chromium } from '@playwright/test';
import { details } from '../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK, WHO } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { ms, quantile, type Row, times } from './row';

const THROTTLE = 4;
const ROUNDS = 5;

async function makeLink(server: RunningServer): Promise<string> {
  await server.post('/api/people', { id: WHO, name: 'Nell' });
  await server.post('/api/cars', { id: CAR, details });
  const log = entriesOf([begun, ...Array.from({ length: 40 }, (_, i) => noted(i + 1, 'roof'))]);
  await server.post(`/api/walks/${WALK}/entries`, { entries: log });
  await server.post(`/api/walks/${WALK}/reports`, { id: idOf(0xd0c), signer: WHO });
  const share = await (await server.post(`/api/reports/${idOf(0xd0c)}/shares`, {})).json();
  return server.origin + share.path;
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
    let bytes = 0;
    session.on('Network.loadingFinished', (event) => {
      bytes += event.encodedDataLength;
    });
    // Watched from inside the page: the first frame in which the content can be seen.
    await page.addInitScript(`window.seen = new Promise((resolve) => {
      requestAnimationFrame(function look() {
        document.querySelector('${ready}') ? resolve(performance.now()) : requestAnimationFrame(look);
      });
    });`);
    await page.goto(url);
    const content = await page.evaluate(() => (window as unknown as { seen: Promise<number> }).seen);
    await page.waitForTimeout(300);
    await page.context().close();
    return { bytes, content };
  };
  try {
    const link = await makeLink(server);
    const zelk = [];
    const bare = [];
    for (let i = 0; i < ROUNDS; i++) {
      bare.push(await visit(blank.url, 'p'));
      zelk.push(await visit(link, 'h1'));
    }
    const middle = (list: { content: number }[]) =>
      quantile(
        list.map((visited) => visited.content),
        0.5,
      );
    const bytes = zelk[0]?.bytes ?? Number.NaN;
    return [
      {
        what: 'buyer’s page before photos, compressed',
        measured: `${Math.round(bytes / 1024)} kB`,
        target: '≤ 250 kB',
      },
      {
        what: `buyer’s first content at ${THROTTLE} × CPU throttle`,
        measured: ms(middle(zelk)),
        baseline: `${ms(middle(bare))} (a page of plain text)`,
        ratio: times(middle(zelk) / middle(bare)),
        target: '≤ 1.5 s',
      },
    ];
  } finally {
    await browser.close();
    blank.close();
    await server.end();
    server.remove();
  }
}
