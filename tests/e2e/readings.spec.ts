import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import type { Entry } from '#core/walk';
import { inventedPaintUm, writeGaugeLine } from '../../src/devices';
import type { RunningServer } from '../builders/runningServer';
import { beginWalk, type CarWanted } from './begin';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openEveryChapter, saved, sign } from './steps';

/** A car, a walk begun on it, and one of its reading screens. */
async function openReadings(
  page: Page,
  server: RunningServer,
  what: string,
  car: CarWanted = {},
): Promise<string> {
  const { walk } = await beginWalk(page, server, car);
  await page.goto(`${server.origin}/walks/${walk}/${what}`);
  await expect(page.getByRole('navigation', { name: 'Readings' })).toBeVisible();
  return walk;
}

const entriesOf = async (page: Page, server: RunningServer, walk: string): Promise<Entry[]> => {
  await saved(page);
  const { entries } = (await (await server.fetch(`/api/walks/${walk}`)).json()) as {
    entries: Entry[];
  };
  return entries;
};
const bodiesOf = <K extends Entry['kind']>(entries: readonly Entry[], kind: K) =>
  entries.flatMap((entry) =>
    entry.kind === kind ? [entry.body as Extract<Entry, { kind: K }>['body']] : [],
  );

const type = async (page: Page, label: string | RegExp, text: string) => {
  await page.getByLabel(label).fill(text);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
};

test(
  'tyres are read one-handed: a tap a third, and on to the next tyre',
  onlyAt('phone', 'one-handed is on a phone; both widths are looked at on the way'),
  async ({ page, server }) => {
    const walk = await openReadings(page, server, 'tyres');
    const key = (depth: number) => page.getByRole('button', { name: `${depth} mm`, exact: true });
    await expect(page.getByRole('heading', { name: 'Nearside front tyre (left)' }).first()).toBeVisible();
    await key(5).click();
    await expect(page.getByRole('button', { name: /^Centre/ })).toHaveAttribute('aria-pressed', 'true');
    await key(4).click();
    await page.getByRole('button', { name: '+½ to the reading just given' }).click();
    await key(2).click();
    await expect(page.getByRole('heading', { name: 'Nearside front tyre (left)' })).toHaveCount(0);
    await page.getByRole('button', { name: /^Whole/ }).click();
    await key(1).click();
    await page.getByRole('button', { name: 'Tyre before' }).click();
    await expect(page.getByText(/Do not drive until a qualified person/)).toBeVisible();
    await expect(page.getByText('One to replace now, one within the year; two not read')).toBeVisible();
    await cleanAtBothWidths(page);
    const treads = bodiesOf(await entriesOf(page, server, walk), 'tread-read');
    expect(treads.map(({ third, depth }) => [third, depth.lowMm])).toEqual([
      ['outer', 5],
      ['centre', 4],
      ['centre', 4.5],
      ['inner', 2],
      [undefined, 1],
    ]);
  },
);

