import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import type { Entry } from '#core/walk';
import type { RunningServer } from '../builders/runningServer';
import { beginWalk as beginWalkOn } from './begin';
import { fakeRecognition, hear } from './fakeRecognition';
import { findingOn, logged } from './logged';
import { cleanAtBothWidths, fitsThumbs, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';

const FILMS = 'demo/films';
const film = `${FILMS}/nim.mp4`;
const words = `${FILMS}/nim.vtt`;
/** The car of the film: three doors, steered on the right, in a country that drives on the left. */
const nim = { country: 'IE', style: 'hatch-3' } as const;

const file = (name: string, text: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });

async function openFilm(page: Page, server: RunningServer, walk: string): Promise<void> {
  await page.goto(`${server.origin}/walks/${walk}/film`);
  await expect(page.getByText('Choose the film')).toBeVisible();
}
/** Files of the disk by their path, and others by what they hold. */
const bring = (page: Page, ...files: (string | ReturnType<typeof file>)[]) =>
  page
    .locator('main input[type=file]')
    .first()
    .setInputFiles(
      files.map((each) =>
        typeof each === 'string'
          ? { name: each.split('/').at(-1) ?? each, mimeType: typeOf(each), buffer: readFileSync(each) }
          : each,
      ),
    );
const typeOf = (path: string) => (/\.(mp4|webm|mov)$/.test(path) ? 'video/mp4' : 'text/plain');
const tab = (page: Page, name: string) => page.getByRole('tab', { name });
const rows = (page: Page) => page.locator('section[aria-label="What it says"] li[data-key]');
/** What was said is read, and the pictures that are to be had are here. */
async function pulled(page: Page): Promise<void> {
  await expect(rows(page).first()).toBeVisible();
  await expect(page.getByText('Looking for its pictures')).toBeHidden({ timeout: 60_000 });
}
async function logOf(server: RunningServer, walk: string): Promise<Entry[]> {
  return ((await (await server.fetch(`/api/walks/${walk}`)).json()) as { entries: Entry[] }).entries;
}
const kindsOf = async (server: RunningServer, walk: string) =>
  (await logOf(server, walk)).map(({ kind }) => kind as string);

test(
  'a film and its words become a drafted walk: all as said at once, the likely ones by themselves, every fault with its picture',
  onlyAt('desk', 'both widths are looked at on the way'),
  async ({ page, server, beginWalk }) => {
    test.slow();
    const { walk } = await beginWalk(nim);
    await openFilm(page, server, walk);
    await cleanAtBothWidths(page);
    await bring(page, film, words);
    await expect(tab(page, 'As said')).toHaveAttribute('aria-selected', 'true');
    await expect(rows(page).first()).toContainText('Front bumper: Scuff, on the nearside corner');
    await pulled(page);
    await cleanAtBothWidths(page);
    await fitsThumbs(page);
    await cleanAtBothWidths(page);

    // Nothing of it is in the record yet but the film and its words.
    expect(new Set(await kindsOf(server, walk))).toEqual(
      new Set(['walk-begun', 'route-chosen', 'walk-film-brought', 'walk-film-captioned']),
    );
    const faults = await rows(page).locator('img').count();
    expect(faults).toBeGreaterThanOrEqual(8);
    await page.getByRole('button', { name: /^Accept all \d+/ }).click();
    await expect(tab(page, 'As said 0')).toBeVisible();

    // What is only likely is looked at, one after the other, with what was said.
    await expect(tab(page, 'Look at')).toHaveAttribute('aria-selected', 'true');
    await expect(page.getByText('only named faults were said not to be there')).toBeVisible();
    for (const left of ['1', '0']) {
      await page.getByRole('button', { name: 'Accept', exact: true }).click();
      await expect(tab(page, `Look at ${left}`)).toBeVisible();
    }
    await expect(page.getByRole('link', { name: 'What is left, and the report' })).toBeVisible();

    await expect
      .poll(async () => (await kindsOf(server, walk)).filter((kind) => kind === 'photo-attached').length)
      .toBe(faults);
    const log = await logOf(server, walk);
    const taken = log.flatMap((entry) => (entry.kind === 'draft-taken' ? [entry.body] : []));
    const dent = taken.find(({ says }) => says.includes('small dent'));
    expect(dent?.says).toBe('Nearside door, a small dent below the handle, paint’s not broken');
    // An ordinary finding and its picture, by the entries that made them.
    expect(dent?.entries.map((id) => log.find((entry) => entry.id === id)?.kind)).toEqual([
      'finding-noted',
      'photo-attached',
    ]);

    // Undone, the last one is open again; taken again, it counts once.
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(tab(page, 'Look at 1')).toBeVisible();
    await page.getByRole('button', { name: 'Accept', exact: true }).click();
    await expect(tab(page, 'Look at 0')).toBeVisible();
  },
);

