import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import type { Fact } from '#core/walk';
import { details } from '../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { ms, quantile, type Row, times } from './row';

const THROTTLE = 4;
const FINDINGS = 12;
/** What opens later has been fetched by then. */
const SETTLE_MS = 6000;

/** A report of a dozen findings round the car, each with a picture, and a link to it. */
async function makeLink(server: RunningServer): Promise<string> {
  await server.post('/api/cars', { id: CAR, details });
  const parts = ['door-fl', 'door-rl', 'wing-fl', 'bonnet', 'tailgate', 'door-fr', 'door-rr', 'wing-fr'];
  const files = readdirSync('demo/pictures').filter((name) => name.endsWith('.jpg'));
  const facts: Fact[] = [begun];
  for (let i = 0; i < FINDINGS; i++) {
    const bytes = readFileSync(`demo/pictures/${files[i]}`);
    const photo = createHash('sha256').update(bytes).digest('hex');
    await server.fetch(`/api/photos/${photo}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'image/jpeg' },
      body: new Uint8Array(bytes),
    });
    const part = parts[i % parts.length] ?? 'roof';
    facts.push(noted(i + 1, part), {
      kind: 'photo-attached',
      body: { photo, role: 'what', part, finding: idOf(0xf000 + i + 1) },
    });
  }
  await server.post(`/api/walks/${WALK}/entries`, { entries: entriesOf(facts) });
  await server.post(`/api/walks/${WALK}/reports`, { id: idOf(0xd0c) });
  const share = await (await server.post(`/api/reports/${idOf(0xd0c)}/shares`, {})).json();
  return server.origin + (share as { path: string }).path;
}

/** From the tap until the frame is on the screen in which `isThere` holds, in milliseconds, told by the page's own clock. */
const tapped = (page: Page, tap: string, isThere: string): Promise<number> =>
  page.evaluate(`new Promise((done) => {
    const from = performance.now();
    ${tap};
    requestAnimationFrame(function look() {
      if (!(${isThere})) return requestAnimationFrame(look);
      // Painted when the next frame begins.
      requestAnimationFrame(() => done(performance.now() - from));
    });
  })`);

const strip = (n: number) =>
  `(() => { const part = [...document.querySelectorAll('#map [data-part]')].filter((each) => /findings/.test(each.getAttribute('aria-label') ?? ''))[${n}];
    const box = part.getBoundingClientRect();
    part.dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: box.x + box.width / 2, clientY: box.y + box.height / 2 })); })()`;

export async function benchReading(): Promise<Row[]> {
  const server = new RunningServer();
  await server.start();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  });
  try {
    const link = await makeLink(server);
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    const session = await page.context().newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: THROTTLE });
    await page.goto(link);
    await page.waitForSelector('#map [data-part]');
    await page.waitForTimeout(SETTLE_MS);
    const sheets: number[] = [];
    for (let i = 0; i < 6; i++) {
      sheets.push(await tapped(page, strip(i), `document.querySelector('[role=dialog] h2')`));
      await page.waitForTimeout(300);
      await page.keyboard.press('Escape');
      await page.waitForFunction(`!document.querySelector('[role=dialog]')`);
    }
    await page.evaluate(`location.hash = 'photo-1'`);
    await page.waitForSelector('.pswp__item[aria-hidden="false"] img');
    const swipes: number[] = [];
    for (let i = 2; i < 10; i++) {
      await page.waitForTimeout(900);
      swipes.push(
        await tapped(
          page,
          `document.querySelector('.pswp__button--arrow--next').click()`,
          `document.querySelector('.pswp__counter').textContent.startsWith('${i} ') &&
            [...document.querySelectorAll('.pswp__item[aria-hidden="false"] img')].some((img) => img.complete && img.naturalWidth > 0)`,
        ),
      );
    }
    await page.context().close();
    const plain = await browser.newPage({ viewport: { width: 390, height: 844 } });
    const plainSession = await plain.context().newCDPSession(plain);
    await plainSession.send('Emulation.setCPUThrottlingRate', { rate: THROTTLE });
    await plain.setContent('<button onclick="this.nextSibling.hidden=false">x</button><div hidden>y</div>');
    const bare: number[] = [];
    for (let i = 0; i < 8; i++) {
      bare.push(
        await tapped(
          plain,
          `document.querySelector('button').click()`,
          `!document.querySelector('div').hidden`,
        ),
      );
      await plain.evaluate(`document.querySelector('div').hidden = true`);
    }
    const row = (what: string, list: readonly number[]): Row => ({
      what: `${what}, at ${THROTTLE} × CPU throttle: middle and worst`,
      measured: `${ms(quantile(list, 0.5))}, ${ms(Math.max(...list))}`,
      baseline: `${ms(quantile(bare, 0.5))} (a plain page shows a line)`,
      ratio: times(quantile(list, 0.5) / quantile(bare, 0.5)),
      target: '≤ 100 ms',
    });
    return [
      row('tap on a strip of the report’s map until its card is painted', sheets),
      row('next picture, loaded ahead, until it is painted', swipes),
    ];
  } finally {
    await browser.close();
    await server.end();
    server.remove();
  }
}
