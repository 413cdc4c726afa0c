import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';

/** Renews docs/screenshots from a demo yard of its own: `npm run screenshots`. */
const out = 'docs/screenshots';
const NELL = '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1a01';
const phone = { width: 390, height: 844 };
const desk = { width: 1280, height: 800 };

const dataDir = mkdtempSync(join(tmpdir(), 'zelk-shots-'));
const demo = spawn('bin/demo', {
  env: { ...process.env, PORT: '0', ZELK_DATA: dataDir },
  stdio: ['ignore', 'pipe', 'ignore'],
});
const origin = await new Promise<string>((resolve, reject) => {
  demo.stdout.on('data', (line: Buffer) => {
    const ready = /ready (\S+)/.exec(line.toString());
    if (ready?.[1]) resolve(ready[1]);
  });
  demo.on('exit', (code) => reject(new Error(`bin/demo ended with ${code}`)));
});
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
});

async function shoot(
  name: string,
  size: typeof phone,
  path: string,
  before: (page: Page) => Promise<unknown> = async () => {},
): Promise<void> {
  const page = await browser.newPage({
    viewport: size,
    hasTouch: size === phone,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
  });
  await page.addInitScript((id) => localStorage.setItem('zelk.walker', id), NELL);
  await page.goto(origin + path);
  await page.waitForLoadState('networkidle');
  await before(page);
  await page.waitForTimeout(400);
  await page.screenshot({ path: join(out, `${name}.png`) });
  await page.close();
}

const getJson = async (path: string) => (await fetch(origin + path)).json();

try {
  const walkOf = async (search: string) =>
    (await getJson(`/api/cars?search=${search}`)).cars[0].walk.id as string;
  const done = await walkOf('tessel');
  const half = await walkOf('sarrow');
  const report = (await getJson(`/api/walks/${done}`)).reports[0].id as string;
  const share = await (
    await fetch(`${origin}/api/reports/${report}/shares`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: '{"label":"Buyer overseas"}',
    })
  ).json();

  await shoot('stock-desk', desk, '/');
  await shoot('stock-phone', phone, '/');
  await shoot('car-form-desk', desk, '/cars/new', async (page) => {
    await page.getByLabel('Make').fill('Quillon');
    await page.getByLabel('Country').selectOption({ label: 'United States' });
    await page.getByLabel(/17 characters/).fill('1MBGDM9AXKP042788');
  });
  await shoot('walk-phone', phone, `/walks/${half}`, (page) =>
    page.getByRole('button', { name: 'Next stop' }).click({ clickCount: 4, delay: 120 }),
  );
  await shoot('kinds-phone', phone, `/walks/${half}`, async (page) => {
    await page.waitForTimeout(300);
    await page.locator('[aria-current=true]').click();
  });
  await shoot('finding-phone', phone, `/walks/${done}`, async (page) => {
    await page.getByRole('button', { name: 'Walk on the other way' }).waitFor();
    await page.getByRole('button', { name: 'Walk on round the car' }).click();
    await page.locator('[data-part="door-fl"]').click();
    await page.getByRole('button', { name: /Dent/ }).first().click();
  });
  await shoot('walk-desk', desk, `/walks/${done}`);
  await shoot('finding-desk', desk, `/walks/${done}`, async (page) => {
    await page.getByRole('button', { name: 'Walk on round the car' }).click();
    await page.locator('[data-part="wheel-fl"]').press('Enter');
    await page
      .getByRole('button', { name: /Kerbing/ })
      .first()
      .click();
  });
  const stepBack = async (page: Page) => {
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByRole('button', { name: 'Step-back lap' }).click();
    await page.waitForTimeout(400);
  };
  await shoot('step-back-phone', phone, `/walks/${done}`, stepBack);
  await shoot('step-back-desk', desk, `/walks/${done}`, stepBack);
  const left = (page: Page) => page.getByRole('button', { name: /parts left/ }).click();
  await shoot('left-phone', phone, `/walks/${half}`, left);
  await shoot('left-desk', desk, `/walks/${half}`, left);
  const editRoute = async (page: Page) => {
    await page.getByRole('button', { name: 'Copy and change' }).nth(1).click();
    await page.getByRole('button', { name: 'Drag Cabin' }).waitFor();
  };
  await shoot('routes-desk', desk, '/routes', editRoute);
  await shoot('routes-phone', phone, '/routes', editRoute);
  await shoot('freeze-phone', phone, `/walks/${half}/report`);
  await shoot('report-desk', desk, `/reports/${report}`);
  await shoot('report-phone', phone, share.path);
  await shoot('report-findings-phone', phone, share.path, (page) =>
    page.locator('#finding-6').evaluate((element) => element.scrollIntoView()),
  );

  const pdf = join(dataDir, 'report.pdf');
  execFileSync('curl', ['-s', '-o', pdf, `${origin}/api/reports/${report}/pdf?paper=a4`]);
  execFileSync('pdftoppm', [
    '-r',
    '70',
    '-png',
    '-f',
    '2',
    '-l',
    '2',
    '-singlefile',
    pdf,
    join(out, 'report-pdf'),
  ]);
} finally {
  await browser.close();
  demo.kill();
  rmSync(dataDir, { recursive: true, force: true });
}