test(
  'the frame shows the part that is spoken of, by the path of the camera',
  onlyAt('desk', 'frames are pulled alike'),
  async ({ page, server, beginWalk }) => {
    test.slow();
    const { seen } = JSON.parse(readFileSync(`${FILMS}/nim.truth.json`, 'utf8')) as {
      seen: { at: number; parts: string[] }[];
    };
    const { walk } = await beginWalk(nim);
    await openFilm(page, server, walk);
    await bring(page, film, words);
    await expect(tab(page, 'As said')).toBeVisible();
    await pulled(page);
    const pictures = await rows(page).evaluateAll((all) =>
      all.flatMap((row) => {
        const at = row.querySelector('img')?.getAttribute('data-at');
        return at ? [{ key: row.getAttribute('data-key') ?? '', at: Number(at) }] : [];
      }),
    );
    const nearest = (at: number) =>
      seen.reduce((best, each) => (Math.abs(each.at - at) < Math.abs(best.at - at) ? each : best));
    const shows = pictures.map(({ key, at }) => {
      const part = /^finding \d+ (\S+)/.exec(key)?.[1] ?? 'odometer';
      return { part, at, isShown: nearest(at).parts.includes(part) };
    });
    const wrong = shows.filter(({ isShown }) => !isShown);
    expect(shows.length).toBeGreaterThanOrEqual(8);
    expect(wrong.length, JSON.stringify(wrong)).toBeLessThanOrEqual(0.1 * shows.length);
  },
);

test(
  'by keys: statements are gone through, changed, left out, taken back; a ring is drawn on the film',
  onlyAt('desk', 'a desk has keys'),
  async ({ page, server, beginWalk }) => {
    test.slow();
    const { walk } = await beginWalk(nim);
    await openFilm(page, server, walk);
    await bring(page, film, words);
    await expect(tab(page, 'As said')).toBeVisible();
    await pulled(page);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Accept all as said');
    await page.keyboard.press('Escape');

    // The first in hand: the film goes there, and a drag marks where it is.
    await page.keyboard.press('ArrowDown');
    await expect(rows(page).first()).toHaveAttribute('aria-current', 'true');
    await expect(
      page.getByText('“Front bumper, there’s a scuff on the nearside corner”').first(),
    ).toBeVisible();
    const canvas = page.getByTestId('mark-on-film');
    const box = await canvas.boundingBox();
    if (!box) throw new Error('no film');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2, { steps: 4 });
    await page.mouse.up();
    await page.keyboard.press('a');
    await expect(rows(page).first()).toContainText('Bonnet');
    await expect.poll(() => kindsOf(server, walk)).toContain('photo-marked');
    const marked = (await logOf(server, walk)).find(({ kind }) => kind === 'photo-marked');
    expect(marked?.body).toMatchObject({
      marks: [{ kind: 'ring', at: { x: expect.closeTo(0.5, 1), y: expect.closeTo(0.5, 1) } }],
    });

    // Misheard: set right before it is taken.
    await page.keyboard.press('c');
    await page.getByLabel('Part', { exact: true }).selectOption({ label: 'Roof' });
    await page.getByLabel('What is wrong').selectOption({ label: 'Dent' });
    await page.getByRole('button', { name: 'That is right' }).click();
    await expect(rows(page).first()).toContainText('Roof: Dent');
    await page.keyboard.press('a');
    await expect(rows(page).first()).not.toContainText('Roof');

    await page.keyboard.press('x');
    await tab(page, 'Done').click();
    await expect(rows(page).filter({ hasText: 'Left out' })).toHaveCount(1);
    await expect(rows(page).filter({ hasText: 'Logged' })).toHaveCount(2);
    await page.keyboard.press('z');
    await expect(rows(page).filter({ hasText: 'Left out' })).toHaveCount(0);
  },
);

