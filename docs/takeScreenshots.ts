import { execFileSync, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import sharp from 'sharp';
import { nell, PASSWORD } from '../demo/yard/people';
import { signInAt } from '../tests/builders/runningServer';

/** Renews docs/screenshots from a demo yard of its own: `npm run screenshots`. */
const out = 'docs/screenshots';
const phone = { width: 390, height: 844 };
const desk = { width: 1280, height: 800 };

const dataDir = mkdtempSync(join(tmpdir(), 'zelk-shots-'));
const demo = spawn('bin/demo', {
  env: { ...process.env, PORT: '4391', ZELK_DATA: dataDir },
  stdio: ['ignore', 'pipe', 'ignore'],
});
const origin = await new Promise<string>((resolve, reject) => {
  demo.stdout.on('data', (line: Buffer) => {
    const ready = /ready (\S+)/.exec(line.toString());
    if (ready?.[1]) resolve(ready[1]);
  });
  demo.on('exit', (code) => reject(new Error(`bin/demo ended with ${code}`)));
});
const signed = await signInAt(origin, nell.name, PASSWORD, 'Yard phone');
const cookies = () =>
  signed.Cookie.split('; ').map((cookie) => {
    const [name = '', value = ''] = cookie.split('=');
    return { name, value, url: origin };
  });
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
});

interface Shot {
  path: string;
  before?: (page: Page) => Promise<unknown>;
}

async function pictureOf(size: typeof phone, { path, before }: Shot): Promise<Buffer> {
  const page = await browser.newPage({
    viewport: size,
    hasTouch: size === phone,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
  });
  await page.context().addCookies(cookies());
  // Whoever looks after the yard comes to the morning first; each picture names its own screen.
  await page.context().addInitScript(() => localStorage.setItem('zelk.off.opensWithMorning', 'off'));
  await page.goto(origin + path);
  // Pages that listen for news are never idle.
  await page.waitForLoadState('load');
  await page.waitForTimeout(1500);
  await before?.(page);
  await page.waitForTimeout(400);
  // Pictures come when they are scrolled to; those in a closed fold never do.
  await page.waitForFunction(() =>
    [...document.images].every((image) => {
      const { top, bottom, left, right } = image.getBoundingClientRect();
      const isSeen = bottom > 0 && right > 0 && top < innerHeight && left < innerWidth;
      return !isSeen || !image.checkVisibility() || image.complete;
    }),
  );
  const png = await page.screenshot();
  await page.close();
  return png;
}

async function shoot(name: string, size: typeof phone, path: string, before?: Shot['before']): Promise<void> {
  writeFileSync(join(out, `${name}.png`), await pictureOf(size, { path, ...(before && { before }) }));
}

/** Views of a phone that belong together, beside each other in one picture. */
async function shootTogether(name: string, shots: readonly Shot[]): Promise<void> {
  const gap = 24;
  const pictures: Buffer[] = [];
  for (const shot of shots) pictures.push(await pictureOf(phone, shot));
  await sharp({
    create: {
      width: shots.length * (phone.width + gap) - gap,
      height: phone.height,
      channels: 3,
      background: '#ffffff',
    },
  })
    .composite(pictures.map((input, i) => ({ input, left: i * (phone.width + gap), top: 0 })))
    .png()
    .toFile(join(out, `${name}.png`));
}

const getJson = async (path: string) => (await fetch(origin + path, { headers: signed })).json();

