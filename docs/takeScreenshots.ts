import { execFileSync, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
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
  await page.waitForLoadState('load');
  await page.waitForTimeout(1500);
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
  const painted = await walkOf('BT-122');
  const report = (await getJson(`/api/walks/${done}`)).reports.at(-1).id as string;
  const share = await (
    await fetch(`${origin}/api/reports/${report}/shares`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: '{"label":"Buyer overseas"}',
    })
  ).json();

  await shoot('stock-desk', desk, '/');
  await shoot('walk-phone', phone, `/walks/${half}`, (page) =>
    page.getByRole('button', { name: 'Next stop' }).click({ clickCount: 4, delay: 120 }),
  );
  await shoot('finding-phone', phone, `/walks/${done}`, async (page) => {
    await page.getByRole('button', { name: 'Walk on the other way' }).waitFor();
    await page.getByRole('button', { name: 'Walk on round the car' }).click();
    await page.locator('[data-part="door-fl"]').click();
    await page.getByRole('button', { name: /Dent/ }).first().click();
  });
  await shoot('walk-desk', desk, `/walks/${done}`);
  const stepBack = async (page: Page) => {
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByRole('button', { name: 'Step-back lap' }).click();
    await page.waitForTimeout(400);
  };
  await shoot('step-back-phone', phone, `/walks/${done}`, stepBack);
  const pictureOf = (name: string) =>
    createHash('sha256')
      .update(readFileSync(`demo/pictures/${name}.jpg`))
      .digest('hex');
  const choose = (name: string) => async (page: Page) => {
    await page.locator(`[data-frame="${pictureOf(name)}"]`).click();
    await page.waitForTimeout(600);
  };
  await shoot('pictures-desk', desk, `/walks/${done}/pictures`, choose('hatch-bonnet-stone-chip-what'));
  await shoot('freeze-phone', phone, `/walks/${half}/report`);
  await shoot('report-desk', desk, `/reports/${report}`);
  await shoot('report-phone', phone, share.path);
  await shoot('questions-phone', phone, share.path, (page) =>
    page
      .getByRole('heading', { name: 'Questions and answers' })
      .evaluate((heading) => heading.scrollIntoView()),
  );
  await shoot('second-looks-desk', desk, `/walks/${done}/questions`);
  await shoot('kit-phone', phone, `/walks/${done}/kit`);
  await shoot('cues-phone', phone, `/walks/${done}/cues`);
  await shoot('tyres-phone', phone, `/walks/${done}/tyres?part=tyre-fr`);
  await shoot('paint-desk', desk, `/walks/${painted}/paint?part=door-rr`, (page) =>
    page.waitForTimeout(1500),
  );
  await shoot('glass-phone', phone, `/walks/${done}/glass`);
  await shoot('papers-desk', desk, `/walks/${done}/papers`, (page) => page.waitForTimeout(1200));
  await shoot('functions-phone', phone, `/walks/${half}/functions`, async (page) => {
    await page.getByRole('button', { name: 'All work' }).first().click();
    await page.getByRole('listitem').getByRole('button', { name: 'A/C blows cold' }).click();
    await page.getByRole('button', { name: /^Begin/ }).click();
  });

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