test(
  'what cannot be meant of a tyre is told in plain words and stores nothing',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, server }) => {
    const walk = await openReadings(page, server, 'tyres');
    const alert = page.getByRole('alert');
    for (const [text, says] of [
      ['17', /more than 16.7 mm/],
      ['-1', /cannot be less than 0/],
      ['deep', /not a depth/],
      ['', /Type a depth/],
    ] as const) {
      await type(page, /Or type it/, text);
      await expect(alert).toHaveText(says);
      await expect(page.getByLabel(/Or type it/)).toHaveValue(text);
    }
    for (const text of ['4-5', '5/32', '3.5 mm']) {
      await type(page, /Or type it/, text);
      await expect(page.getByLabel(/Or type it/)).toHaveValue('');
    }
    await page.getByLabel('Size', { exact: true }).fill('big ones');
    await page.getByLabel('Week and year of make').fill('5421');
    await page.keyboard.press('Tab');
    await expect(page.getByText(/not a tyre size Zelk can read/)).toBeVisible();
    await expect(page.getByText(/the week, 01 to 53/)).toBeVisible();
    await expect(page.getByLabel('Size', { exact: true })).toHaveValue('big ones');
    await page.getByLabel('Size', { exact: true }).fill('225/45R17 94W');
    await expect(page.getByText('225 mm wide, 634 mm across, 670 kg, 270 km/h')).toBeVisible();
    await page.getByLabel('Week and year of make').fill('2321');
    await page.getByLabel('Brand').fill('Ortal');
    await page.keyboard.press('Tab');
    await page.getByRole('button', { name: 'Cracks', exact: true }).click();
    const entries = await entriesOf(page, server, walk);
    expect(bodiesOf(entries, 'tread-read').map(({ depth }) => [depth.lowMm, depth.highMm])).toEqual([
      [4, 5],
      [3.9688, 3.9688],
      [3.5, 3.5],
    ]);
    expect(bodiesOf(entries, 'tyre-described')).toMatchObject([
      { size: '225/45R17 94W' },
      { made: { week: 23, year: 2021 } },
      { brand: 'Ortal' },
      { flags: ['cracks'] },
    ]);
  },
);

test(
  'in the US tread is in 32nds and paint in mil',
  onlyAt('phone', 'units do not depend on the width'),
  async ({ page, server }) => {
    const walk = await openReadings(page, server, 'tyres', { country: 'US' });
    await page.getByRole('button', { name: '5 32nds' }).click();
    await expect(page.getByRole('button', { name: /^Center/ })).toBeVisible();
    await expect(page.getByText(/Limit: 2\/32 in/).first()).toBeVisible();
    await page.goto(`${server.origin}/walks/${walk}/paint`);
    await type(page, /Or type readings, mil/, '5 5.5 4.5');
    await expect(page.getByRole('status').filter({ hasText: 'Stepped on' })).toContainText('5.0, 5.5, 4.5');
    const entries = await entriesOf(page, server, walk);
    expect(bodiesOf(entries, 'paint-read')).toMatchObject([{ um: [127, 139.7, 114.3], source: 'typed' }]);
    expect(bodiesOf(entries, 'tread-read')[0]?.depth.lowMm).toBeCloseTo((5 * 25.4) / 32, 3);
  },
);

test(
  'paint is typed panel by panel; plastic refuses and says why; what was read twice is seen',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server }) => {
    const walk = await openReadings(page, server, 'paint');
    const panel = (name: string) =>
      page.getByRole('listitem').getByRole('button', { name: new RegExp(`^${name}`) });
    await panel('Bonnet').click();
    await type(page, /Or type readings/, '118 122 115');
    // Three were asked for: it steps on as with a gauge, says so, and puts them elsewhere where the hand was elsewhere.
    const stepped = page.getByRole('status').filter({ hasText: 'Stepped on' });
    await expect(stepped).toContainText('Bonnet: 118, 122, 115');
    await stepped.getByLabel('Move these to another panel').selectOption({ label: 'Roof' });
    await expect(panel('Roof')).toHaveAccessibleName(/3 readings/);
    await expect(panel('Bonnet')).toHaveAccessibleName(/not read/);
    await panel('Roof').click();
    await page.getByRole('button', { name: 'Take back the last readings' }).click();
    await panel('Bonnet').click();
    await type(page, /Or type readings/, '118 122 115');
    await panel('Front bumper').click();
    await expect(
      page.getByText(/Front bumper is plastic: a gauge reads over steel and aluminium only/),
    ).toBeVisible();
    await type(page, /Or type readings/, '118');
    await expect(page.getByRole('alert')).toHaveText(/Nothing was stored/);
    for (const [text, says] of [
      ['0', /more than 0/],
      ['118 5', /some like mil/],
      ['thick', /cannot read that/],
    ] as const) {
      await panel('Roof').click();
      await type(page, /Or type readings/, text);
      await expect(page.getByRole('alert')).toHaveText(says);
    }
    await type(page, /Or type readings/, '120 121 119');
    await expect(panel('Roof')).toHaveAccessibleName(/3 readings/);
    await panel('Bonnet').click();
    // A tap on the panel in hand says where on it the probe is.
    await page.locator('[data-part="bonnet"]').click({ force: true });
    await type(page, /Or type readings/, '117');
    await expect(panel('Bonnet')).toHaveAccessibleName(/4 readings, read twice/);
    await expect(panel('Tailgate')).toHaveAccessibleName(/not read/);
    await page.getByRole('button', { name: 'Take back the last readings' }).click();
    await expect(panel('Bonnet')).toHaveAccessibleName(/3 readings/);
    await cleanAtBothWidths(page);
    const read = bodiesOf(await entriesOf(page, server, walk), 'paint-read');
    expect(read.map(({ part }) => part)).toEqual(['bonnet', 'roof', 'bonnet', 'roof', 'bonnet']);
    expect(read.map(({ spot }) => spot !== undefined)).toEqual([false, false, false, false, true]);
    // What a gauge has begun is asked for.
    await page.getByRole('link', { name: 'Back to the walk' }).click();
    await page.getByRole('button', { name: /parts left/ }).click();
    await expect(page.getByRole('heading', { name: /Paint depth to read \(\d+\)/ })).toBeVisible();
  },
);