try {
  const walkOf = async (search: string) =>
    (await getJson(`/api/cars?search=${search}`)).cars[0].walk.id as string;
  const done = await walkOf('tessel');
  const half = await walkOf('sarrow');
  const painted = await walkOf('BT-122');
  // A car that nobody walked: the demo has a film of it.
  const filmed = crypto.randomUUID();
  const [unwalked] = (await getJson('/api/cars?search=BT-098')).cars;
  const begun = { carId: unwalked.car.id, bodyStyle: unwalked.car.bodyStyle };
  await fetch(`${origin}/api/walks/${filmed}/entries`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', ...signed },
    body: JSON.stringify({
      entries: [
        {
          id: crypto.randomUUID(),
          walk: filmed,
          who: (await getJson('/api/me')).me.person,
          at: new Date().toISOString(),
          kind: 'walk-begun',
          body: begun,
        },
      ],
    }),
  });
  const report = (await getJson(`/api/walks/${done}`)).reports.at(-1).id as string;
  const share = await (
    await fetch(`${origin}/api/reports/${report}/shares`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', ...signed },
      body: '{"label":"Buyer overseas"}',
    })
  ).json();

  await shoot('stock-desk', desk, '/');
  await shoot('morning-desk', desk, '/morning', (page) =>
    page.getByRole('region', { name: 'Waiting for a trade' }).waitFor(),
  );
  await shoot('board-desk', desk, '/board', (page) =>
    page
      .getByText('Tomas, our own hands')
      .first()
      .evaluate((row) => row.scrollIntoView({ block: 'center' })),
  );
  await shoot('plan-desk', desk, `/walks/${painted}/plan`, (page) => page.waitForTimeout(2500));
  const board = await getJson('/api/board');
  const dents = board.tasks.find((task: { crew?: string }) => task.crew === 'dents');
  const damson = board.cars.find((car: { stockNumber: string }) => car.stockNumber === 'BT-151');
  const trade = await (
    await fetch(`${origin}/api/trade-links`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', ...signed },
      body: '{"crew":"dents","label":"The dent specialist","days":14}',
    })
  ).json();
  await shootTogether('work-phone', [
    { path: `/board/sheet/dents/${dents.from.day}` },
    {
      path: `/t/${trade.token}`,
      before: (page) =>
        page
          .getByRole('button', { name: /^Done: / })
          .first()
          .evaluate((it) => it.scrollIntoView({ block: 'end' })),
    },
    { path: `/walks/${damson.walk}/second-walk` },
  ]);
  const stepBack = async (page: Page) => {
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByRole('button', { name: 'Step-back lap' }).click();
    await page.waitForTimeout(400);
  };
  await shootTogether('walk-phone', [
    {
      path: `/walks/${half}`,
      before: (page) => page.getByRole('button', { name: 'Next stop' }).click({ clickCount: 4, delay: 120 }),
    },
    {
      path: `/walks/${done}`,
      before: async (page) => {
        await page.getByRole('button', { name: 'Walk on the other way' }).waitFor();
        await page.getByRole('button', { name: 'Walk on round the car' }).click();
        await page.locator('[data-part="door-fl"]').click();
        await page.getByRole('button', { name: /Dent/ }).first().click();
      },
    },
    { path: `/walks/${done}`, before: stepBack },
  ]);
  await shoot('walk-desk', desk, `/walks/${done}`);
  const hashOf = (name: string) =>
    createHash('sha256')
      .update(readFileSync(`demo/pictures/${name}.jpg`))
      .digest('hex');
  const choose = (name: string) => async (page: Page) => {
    await page.locator(`[data-frame="${hashOf(name)}"]`).click();
    await page.waitForTimeout(600);
  };
  await shoot('pictures-desk', desk, `/walks/${done}/pictures`, choose('hatch-bonnet-stone-chip-what'));
  await shootTogether('freeze-phone', [{ path: `/walks/${half}/report` }, { path: `/walks/${done}/kit` }]);
  await shootTogether('talk-phone', [
    {
      path: `/walks/${half}/talk`,
      before: async (page) => {
        await page.getByRole('button', { name: 'Watch a sample' }).click();
        // Long enough for the sample to have said several things.
        await page.waitForTimeout(9500);
      },
    },
    {
      path: `/walks/${filmed}/film`,
      before: async (page) => {
        await page
          .locator('main input[type=file]')
          .first()
          .setInputFiles(['demo/films/nim.mp4', 'demo/films/nim.vtt']);
        await page.locator('li[data-key]', { hasText: 'Dent' }).getByRole('button').first().click();
        await page.getByText('Looking for its pictures').waitFor({ state: 'hidden', timeout: 60_000 });
      },
    },
  ]);
  await shoot('report-desk', desk, `/reports/${report}`);
  await shootTogether('report-phone', [
    { path: share.path },
    {
      path: share.path,
      before: (page) =>
        page
          .getByRole('heading', { name: 'Across the bay' })
          .first()
          .evaluate((it) => it.scrollIntoView()),
    },
    {
      path: share.path,
      before: async (page) => {
        await page.locator('#stood summary').click();
        await page.locator('#stood').evaluate((it) => it.scrollIntoView());
      },
    },
  ]);
  const strip = async (page: Page) => {
    const label = page.locator('[data-face=left] text').filter({ hasText: /^11$/ }).first();
    await label.scrollIntoViewIfNeeded();
    await page.waitForTimeout(600);
    const box = await label.boundingBox();
    if (box) await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
    await page.getByText('Compare with the other side').click();
    await page.waitForTimeout(600);
  };
  await shootTogether('questions-phone', [
    {
      path: share.path,
      before: (page) =>
        page
          .getByRole('heading', { name: 'Questions and answers' })
          .evaluate((heading) => heading.scrollIntoView()),
    },
    { path: share.path, before: strip },
  ]);
  await shootTogether('arrival-phone', [
    { path: `${share.path}?arrival=1` },
    {
      path: `${share.path}?arrival=1`,
      before: async (page) => {
        await page.locator('summary').nth(1).click();
        const door = page.locator('#part-door-fl');
        await door.getByRole('button', { name: 'New or different' }).click();
        await door.evaluate((part) => part.scrollIntoView());
      },
    },
  ]);
  await shootTogether('readings-phone', [
    { path: `/walks/${done}/tyres?part=tyre-fr` },
    { path: `/walks/${done}/glass` },
  ]);
  await shoot('paint-desk', desk, `/walks/${painted}/paint?part=door-rr`, (page) =>
    page.waitForTimeout(1500),
  );
  await shoot('papers-desk', desk, `/walks/${done}/papers`, (page) => page.waitForTimeout(1200));
  await shootTogether('functions-phone', [
    {
      path: `/walks/${half}/functions`,
      before: async (page) => {
        await page.getByRole('button', { name: 'All work' }).first().click();
        await page.getByRole('listitem').getByRole('button', { name: 'A/C blows cold' }).click();
        await page.getByRole('button', { name: /^Begin/ }).click();
      },
    },
    {
      path: '/mornings',
      before: async (page) => {
        for (let i = 0; i < 3; i++)
          await page.getByRole('button', { name: /Started at once, level/ }).click();
      },
    },
    {
      path: '/practice',
      before: async (page) => {
        await page.mouse.click(155, 250);
        await page.getByLabel('Its kind').selectOption('etching');
        await page.getByRole('button', { name: 'That is all I see' }).click();
        await page.getByRole('region', { name: 'What was there' }).waitFor();
      },
    },
  ]);

  const pdf = join(dataDir, 'report.pdf');
  const printed = await fetch(`${origin}/api/reports/${report}/pdf?paper=a4`, { headers: signed });
  writeFileSync(pdf, Buffer.from(await printed.arrayBuffer()));
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
