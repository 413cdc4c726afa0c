import { execFileSync, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import type { Truth } from '../demo/picture-maker/truth';

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

/** Taps a pixel of the picture that is open. */
async function tapPicture(page: Page, place: readonly [number, number] | undefined): Promise<void> {
  const stage = page.getByTestId('stage');
  const box = await stage.boundingBox();
  if (!box || !place) return;
  const [zoom = 1, left = 0, top = 0] = await Promise.all(
    ['zoom', 'left', 'top'].map(async (name) => Number(await stage.getAttribute(`data-${name}`))),
  );
  await page.mouse.click(box.x + left + place[0] * zoom, box.y + top + place[1] * zoom);
}

const truthOf = (name: string) => JSON.parse(readFileSync(`demo/pictures/${name}.json`, 'utf8')) as Truth;

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
  await shoot('car-form-desk', desk, '/cars/new', async (page) => {
    await page.getByLabel('Make').fill('Quillon');
    await page.getByLabel('Country').selectOption({ label: 'United States' });
    await page.getByLabel(/17 characters/).fill('1MBGDM9AXKP042788');
  });
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
  const editRoute = async (page: Page) => {
    await page.getByRole('button', { name: 'Copy and change' }).nth(1).click();
    await page.getByRole('button', { name: 'Drag Cabin' }).waitFor();
  };
  await shoot('routes-desk', desk, '/routes', editRoute);
  const pictureOf = (name: string) =>
    createHash('sha256')
      .update(readFileSync(`demo/pictures/${name}.jpg`))
      .digest('hex');
  const choose = (name: string) => async (page: Page) => {
    await page.locator(`[data-frame="${pictureOf(name)}"]`).click();
    await page.waitForTimeout(600);
  };
  await shoot('pictures-desk', desk, `/walks/${done}/pictures`, choose('hatch-bonnet-stone-chip-what'));
  await shoot('pictures-phone', phone, `/walks/${done}/pictures`, choose('hatch-door-fl-dent-where'));
  const onPicture = (name: string) => `/walks/${done}/pictures/${pictureOf(name)}`;
  const measure = async (page: Page) => {
    await page.getByRole('button', { name: 'Measure' }).click();
    await page.waitForTimeout(1500);
    const { scale, plane } = truthOf('hatch-tailgate-scratch-what');
    for (const [sx, sy] of [
      [-1, -1],
      [1, -1],
      [1, 1],
      [-1, 1],
    ] as const)
      await tapPicture(
        page,
        [...(scale?.pixels ?? [])].sort((p, q) => q[0] * sx + q[1] * sy - p[0] * sx - p[1] * sy)[0],
      );
    await page.getByText(/moved onto the card’s edges/).waitFor();
    for (const mm of [-70, 70]) {
      const [x, y, w] = plane.homography.map((row) => (row[0] as number) * mm + (row[2] as number)) as [
        number,
        number,
        number,
      ];
      await tapPicture(page, [x / w, y / w]);
    }
  };
  await shoot('measure-phone', phone, onPicture('hatch-tailgate-scratch-what'), measure);
  await shoot('freeze-phone', phone, `/walks/${half}/report`);
  await shoot('report-desk', desk, `/reports/${report}`);
  await shoot('report-phone', phone, share.path);
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