test(
  'the practice gauge steps on after three readings, all along the route',
  onlyAt('phone', 'a gauge is held beside the phone'),
  async ({ page, server }) => {
    const walk = await openReadings(page, server, 'paint');
    await page.getByRole('button', { name: 'Practice gauge' }).click();
    await expect(page.getByText('Practice gauge: invented values')).toBeVisible();
    for (let i = 0; i < 7; i++) await page.getByRole('button', { name: 'Press the probe' }).click();
    const counts = async () => {
      const read = bodiesOf(await entriesOf(page, server, walk), 'paint-read');
      expect(read.every(({ source }) => source === 'practice')).toBe(true);
      const byPart = new Map<string, number>();
      for (const { part, um } of read) byPart.set(part, (byPart.get(part) ?? 0) + um.length);
      return [...byPart.values()];
    };
    await expect.poll(counts).toEqual([3, 3, 1]);
  },
);

test(
  '20 readings a second for a minute: none lost, none on the wrong part',
  onlyAt('phone', 'a gauge is held beside the phone'),
  async ({ page, server }) => {
    // The page's clock is turned by hand: a minute of readings passes as fast as the page takes them. It begins in the past, since the server
    // takes no entries from the future.
    await page.clock.install({ time: Date.now() - 120_000 });
    const walk = await openReadings(page, server, 'paint');
    const { car } = (await (await server.fetch(`/api/walks/${walk}`)).json()) as {
      car: { id: string };
    };
    const panels = page.getByRole('listitem').getByRole('button', { pressed: false });
    await page.getByRole('button', { name: 'Practice gauge' }).click();
    // Readings go on landing while the person walks on by hand.
    await page.getByRole('button', { name: 'after 3', exact: true }).click();
    await page.getByLabel('By itself').selectOption('20');
    const readable = panels.filter({ hasNotText: 'not metal' });
    for (let passedMs = 0; passedMs < 60_000; passedMs += 750) {
      // No finger is tested here, only where a reading goes: nothing waits for frames, which a busy machine may not draw beside a turned clock.
      await readable.nth((passedMs / 750) % 9).dispatchEvent('click');
      await page.clock.runFor(750);
    }
    await page.getByLabel('By itself').selectOption('0');
    await page.clock.resume();
    const read = bodiesOf(await entriesOf(page, server, walk), 'paint-read');
    const byPart = new Map<string, number[]>();
    for (const { part, um } of read) byPart.set(part, [...(byPart.get(part) ?? []), ...um]);
    const all = [...byPart.values()].flat();
    expect(all.length).toBeGreaterThanOrEqual(1180);
    expect(byPart.size).toBeGreaterThan(5);
    // The stand-in's values follow from the part it is held to and how often it was pressed there: a lost or misplaced one shows.
    for (const [part, um] of byPart)
      expect(um, part).toEqual(
        um.map((_, i) => Math.round(Number(inventedPaintUm(car.id, part, i).toFixed(1)) * 10) / 10),
      );
  },
);

