import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import type { WalkPage } from '#core/api';
import { replay } from '#core/walk';
import type { Truth } from '../../demo/picture-maker/truth';
import { idOf } from '../builders/entries';
import type { RunningServer } from '../builders/runningServer';
import { NELL } from './begin';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { goTo, openYard, saved, tapPart } from './steps';
import { hatchPictures, walkTimedBy } from './timedWalk';

const stateOf = async (server: RunningServer, walk: string) => {
  const page = (await (await server.fetch(`/api/walks/${walk}`)).json()) as WalkPage;
  return replay(walk, page.entries);
};
const hashOf = (path: string) => createHash('sha256').update(readFileSync(path)).digest('hex');
const truthOf = (path: string) => JSON.parse(readFileSync(path.replace(/jpg$/, 'json'), 'utf8')) as Truth;

test(
  'dozens of pictures come in from a folder, find their places by time, and are put right by hand',
  onlyAt('desk', 'folders are dropped at desks; the screen’s look is tested at both widths below'),
  async ({ page, server }) => {
    const pictures = await hatchPictures();
    const walk = await walkTimedBy(server, pictures);
    await openYard(page, server);
    await page.goto(`${server.origin}/walks/${walk}/pictures`);
    await expect(page.getByText(/No pictures yet/)).toBeVisible();
    await page.getByTestId('bring').setInputFiles([...pictures.map(({ path }) => path), 'README.md']);
    await expect(page.getByRole('status').filter({ hasText: /of \d+/ })).toBeVisible();
    await expect(page.getByText('README.md is no JPEG, PNG or WebP; it was left out.')).toBeVisible();
    await expect(page.getByRole('button', { name: `Accept all ${pictures.length}` })).toBeVisible({
      timeout: 90_000,
    });

    // The same folder once more changes nothing.
    await page.getByTestId('bring').setInputFiles(pictures.slice(0, 5).map(({ path }) => path));
    await expect(page.getByText('5 were here already.')).toBeVisible();

    await page.getByRole('button', { name: `Accept all ${pictures.length}` }).click();
    await saved(page);
    const placed = await stateOf(server, walk);
    const right = pictures.filter(({ path, part }) => {
      const photo = placed.photos.find(({ sha256 }) => sha256 === hashOf(path));
      return part === null ? photo?.role === 'whole-car' : photo?.part === part;
    });
    expect(right.length / pictures.length).toBeGreaterThan(0.95);
    // The close-up of the dent is its finding's, the one before it shows where.
    const dent = (name: string) =>
      placed.photos.find(({ sha256 }) => sha256 === hashOf(`demo/pictures/hatch-door-fl-dent-${name}.jpg`));
    expect(dent('where')).toMatchObject({ role: 'where', finding: idOf(0xf001) });
    expect(dent('what')).toMatchObject({ role: 'what', finding: idOf(0xf001) });

    // By keyboard: on along the strip, then said beside it.
    const frames = page.locator('[data-frame]');
    await frames.nth(2).focus();
    await page.keyboard.press('ArrowRight');
    await expect(frames.nth(3)).toBeFocused();
    await expect(frames.nth(3)).toHaveAttribute('aria-pressed', 'true');
    await page.getByLabel('It shows').selectOption({ label: 'where it is' });
    await page.getByLabel('Part', { exact: true }).selectOption({ label: 'Roof' });
    await expect(frames.filter({ hasText: 'Roof' }).first()).toBeVisible();
    const moved = await page.locator('[data-frame][aria-pressed=true]').getAttribute('data-frame');
    await saved(page);
    expect((await stateOf(server, walk)).photos.filter(({ sha256 }) => sha256 === moved)).toMatchObject([
      { part: 'roof', role: 'where' },
    ]);

    // One is set aside, one made the cover.
    await page.getByRole('button', { name: 'Make it the cover' }).click();
    await expect(page.getByRole('button', { name: 'Is the cover' })).toBeVisible();
    await frames.nth(0).click();
    const gone = await frames.nth(0).getAttribute('data-frame');
    await page.getByRole('button', { name: 'Set aside' }).click();
    await expect(page.locator(`[data-frame="${gone}"]`)).toHaveCount(0);
    await saved(page);
    const end = await stateOf(server, walk);
    expect(end.cover).toBe(moved);
    expect(end.photos).toHaveLength(pictures.length - 1);
  },
);