test(
  'what the walk says otherwise is shown and not decided; where a side was not said it is asked, and a tap answers',
  onlyAt('phone', 'the list is the same'),
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    await logged(server, walk, [findingOn('bonnet', 'dent', {}), findingOn('roof', 'dent', {})]);
    await openFilm(page, server, walk);
    await page.getByText('Paste what was said').click();
    await page
      .getByLabel('With times or without, any form')
      .fill('0:02 bonnet is clear\n0:06 headlamp is cracked\n0:09 the roof has a dent in it');
    await page.getByRole('button', { name: 'Take these words' }).click();
    await expect(tab(page, 'Look at 2')).toBeVisible();
    await expect(page.getByText('Only the words were brought')).toBeVisible();
    await expect(page.getByText(/The walk has a finding there: \d, dent\. Which is right\?/)).toBeVisible();
    await page.getByRole('button', { name: 'Leave out' }).click();
    await expect(page.getByText(/The walk has it already, as \d\./)).toBeVisible();
    await page.getByRole('button', { name: 'Leave out' }).click();

    await expect(page.getByText(/Which headlamp: nearside \(left\) or offside \(right\)/)).toBeVisible();
    await noAxeFindings(page);
    await rows(page).getByRole('button', { name: 'Offside headlamp (right)', exact: true }).click();
    await expect(tab(page, 'Answer 0')).toBeVisible();
    await expect
      .poll(async () =>
        (await logOf(server, walk)).some(
          (entry) => entry.kind === 'finding-noted' && entry.body.part === 'headlamp-r',
        ),
      )
      .toBe(true);
  },
);

test(
  'half-way, one goes on with it on another device: what is taken is taken, and the film comes from the yard',
  onlyAt('desk', 'two devices are two devices'),
  async ({ page, server, beginWalk, browser }) => {
    test.slow();
    const { walk } = await beginWalk(nim);
    await openFilm(page, server, walk);
    await bring(page, film, words);
    await expect(tab(page, 'As said')).toBeVisible();
    await pulled(page);
    await rows(page).first().getByRole('button').first().click();
    await page.getByRole('button', { name: 'Accept', exact: true }).click();
    await expect(tab(page, 'Done 1')).toBeVisible();

    const other = await browser.newContext();
    await other.addCookies(server.cookies);
    const there = await other.newPage();
    await there.goto(`${server.origin}/walks/${walk}/film`);
    await expect(tab(there, 'Done 1')).toBeVisible();
    await expect(there.getByText('is not on this device')).toBeVisible();

    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: /Keep the film at the yard/ }).click();
    await expect(page.getByText('It is sent to the yard in the background')).toBeVisible();
    await expect(page.getByText('Saved')).toBeVisible({ timeout: 30_000 });
    await there.reload();
    await expect(there.getByLabel('Film of the walk')).toBeVisible({ timeout: 30_000 });
    await expect(rows(there).locator('img').first()).toBeVisible({ timeout: 60_000 });
    await other.close();

    // A reload of the first one finds its film where it was.
    await page.reload();
    await expect(page.getByLabel('Film of the walk')).toBeVisible();
  },
);

test(
  'what does not fit is said in words, and nothing that was brought is lost',
  onlyAt('phone', 'the words are the same'),
  async ({ page, server, beginWalk }) => {
    test.slow();
    const { walk } = await beginWalk(nim);
    await openFilm(page, server, walk);
    const warning = page.getByRole('alert');

    await bring(page, file('walk.mp4', 'this is no film'));
    await expect(warning).toContainText('cannot be opened as a film or a sound');
    await bring(page, file('empty.vtt', 'WEBVTT\n\n'));
    await expect(warning).toContainText('There is nothing in it');

    // A film for which this device has no decoder: its words are checked all the same.
    await bring(page, 'tests/e2e/files/no-decoder.mov', file('a.txt', '0:01 bonnet has a dent'));
    await expect(page.getByText('This device cannot show this film')).toBeVisible();
    await expect(rows(page).first()).toContainText('Bonnet: Dent');

    // Times an hour off are offered an hour back: two taps.
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Bring another film' }).click();
    const late = readFileSync(words, 'utf8').replaceAll(/\b00:(\d\d:\d\d\.\d{3})/g, '01:$1');
    await bring(page, film, file('late.vtt', late));
    await expect(rows(page).first()).toContainText('60:06');
    await page.getByRole('button', { name: 'Move them' }).click();
    await page.getByRole('button', { name: /60:00 earlier/ }).click();
    await expect(rows(page).first()).toContainText('0:06');
    await expect(page.getByText('lie outside the film')).toBeHidden();
    // What was found before they were moved is not kept: its picture is of its own second.
    await pulled(page);
    await expect
      .poll(async () => Number(await rows(page).first().locator('img').getAttribute('data-at')))
      .toBeLessThan(10);
  },
);