/** A serial port whose other end is held here, in the page. */
const plugIn = (page: Page) =>
  page.addInitScript(() => {
    const held = window as unknown as { send: (text: string) => void; pull: () => void };
    const port = {
      open: async () => undefined,
      close: async () => undefined,
      readable: new ReadableStream({
        start: (controller) => {
          held.send = (text) => controller.enqueue(new TextEncoder().encode(text));
          held.pull = () => controller.error(new Error('pulled'));
        },
      }),
    };
    Object.defineProperty(navigator, 'serial', { value: { requestPort: async () => port } });
  });

test(
  'a gauge on a cable: noise, a lost line and a pulled cable are told, and nothing wrong is stored',
  onlyAt('phone', 'a gauge is held beside the phone'),
  async ({ page, server }) => {
    await plugIn(page);
    const walk = await openReadings(page, server, 'paint');
    const send = (text: string) =>
      page.evaluate((line) => (window as unknown as { send: (text: string) => void }).send(line), text);
    const paint = (sequence: number, um: number) =>
      writeGaugeLine({ says: 'paint', sequence, um, base: 'steel' });
    await page.getByRole('button', { name: 'Connect gauge' }).click();
    await expect(page.getByText('Gauge connected')).toBeVisible();
    await send(paint(1, 118.4));
    await expect(page.getByRole('listitem').filter({ hasText: /^118$/ })).toBeVisible();
    await send('ZG1 2 PAINT 9\u00ff#\r\n');
    await expect(page.getByRole('alert')).toHaveText(/cannot be read. Nothing was taken/);
    await send(paint(5, 121));
    await expect(page.getByRole('listitem').filter({ hasText: /^121$/ })).toBeVisible();
    await send(writeGaugeLine({ says: 'no-metal', sequence: 6 }));
    await expect(page.getByRole('alert')).toHaveText(/finds no metal/);
    await page.evaluate(() => (window as unknown as { pull: () => void }).pull());
    await expect(page.getByRole('alert')).toHaveText(/The gauge is gone. What was read is kept/);
    const read = bodiesOf(await entriesOf(page, server, walk), 'paint-read');
    expect(read.flatMap(({ um }) => um)).toEqual([118.4, 121]);
    expect(new Set(read.map(({ source }) => source))).toEqual(new Set(['gauge']));
  },
);

test(
  'treads that come in one breath land on one third after another, and on the next tyre',
  onlyAt('phone', 'a gauge is held beside the phone'),
  async ({ page, server }) => {
    await plugIn(page);
    const walk = await openReadings(page, server, 'tyres');
    await page.getByRole('button', { name: 'Connect gauge' }).click();
    await expect(page.getByText('Gauge connected')).toBeVisible();
    const lines = [5, 4.5, 4, 6]
      .map((mm, sequence) => writeGaugeLine({ says: 'tread', sequence, mm }))
      .join('');
    await page.evaluate((text) => (window as unknown as { send: (text: string) => void }).send(text), lines);
    await expect(page.getByRole('button', { name: /^Centre/ })).toHaveAttribute('aria-pressed', 'true');
    const treads = bodiesOf(await entriesOf(page, server, walk), 'tread-read');
    expect(treads.map(({ third, depth }) => [third, depth.lowMm])).toEqual([
      ['outer', 5],
      ['centre', 4.5],
      ['inner', 4],
      ['outer', 6],
    ]);
    expect(new Set(treads.map(({ part }) => part)).size).toBe(2);
    expect(treads.every(({ source }) => source === 'gauge')).toBe(true);
  },
);