test(
  'a picture is dragged onto its part',
  onlyAt('desk', 'a phone has no pictures beside the map to drag'),
  async ({ page, server }) => {
    const pictures = (await hatchPictures()).slice(0, 12);
    const walk = await walkTimedBy(server, pictures.concat(await doorPictures()));
    await openYard(page, server);
    await page.goto(`${server.origin}/walks/${walk}/pictures`);
    await page.getByTestId('bring').setInputFiles(['demo/pictures/hatch-roof-swirls-where.jpg']);
    const frame = page.locator('[data-frame]').first();
    await expect(frame).toBeVisible();
    const [target, from] = [
      await page.locator('[data-part="door-rl"]').boundingBox(),
      await frame.boundingBox(),
    ];
    if (!target || !from) throw new Error('Nothing to drag.');
    await page.mouse.move(from.x + 40, from.y + 40);
    await page.mouse.down();
    await page.mouse.move(from.x + 80, from.y - 40, { steps: 5 });
    await page.mouse.move(target.x + target.width / 2, target.y + target.height / 2, { steps: 8 });
    await page.mouse.up();
    await expect(frame).not.toHaveAccessibleName(/waiting/);
    await saved(page);
    expect((await stateOf(server, walk)).photos).toMatchObject([{ part: 'door-rl', role: 'where' }]);
  },
);

const doorPictures = async () => (await hatchPictures()).filter(({ part }) => part === 'door-fl');

test(
  'a camera whose clock is off is set right by one picture',
  onlyAt('desk', 'folders are dropped at desks'),
  async ({ page, server }) => {
    const pictures = (await hatchPictures()).filter(({ part }) => part === 'bonnet' || part === 'door-fl');
    // The walk was three days later than the camera thinks.
    const late = pictures.map((picture) => ({
      ...picture,
      takenMs: picture.takenMs + 3 * 86_400_000 + 1_234_000,
    }));
    const walk = await walkTimedBy(server, late);
    await openYard(page, server);
    await page.goto(`${server.origin}/walks/${walk}/pictures`);
    await page.getByTestId('bring').setInputFiles(pictures.map(({ path }) => path));
    await expect(page.locator('[data-frame]')).toHaveCount(pictures.length);
    await expect(page.getByRole('button', { name: /Accept all/ })).toHaveCount(0);
    await expect(page.getByText(/it was not taken during this walk/)).toBeVisible();
    await page.getByText('The camera’s clock is off').click();
    await page.getByLabel('It was taken at').selectOption({ index: 1 });
    await page.getByRole('button', { name: 'Set the camera’s clock' }).click();
    await page.getByRole('button', { name: `Accept all ${pictures.length}` }).click();
    await saved(page);
    const { photos } = await stateOf(server, walk);
    const right = pictures.filter(
      ({ path, part }) => photos.find(({ sha256 }) => sha256 === hashOf(path))?.part === part,
    );
    expect(right.length / pictures.length).toBeGreaterThan(0.8);
  },
);