test(
  'a film that was cut off is shown as far as it came, and words of a longer one are told',
  onlyAt('desk', 'the words are the same'),
  async ({ page, server, beginWalk }) => {
    test.slow();
    const { walk } = await beginWalk(nim);
    // A device that is nearly full cannot keep the film through a reload, and says so.
    await page.addInitScript(() => {
      navigator.storage.estimate = async () => ({ quota: 50_000_000, usage: 49_000_000 });
    });
    await openFilm(page, server, walk);
    const whole = readFileSync(film);
    const cut = {
      name: 'cut.mp4',
      mimeType: 'video/mp4',
      buffer: whole.subarray(0, Math.round(whole.length * 0.4)),
    };
    const long = `${readFileSync(words, 'utf8')}\n00:20:00.000 --> 00:20:02.000\nthe roof is clear\n`;
    await bring(page, cut, file('long.vtt', long));
    await expect(page.getByText('They may belong to another film')).toBeVisible();
    await expect(page.getByText('There is no room to keep the film on this device')).toBeVisible();
    await pulled(page);
    // The beginning has its pictures, what came later has none.
    await expect(rows(page).first().locator('img')).toBeVisible();
    await expect(
      rows(page)
        .filter({ hasText: 'Seat' })
        .or(rows(page).filter({ hasText: 'seat' }))
        .locator('img'),
    ).toHaveCount(0);
    await page.getByRole('button', { name: /^Accept all/ }).click();
    await expect(tab(page, 'As said 0')).toBeVisible();
  },
);

test(
  'a yard that has a program for it has the words written; the film is gone there afterwards',
  onlyAt('desk', 'a button'),
  async ({ page, ownServer }) => {
    test.slow();
    await ownServer.end();
    await ownServer.start({ ZELK_CAPTIONS: `${process.execPath} dist/server/captions.js --films ${FILMS}` });
    const { walk } = await beginWalkOn(page, ownServer, nim);
    await openFilm(page, ownServer, walk);
    await bring(page, film);
    await page.getByRole('button', { name: 'Have the yard write its words' }).click();
    await expect(tab(page, 'As said')).toBeVisible({ timeout: 30_000 });
    await expect(rows(page).first()).toContainText('Front bumper');
  },
);

test(
  'a moment is cut for readers, what is not for them covered; they see it only where the yard shares it',
  onlyAt('desk', 'a dialog'),
  async ({ page, ownServer }) => {
    test.slow();
    const { walk } = await beginWalkOn(page, ownServer, nim);
    await openFilm(page, ownServer, walk);
    await bring(page, film, words);
    await expect(tab(page, 'As said')).toBeVisible();
    await rows(page).filter({ hasText: 'Dent' }).getByRole('button').first().click();
    await page.getByRole('button', { name: 'Accept', exact: true }).click();
    await expect(tab(page, 'Done 1')).toBeVisible();
    await tab(page, 'Done').click();
    await rows(page).first().getByRole('button').first().click();
    await page.getByRole('button', { name: 'Cut for readers' }).click();
    const cover = page.getByTestId('cover-boxes');
    await expect(cover.locator('img')).toBeVisible();
    await noAxeFindings(page);
    const box = await cover.boundingBox();
    if (!box) throw new Error('no frame');
    await page.mouse.move(box.x + 20, box.y + 20);
    await page.mouse.down();
    await page.mouse.move(box.x + 200, box.y + 120, { steps: 4 });
    await page.mouse.up();
    await page.getByRole('button', { name: /^Cut 8 s/ }).click();
    await page.getByRole('button', { name: 'Let readers see it' }).click({ timeout: 60_000 });
    await expect(page.getByText('from the readers')).toBeVisible();
    await expect(page.getByText('Saved')).toBeVisible({ timeout: 30_000 });

    const frozen = async () =>
      (await (await ownServer.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() })).json()) as {
        id: string;
        findings: { inFilm?: { says?: string; clip?: { sha256: string } } }[];
      };
    expect((await frozen()).findings[0]?.inFilm).toBeUndefined();
    await page.goto(`${ownServer.origin}/yard`);
    await page.getByLabel(/Buyers may read what was said/).check();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Saved. Reports frozen from now on')).toBeVisible();
    const report = await frozen();
    expect(report.findings[0]?.inFilm?.says).toContain('a small dent below the handle');

    const share = (await (
      await ownServer.post(`/api/reports/${report.id}/shares`, { label: 'Buyer', days: 7 })
    ).json()) as { token: string };
    await page.goto(`${ownServer.origin}/r/${share.token}`);
    await expect(page.getByText('a small dent below the handle').first()).toBeVisible();
    await expect(page.getByText('From the film of the walk, without sound, 8 s').first()).toBeVisible();
    const clip = await page.request.get(
      `${ownServer.origin}/api/shared/${share.token}/recordings/${report.findings[0]?.inFilm?.clip?.sha256}`,
    );
    expect(clip.status()).toBe(200);
  },
);

