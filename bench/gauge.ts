import { chromium } from '@playwright/test';
import type { Entry } from '#core/walk';
import { details } from '../tests/builders/car';
import { begun, CAR, entriesOf, WALK } from '../tests/builders/entries';
import { RunningServer } from '../tests/builders/runningServer';
import { ms, quantile, type Row, times } from './row';
import { barePage, THROTTLE, taps, tapTimes, throttled } from './walk';

const A_SECOND = 20;
const SECONDS = 60;
const TAP_EVERY_MS = 700;

/** Readings as fast as a gauge can beep, while a thumb goes on tapping panels. */
export async function benchGauge(): Promise<Row[]> {
  const server = new RunningServer();
  await server.start();
  const bare = await barePage();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  });
  try {
    await server.post('/api/cars', { id: CAR, details });
    await server.post(`/api/walks/${WALK}/entries`, { entries: entriesOf([begun]) });
    const page = await throttled(browser, server.cookies);
    await page.goto(`${server.origin}/walks/${WALK}/paint`);
    await page.getByRole('button', { name: 'Practice gauge' }).click();
    await page.getByRole('button', { name: 'after 3', exact: true }).click();
    const panels = page.getByRole('listitem').getByRole('button').filter({ hasNotText: 'not metal' });
    await page.evaluate('window.taps.length = 0');
    await page.getByLabel('By itself').selectOption(String(A_SECOND));
    const from = Date.now();
    let made = 0;
    while (Date.now() - from < SECONDS * 1000) {
      await panels.nth(made % 9).click();
      made++;
      await page.waitForTimeout(TAP_EVERY_MS);
    }
    const seconds = (Date.now() - from) / 1000;
    await page.getByLabel('By itself').selectOption('0');
    const tap = quantile(await taps(page, made), 0.95);
    await page.waitForTimeout(3000);
    const { entries } = (await (await server.fetch(`/api/walks/${WALK}`)).json()) as {
      entries: Entry[];
    };
    const landed = entries.reduce(
      (sum, entry) => sum + (entry.kind === 'paint-read' ? entry.body.um.length : 0),
      0,
    );
    await page.context().close();
    const tapBare = quantile(await tapTimes(browser, bare.url, 'button', /^\d+$/), 0.95);
    return [
      {
        what: `tap to painted, p95, while ${A_SECOND} readings a second come in, at ${THROTTLE} × CPU throttle`,
        measured: ms(tap),
        baseline: `${ms(tapBare)} (a word changed)`,
        ratio: times(tap / tapBare),
        target: '≤ 100 ms',
      },
      {
        what: `readings of the gauge in the log after ${Math.round(seconds)} s`,
        measured: String(landed),
        baseline: `${Math.floor(seconds * A_SECOND)} (sent)`,
        ratio: times(landed / Math.floor(seconds * A_SECOND)),
        target: 'all',
      },
    ];
  } finally {
    await browser.close();
    bare.close();
    await server.end();
    server.remove();
  }
}