test(
  'a chip and a crack are placed on the screen, judged by zone, and all readings are in the report',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server }) => {
    const walk = await openReadings(page, server, 'glass');
    const map = page.getByRole('img', { name: /^The screen from outside/ });
    const box = await map.boundingBox();
    if (!box) throw new Error('no screen');
    // A right-hand-drive car: the driver's band is on the left as seen from outside.
    await map.click({ position: { x: box.width * 0.26, y: box.height * 0.5 } });
    await page.getByRole('button', { name: '12 mm', exact: true }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(
      page.getByText('12 mm in the band before the driver: over the 10 mm allowed there'),
    ).toBeVisible();
    await map.click({ position: { x: box.width * 0.72, y: box.height * 0.6 } });
    await page.getByRole('button', { name: 'Crack', exact: true }).click();
    await page.getByRole('button', { name: '25 mm', exact: true }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByText('25 mm in the swept area: within the 40 mm allowed there')).toBeVisible();
    await page.getByText('Size, band and rule of this screen').click();
    await page.getByLabel('Driver’s band, width, mm').fill('5000');
    await page.getByRole('button', { name: 'Save for this car' }).click();
    await expect(page.getByText('Type 50 to 1000.')).toBeVisible();
    await page.getByLabel('Driver’s band, width, mm').fill('300');
    await page.getByLabel('Rule', { exact: true }).selectOption('own');
    await page.getByLabel('Largest elsewhere swept, mm').fill('20');
    await page.getByRole('button', { name: 'Save for this car' }).click();
    await expect(page.getByText('25 mm in the swept area: over the 20 mm allowed there')).toBeVisible();
    await cleanAtBothWidths(page);

    const now = Date.now();
    const facts = [
      { kind: 'tread-read', body: { part: 'tyre-fl', depth: { lowMm: 1.2, highMm: 1.2 }, unit: 'mm' } },
      { kind: 'tyre-described', body: { part: 'tyre-fl', brand: 'Ortal' } },
      ...['bonnet', 'roof', 'tailgate', 'wing-fl', 'wing-fr'].map((part, i) => ({
        kind: 'paint-read',
        body: { part, um: i === 4 ? [240, 250, 245] : [118, 120, 122], source: 'gauge' },
      })),
    ];
    await saved(page);
    const { entries } = (await (await server.fetch(`/api/walks/${walk}`)).json()) as {
      entries: Entry[];
    };
    await server.post(`/api/walks/${walk}/entries`, {
      entries: facts.map((fact, i) => ({
        ...fact,
        id: crypto.randomUUID(),
        walk,
        who: entries[0]?.who,
        at: new Date(now + i).toISOString(),
      })),
    });
    await page.goto(`${server.origin}/walks/${walk}/report`);
    await sign(page);
    await page.waitForURL(/\/reports\//);
    await openEveryChapter(page);
    await expect(page.getByRole('heading', { name: 'Paint depth' })).toBeVisible();
    await expect(page.getByText(/Thicker than the rest: likely painted again/)).toBeVisible();
    await expect(page.getByText('Replace now', { exact: true })).toBeVisible();
    await expect(page.getByText('1.2 mm left, under the limit of 1.6 mm.', { exact: true })).toBeVisible();
    // What stops the drive is said first.
    await expect(page.getByText(/^Not to be driven until .*1.2 mm left/)).toBeVisible();
    await expect(page.getByRole('img', { name: /^The screen from outside: finding 1, 12 mm/ })).toBeVisible();
    await expect(page.getByText(/Tread depth, offside front tyre/)).toBeVisible();
    await cleanAtBothWidths(page);

    const report = page.url().split('/').at(-1);
    const pdf = await server.fetch(`/api/reports/${report}/pdf`);
    const path = join(mkdtempSync(join(tmpdir(), 'zelk-pdf-')), 'report.pdf');
    writeFileSync(path, Buffer.from(await pdf.arrayBuffer()));
    const text = execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' }).replace(/\s+/g, ' ');
    for (const says of [
      'Tyres',
      '1.2 mm',
      'Replace now',
      'Paint depth',
      '245 µm',
      'likely painted',
      'The screen, from outside',
    ])
      expect(text).toContain(says);
  },
);