test(
  'a walk filmed here has its words with their seconds',
  onlyAt('phone', 'one films with a phone'),
  async ({ page, server, beginWalk }) => {
    test.slow();
    await fakeRecognition(page);
    await page.context().grantPermissions(['camera', 'microphone']);
    const { walk } = await beginWalk();
    await openFilm(page, server, walk);
    await page.getByRole('button', { name: 'Film it here' }).click();
    await expect(page.getByText('many send what they hear to their maker')).toBeVisible();
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Start filming' }).click();
    await expect(page.getByLabel('What the camera sees')).toBeVisible();
    await page.waitForFunction(() => 'hear' in window);
    await page.waitForTimeout(1500);
    await hear(page, 'nearside front door', false);
    await hear(page, 'nearside front door has a dent');
    await page.waitForTimeout(2500);
    await page.getByRole('button', { name: 'That is all' }).click();
    await expect(rows(page).first()).toContainText('Nearside front door (left): Dent');
    await expect(page.getByLabel('Film of the walk')).toBeVisible();
    await expect(rows(page).first().locator('img')).toBeVisible({ timeout: 30_000 });
  },
);

test(
  'from bringing the film to a signed report it is few taps',
  onlyAt('phone', 'it is counted with one hand'),
  async ({ page, server, beginWalk }) => {
    test.slow();
    await page.addInitScript(() => {
      document.addEventListener(
        'pointerdown',
        () => sessionStorage.setItem('taps', String(Number(sessionStorage.getItem('taps') ?? 0) + 1)),
        true,
      );
    });
    const { walk } = await beginWalk(nim);
    await openFilm(page, server, walk);
    await page.evaluate(() => sessionStorage.removeItem('taps'));
    // Two files chosen in the system's own dialog: a tap to open it, one on each of them, one to close it.
    const IN_THE_DIALOG = 4;
    await bring(page, film, words);
    await page.getByRole('button', { name: /^Accept all \d+/ }).click();
    for (const left of ['1', '0']) {
      await page.getByRole('button', { name: 'Accept', exact: true }).click();
      await expect(tab(page, `Look at ${left}`)).toBeVisible();
    }
    await page.getByRole('link', { name: 'What is left, and the report' }).click();
    await page.getByRole('button', { name: 'Freeze and sign the report' }).click();
    await expect(page.getByText(/Revision 1/).first()).toBeVisible();
    const taps = IN_THE_DIALOG + (await page.evaluate(() => Number(sessionStorage.getItem('taps') ?? 0)));
    test.info().annotations.push({ type: 'taps', description: String(taps) });
    expect(taps).toBeLessThanOrEqual(150);
    const { reports } = (await (await server.fetch(`/api/walks/${walk}`)).json()) as {
      reports: { id: string }[];
    };
    const { report } = (await (await server.fetch(`/api/reports/${reports[0]?.id}`)).json()) as {
      report: { findings: { photos: number[] }[] };
    };
    expect(report.findings.length).toBeGreaterThanOrEqual(8);
    expect(report.findings.every(({ photos }) => photos.length > 0)).toBe(true);
  },
);