/** Puts one picture of the dented door onto a walk, and opens it. */
async function openPicture(
  page: import('@playwright/test').Page,
  server: RunningServer,
  path: string,
): Promise<string> {
  const walk = await walkTimedBy(server, await doorPictures());
  const bytes = readFileSync(path);
  await server.fetch(`/api/photos/${hashOf(path)}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'image/jpeg' },
    body: new Uint8Array(bytes),
  });
  await server.post(`/api/walks/${walk}/entries`, {
    entries: [
      {
        id: crypto.randomUUID(),
        walk,
        who: NELL,
        at: new Date().toISOString(),
        kind: 'photo-attached',
        body: { photo: hashOf(path), role: 'what', part: 'door-fl', finding: idOf(0xf001) },
      },
    ],
  });
  await openYard(page, server);
  await page.goto(`${server.origin}/walks/${walk}/pictures/${hashOf(path)}`);
  await expect(page.getByTestId('stage').locator('image')).toBeVisible();
  return walk;
}

/** Where a pixel of the upright picture lies on the screen. */
async function onScreen(page: import('@playwright/test').Page, [x, y]: readonly [number, number]) {
  const stage = page.getByTestId('stage');
  const box = await stage.boundingBox();
  const [zoom, left, top] = await Promise.all(
    ['zoom', 'left', 'top'].map(async (name) => Number(await stage.getAttribute(`data-${name}`))),
  );
  if (!box) throw new Error('There is no stage.');
  return {
    x: box.x + (left as number) + x * (zoom as number),
    y: box.y + (top as number) + y * (zoom as number),
  };
}

test('marks are drawn, something is hidden, and what a buyer gets has it painted over', async ({
  page,
  server,
  browser,
}) => {
  const path = 'demo/pictures/hatch-door-fl-dent-what.jpg';
  const walk = await openPicture(page, server, path);
  const drag = async (from: readonly [number, number], to: readonly [number, number]) => {
    const [a, b] = [await onScreen(page, from), await onScreen(page, to)];
    await page.mouse.move(a.x, a.y);
    await page.mouse.down();
    await page.mouse.move(b.x, b.y, { steps: 6 });
    await page.mouse.up();
  };
  await page.getByRole('button', { name: 'Ring' }).click();
  await drag([563, 502], [700, 502]);
  await expect(page.getByText(/1 marked\./)).toBeVisible();
  await page.getByRole('button', { name: 'Words' }).click();
  await page.getByLabel('Words', { exact: true }).fill('no crease');
  await drag([200, 200], [200, 200]);
  await expect(page.getByText(/2 marked\./)).toBeVisible();
  await page.getByRole('button', { name: 'Arrow' }).click();
  await drag([900, 300], [720, 420]);
  await page.getByRole('button', { name: 'Take the last mark off' }).click();
  await expect(page.getByText(/2 marked\./)).toBeVisible();

  await page.getByRole('button', { name: 'Hide', exact: true }).click();
  await expect(page.getByText(/Nobody has said yet/)).toBeVisible();
  await page.getByLabel('The next box hides').selectOption({ label: 'someone reflected in the paint' });
  await drag([900, 600], [1200, 900]);
  await expect(page.getByText('Hidden: someone reflected in the paint.')).toBeVisible();

  await page.getByRole('button', { name: 'Spot', exact: true }).click();
  await page.getByRole('button', { name: /Finding 1/ }).click();
  await drag([400, 800], [400, 800]);
  await expect(page.getByRole('button', { name: 'Take the spot of finding 1 off' })).toBeVisible();

  await page.getByRole('button', { name: 'Look', exact: true }).click();
  await page.getByLabel('Caption of your own').fill('Dent seen against the light');
  await page.keyboard.press('Tab');
  // With the server, not only no longer waiting: a report is frozen of what is there.
  await expect
    .poll(async () => [...(await stateOf(server, walk)).pictures.values()].map(({ caption }) => caption))
    .toContain('Dent seen against the light');

  const report = await (await server.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() })).json();
  const share = await (await server.post(`/api/reports/${report.id}/shares`, { label: '' })).json();
  const buyer = await browser.newPage();
  await buyer.goto(`${server.origin}${share.path}`);
  await expect(buyer.getByText('Dent seen against the light').first()).toBeVisible();
  const bytes = Buffer.from(
    await (
      await fetch(`${server.origin}/api/shared/${share.token}/photos/${hashOf(path)}/1600`)
    ).arrayBuffer(),
  );
  const { data, info } = await sharp(bytes).raw().toBuffer({ resolveWithObject: true });
  const at = (x: number, y: number) => [
    ...data.subarray((y * info.width + x) * 3, (y * info.width + x) * 3 + 3),
  ];
  // One look at the pixel farthest from the paint: an assertion a pixel takes minutes.
  const paint = [0x14, 0x18, 0x1c];
  let [looked, farthest] = [0, 0];
  for (let y = 608; y < 892; y += 3)
    for (let x = 908; x < 1192; x += 3, looked++)
      for (const [i, value] of at(x, y).entries())
        farthest = Math.max(farthest, Math.abs(value - (paint[i] as number)));
  expect(looked).toBe(95 * 95);
  expect(farthest).toBeLessThanOrEqual(3);
  const [red, , blue] = at(563 + 137, 502) as [number, number, number];
  expect(red).toBeGreaterThan(200);
  expect(blue).toBeLessThan(120);

  // Hidden after freezing: a reader who comes back asks for another picture, and is told.
  const shown = () =>
    buyer.getByRole('img', { name: 'Dent seen against the light' }).first().getAttribute('src');
  const before = await shown();
  await page.getByRole('button', { name: 'Hide', exact: true }).click();
  await drag([300, 600], [500, 900]);
  await expect(page.getByText(/Hidden: .*, someone reflected in the paint\./)).toBeVisible();
  await saved(page);
  await buyer.reload();
  await expect(buyer.getByText(/^Part of photo 1 was made unrecognisable on /)).toBeVisible();
  expect(await shown()).not.toBe(before);
  await page.getByRole('button', { name: 'Withdraw the whole photo' }).click();
  await page.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(page.getByText(/^Withdrawn on /)).toBeVisible();
  await saved(page);
  await buyer.reload();
  await expect(buyer.getByText(/^Photo 1 was withdrawn on /)).toBeVisible();
  await expect(buyer.getByText('Withdrawn by the yard.').first()).toBeVisible();
  await buyer.close();
});

test(
  'a fault is measured by the card beside it, near to its true size, and the size goes to the finding',
  onlyAt('phone', 'the stage is the same at both widths; marking has both'),
  async ({ page, server }) => {
    const path = 'demo/pictures/hatch-tailgate-scratch-what.jpg';
    const walk = await openPicture(page, server, path);
    const truth = truthOf(path);
    const outline = truth.scale?.pixels as readonly (readonly [number, number])[];
    await page.getByRole('button', { name: 'Measure' }).click();
    await expect(page.getByText('Tap the corners of the card: 4 to go.')).toBeVisible();
    const tap = async (place: readonly [number, number]) => {
      const { x, y } = await onScreen(page, place);
      await page.mouse.move(x, y);
      await page.mouse.down();
      await page.mouse.up();
    };
    // Its round corners, some pixels off, as a finger taps them.
    const corners = [0, 1, 2, 3].map((n) => {
      const [sx, sy] = [
        [-1, -1],
        [1, -1],
        [1, 1],
        [-1, 1],
      ][n] as [number, number];
      return outline.toSorted((p, q) => q[0] * sx + q[1] * sy - (p[0] * sx + p[1] * sy))[0] as readonly [
        number,
        number,
      ];
    });
    for (const [i, [x, y]] of corners.entries()) await tap([x + (i % 2 ? 4 : -3), y + (i > 1 ? 3 : -4)]);
    await expect(page.getByText(/moved onto the card’s edges/)).toBeVisible();
    // The long side of the card itself, whose length is known.
    await tap(corners[3] as readonly [number, number]);
    await expect(page.getByTestId('measured')).toHaveCount(0);
    await page.getByRole('button', { name: 'Start over' }).click();
    for (const [x, y] of corners) await tap([x, y]);
    await expect(page.getByText(/moved onto the card’s edges/)).toBeVisible();
    // Two places in the plane of the panel, 60 mm apart by the scene's own geometry.
    const h = truth.plane.homography as [number[], number[], number[]];
    const seen = (mm: readonly [number, number]): readonly [number, number] => {
      const [x, y, w] = h.map(
        (row) => (row[0] as number) * mm[0] + (row[1] as number) * mm[1] + (row[2] as number),
      ) as [number, number, number];
      return [x / w, y / w];
    };
    await tap(seen([-30, 12]));
    await tap(seen([30, 12]));
    const said = await page.getByTestId('measured').textContent();
    const [, value, within] = /([\d.]+) mm ± ([\d.]+)/.exec(said ?? '') ?? [];
    expect(Number(value)).toBeGreaterThan(57);
    expect(Number(value)).toBeLessThan(63);
    expect(Number(within)).toBeGreaterThan(0.1);
    expect(Number(within)).toBeLessThan(8);
    // An arrow key moves the last point by a pixel of the screen: the figure follows.
    await page.keyboard.press('ArrowRight');
    await expect(page.getByTestId('measured')).not.toHaveText(said ?? '');
    await page.getByRole('button', { name: 'Take as its size' }).click();
    await expect(page.getByRole('button', { name: 'Taken as its size' })).toBeVisible();
    await saved(page);
    const [finding] = (await stateOf(server, walk)).findings;
    expect(finding?.details.lengthMm).toBeGreaterThan(57);
    expect(finding?.measured).toMatchObject({ photo: hashOf(path), of: 'length' });
  },
);

test.describe('the viewfinder', () => {
  test.use({ permissions: ['camera'] });

  test(
    'shows part and side over the picture, and takes shot after shot',
    onlyAt('phone', 'a viewfinder is held in the hand'),
    async ({ page, beginWalk }) => {
      await beginWalk();
      await goTo(page, 'door-fl', 'Nearside front door (left)');
      await page.getByRole('button', { name: 'Photo', exact: true }).click();
      await page.getByRole('button', { name: 'Many' }).click();
      const finder = page.getByRole('dialog');
      await expect(finder.getByRole('heading', { name: /Nearside front door \(left\)/ })).toBeVisible();
      await expect(finder.getByText('left', { exact: true })).toBeVisible();
      const shutter = finder.getByRole('button', { name: 'Take the picture' });
      await expect(shutter).toBeEnabled();
      for (let i = 1; i <= 3; i++) {
        await shutter.click();
        await expect(finder.getByText(`${i} shot${i > 1 ? 's' : ''}`)).toBeVisible();
      }
      await finder.getByRole('button', { name: 'Done' }).click();
      await expect(page.getByRole('img', { name: 'where it is' })).toHaveCount(3);
      await saved(page);
    },
  );
});

test(
  'a camera that is refused says what to do instead',
  onlyAt('phone', 'a viewfinder is held in the hand'),
  async ({ page, beginWalk, context }) => {
    await context.clearPermissions();
    await page.addInitScript(() => {
      navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', 'NotAllowedError'));
    });
    await beginWalk();
    await page.getByRole('button', { name: 'Photo', exact: true }).click();
    await page.getByRole('button', { name: 'Many' }).click();
    await expect(page.getByRole('alert')).toContainText('The camera was refused.');
    await expect(page.getByRole('button', { name: 'Take the picture' })).toBeDisabled();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByTestId('photo-file')).toBeAttached();
  },
);

test(
  'a soft photo is noticed at once, and taken again on a tap',
  onlyAt('phone', 'photos are taken with the phone'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await page.getByRole('button', { name: 'Photo', exact: true }).click();
    const soft = await sharp('demo/pictures/hatch-whole-1.jpg').blur(5).jpeg().toBuffer();
    await page
      .getByTestId('photo-file')
      .setInputFiles({ name: 'soft.jpg', mimeType: 'image/jpeg', buffer: soft });
    await expect(page.getByText('Soft: take it again?')).toBeVisible();
    await page.getByRole('button', { name: 'Take it again' }).click();
    await expect(page.getByRole('img', { name: 'where it is' })).toHaveCount(0);
    await page.getByTestId('photo-file').setInputFiles('demo/pictures/hatch-whole-1.jpg');
    await expect(page.getByRole('img', { name: 'where it is' })).toBeVisible();
    await expect(page.getByText(/take it again/)).toHaveCount(0);
    // The same view, smaller: a copy.
    const copy = await sharp('demo/pictures/hatch-whole-1.jpg').resize(900).jpeg({ quality: 60 }).toBuffer();
    await page
      .getByTestId('photo-file')
      .setInputFiles({ name: 'copy.jpg', mimeType: 'image/jpeg', buffer: copy });
    await expect(page.getByText('Looks like a photo taken before.')).toBeVisible();
    await page.getByRole('button', { name: 'Take it off' }).click();
    await expect(page.getByRole('img', { name: 'where it is' })).toHaveCount(1);
  },
);

test('the screens of pictures are free of axe findings and never scroll sideways', async ({
  page,
  server,
}) => {
  const path = 'demo/pictures/hatch-door-fl-dent-what.jpg';
  await openPicture(page, server, path);
  const check = async () => {
    await noAxeFindings(page);
    await fitsSideways(page);
  };
  await check();
  for (const tool of ['Ring', 'Words', 'Hide', 'Spot', 'Measure']) {
    await page.getByRole('button', { name: tool, exact: true }).click();
    await check();
  }
  await page.getByRole('link', { name: 'Back to the pictures' }).click();
  await expect(page.locator('[data-frame]')).toHaveCount(1);
  await check();
  await page.getByTestId('bring').setInputFiles('demo/pictures/hatch-roof-swirls-where.jpg');
  // On a phone the new one comes into the hand; all of them are a tap away.
  const all = page.getByRole('button', { name: 'All 2' });
  await expect(all.or(page.locator('[data-frame]').nth(1))).toBeVisible();
  await check();
  if (await all.isVisible()) await all.click();
  await expect(page.locator('[data-frame]')).toHaveCount(2);
  await check();
});

test(
  'a walk’s pictures are saved as one ZIP, and come into another Zelk with it',
  onlyAt('desk', 'what travels is a file'),
  async ({ page, server, another }) => {
    const path = 'demo/pictures/hatch-door-fl-dent-what.jpg';
    await openPicture(page, server, path);
    await page.getByRole('link', { name: 'Back to the pictures' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Pictures as ZIP' }).click();
    const zip = await (await download).path();
    await page.context().addCookies(another.cookies);
    await page.goto(`${another.origin}/import`);
    await page
      .locator('input[type=file]')
      .first()
      .setInputFiles({ name: 'pictures.zip', mimeType: 'application/zip', buffer: readFileSync(zip) });
    await expect(page.getByText(/entries and 0 reports came in\./)).toBeVisible();
    await expect(page.getByText(/are not here yet/)).toHaveCount(0);
    expect((await another.fetch(`/api/photos/${hashOf(path)}/1600`)).status).toBe(200);
  },
);

test(
  'a folder that is dropped can be cancelled, and goes on when it is dropped again',
  onlyAt('desk', 'folders are dropped at desks'),
  async ({ page, server }) => {
    const pictures = (await hatchPictures()).slice(0, 24);
    const walk = await walkTimedBy(server, pictures);
    await openYard(page, server);
    await page.goto(`${server.origin}/walks/${walk}/pictures`);
    await expect(page.getByRole('button', { name: 'Bring pictures' })).toBeVisible();
    const drop = async () => {
      const files = pictures.map(({ path }) => ({
        name: path.split('/').at(-1) as string,
        bytes: readFileSync(path).toString('base64'),
      }));
      const data = await page.evaluateHandle((list) => {
        const transfer = new DataTransfer();
        for (const { name, bytes } of list) {
          const content = Uint8Array.from(atob(bytes), (sign) => sign.charCodeAt(0));
          transfer.items.add(new File([content], name, { type: 'image/jpeg' }));
        }
        return transfer;
      }, files);
      await page.getByRole('main').dispatchEvent('drop', { dataTransfer: data });
    };
    await drop();
    await expect(page.locator('[data-frame]').nth(1)).toBeVisible();
    await page.getByRole('button', { name: 'Cancel' }).click();
    await expect(page.getByRole('button', { name: 'Cancel' })).toHaveCount(0);
    const there = await page.locator('[data-frame]').count();
    expect(there).toBeLessThan(pictures.length);
    await drop();
    await expect(page.locator('[data-frame]')).toHaveCount(pictures.length, { timeout: 60_000 });
    await expect(page.getByText(`${there} were here already.`)).toBeVisible();
  },
);

test(
  'on a phone pictures come up one by one: 20 find their places in at most 45 taps',
  onlyAt('phone', 'at a desk they lie side by side'),
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    const all = (await hatchPictures()).filter(
      ({ part }) => part === null || !/^(smell|odometer)/.test(part),
    );
    // Those of one face together, as they were shot.
    const pictures = all.slice(0, 20);
    await page.goto(`${server.origin}/walks/${walk}/pictures`);
    await page.evaluate(() => {
      const counter = window as unknown as { taps: number };
      counter.taps = 0;
      document.addEventListener('pointerdown', () => counter.taps++, true);
    });
    const heic = {
      name: 'IMG_1.HEIC',
      mimeType: '',
      buffer: Buffer.from('\0\0\0\x18ftypheic\0\0\0\0', 'latin1'),
    };
    const files = pictures.map(({ path }) => ({
      name: path.split('/').at(-1) ?? '',
      mimeType: 'image/jpeg',
      buffer: readFileSync(path),
    }));
    await page.getByTestId('bring').setInputFiles([...files, heic]);
    await expect(page.getByText(/IMG_1.HEIC is a HEIC photo.*most compatible/)).toBeVisible({
      timeout: 60_000,
    });
    const inHand = page.getByRole('region', { name: 'The picture in hand' });
    await expect(inHand.getByText('1 of 20')).toBeVisible({ timeout: 60_000 });
    const order = pictures.toSorted((a, b) => a.takenMs - b.takenMs);
    for (const [i, { part }] of order.entries()) {
      await expect(inHand.getByText(`1 of ${20 - i}`)).toBeVisible();
      if (part === null) await page.getByRole('button', { name: 'Whole car' }).click();
      else {
        const target = page.locator(`[data-part="${part}"]`);
        for (let turns = 0; turns < 9 && (await target.count()) === 0; turns++)
          await page.getByRole('button', { name: 'Turn on' }).click();
        await tapPart(page, part);
      }
      if (i === 0) {
        await expect(page.getByText(/^Put: /)).toBeVisible();
        await noAxeFindings(page);
      }
    }
    await expect(inHand).toBeHidden();
    const taps = await page.evaluate(() => (window as unknown as { taps: number }).taps);
    console.log(`Taps for 20 pictures: ${taps}`);
    expect(taps).toBeLessThanOrEqual(45);
    await saved(page);
    const { photos } = await stateOf(server, walk);
    for (const { path, part } of order)
      expect(
        photos.find(({ sha256 }) => sha256 === hashOf(path)),
        path,
      ).toMatchObject(part === null ? { role: 'whole-car' } : { part });
  },
);
