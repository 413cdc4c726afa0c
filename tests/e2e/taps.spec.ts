import type { Page } from '@playwright/test';
import type { WalkPage } from '#core/api';
import { replay } from '#core/walk';
import { bodyStyle, middleOf, type Part } from '../../src/core/car';
import type { RunningServer } from '../builders/runningServer';
import { expect, onlyAt, test } from './server';
import { saved, turnTo } from './steps';

/** Kinds to look for, whichever the part offers first. */
const wanted = [
  'Scratch',
  'Scratch in the glass',
  'Kerbing',
  'Cut',
  'Split or worn',
  'Cracked or broken',
  'Worn',
  'Stain',
  'Corrosion',
  'Leak or fluid mark',
  'Perished or split',
];

const style = bodyStyle('hatch-5');

/** A place on the part itself, where its mark is best seen: the middle of its box may lie on another. */
function onIt(box: { x: number; y: number; width: number; height: number }, id: string) {
  const part = style.parts.get(id) as Part;
  const { u, v } = middleOf(part);
  const seen = part.face && style.faces[part.face].mirrored ? 1 - u : u;
  return { x: box.x + box.width * seen, y: box.y + box.height * v };
}

/** Counts fingers going down: taps and strokes alike begin with one. */
async function countTaps(page: Page): Promise<() => Promise<number>> {
  await page.addInitScript(() => {
    document.addEventListener(
      'pointerdown',
      () => sessionStorage.setItem('taps', String(Number(sessionStorage.getItem('taps') ?? 0) + 1)),
      true,
    );
  });
  await page.reload();
  await expect(page.getByText(/Stop 1 of/)).toBeVisible();
  return () => page.evaluate(() => Number(sessionStorage.getItem('taps') ?? 0));
}

const here = (page: Page) => page.locator('[aria-current="true"]');

/** The guard against double taps, and the glide to the next part. */
async function walkedOn(page: Page, from: string): Promise<void> {
  await expect(here(page)).not.toHaveAttribute('data-part', from);
  await page.waitForTimeout(340);
}

async function clear(page: Page): Promise<void> {
  const part = (await here(page).getAttribute('data-part')) as string;
  await page.getByRole('button', { name: /^(Rest is clear|Clear)$/ }).click();
  await walkedOn(page, part);
}

/** Spot, kind, how bad, from where, and on; between them a photo through the button where one is wanted. */
async function finding(page: Page, photo?: string): Promise<void> {
  const part = (await here(page).getAttribute('data-part')) as string;
  const box = await here(page).boundingBox();
  if (!box) throw new Error(`${part} is not on the screen`);
  const { x, y } = onIt(box, part);
  await page.mouse.click(x, y);
  await expect(page.getByRole('heading', { name: 'What is it?' })).toBeVisible();
  const offered = await page.getByRole('button').allTextContents();
  const kind =
    wanted.find((name) => offered.some((text) => text.replace(/\d$/, '') === name)) ?? 'Something else';
  await page.getByRole('button', { name: kind, exact: true }).click();
  await expect(page.getByText(/^Logged on the/)).toBeVisible();
  if (photo) {
    const chooser = page.waitForEvent('filechooser');
    await page.getByText('Take', { exact: true }).click();
    await (await chooser).setFiles(photo);
    await expect(page.getByRole('img', { name: 'close-up' })).toBeVisible();
  }
  await page.getByRole('group', { name: 'How bad' }).getByRole('button').nth(1).click();
  await page.getByRole('button', { name: 'Up close', exact: true }).click();
  await page.getByRole('button', { name: 'Rest is clear' }).click();
  await walkedOn(page, part);
}

/** All of a place in two taps, where one has looked over it. */
async function sweep(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Clear more than this part at once' }).click();
  await page.getByRole('button', { name: /^Clear \d+ parts?$/ }).click();
  await page.waitForTimeout(340);
}

const stateOf = async (server: RunningServer, walk: string) => {
  const page = (await (await server.fetch(`/api/walks/${walk}`)).json()) as WalkPage;
  return replay(walk, page.entries);
};

const photos = [
  'fl-dent-what',
  'fl-dent-where',
  'fl-edge-nick-2-what',
  'fr-old-repair-2-what',
  'fr-scratch-what',
].map((name) => `demo/pictures/hatch-door-${name}.jpg`);
const inGlass = onlyAt('phone', 'taps are counted where there is glass');

test(
  '30 findings with kind, spot, how bad, distance, 5 photos and 75 clear parts take at most 200 taps',
  inGlass,
  async ({ page, server, beginWalk }) => {
    test.setTimeout(600_000);
    const { walk } = await beginWalk();
    const taps = await countTaps(page);
    for (let i = 0; i < 50; i++)
      if (i % 5 < 3) await finding(page, i % 10 === 0 ? photos[i / 10] : undefined);
      else await clear(page);
    // What is left is looked over place by place.
    for (const place of ['Offside (right)', 'Top', 'Cabin', 'Engine', 'Under']) {
      await turnTo(page, place);
      // Who has turned takes a moment to stand there; then the first part of it is in hand.
      await page.waitForTimeout(400);
      await sweep(page);
    }
    const count = await taps();
    console.log(`Taps for 30 findings, 5 photos and 75 clear parts: ${count}`);
    await saved(page);
    const state = await stateOf(server, walk);
    expect(state.findings).toHaveLength(30);
    for (const { details, part } of state.findings) {
      expect(details.notice, part).toBe('up-close');
      expect(details.howBad, part).toBeDefined();
    }
    expect(state.photos).toHaveLength(5);
    const faulty = new Set(state.findings.map(({ part }) => part));
    const cleared = [...style.parts.keys()].filter(
      (part) => state.looks.get(part)?.status === 'clear' && !faulty.has(part),
    );
    expect(cleared.length).toBeGreaterThanOrEqual(75);
    expect(count).toBeLessThanOrEqual(200);
  },
);

test(
  'a whole walk with tyres, paint, functions, papers, kit, step-back lap and freezing takes at most 380 taps',
  inGlass,
  async ({ page, server, beginWalk }) => {
    test.setTimeout(600_000);
    const { walk } = await beginWalk();
    const taps = await countTaps(page);
    // Part by part, a dozen findings among them.
    const clears = page.getByRole('button', { name: /^(Rest is clear|Clear)$/ });
    const allDone = page.getByRole('heading', { name: /^(What is left|Nothing is left)$/ });
    for (let i = 0; i < 120; i++) {
      // The list of what is left comes in the place of the stop, and may take a moment.
      await expect(clears.or(allDone)).toBeVisible();
      if (await allDone.isVisible()) break;
      if (i % 9 === 3 && i < 105) await finding(page, photos[((i / 9) % 5) | 0]);
      else {
        const part = (await here(page).getAttribute('data-part')) as string;
        await clears.click();
        await Promise.race([walkedOn(page, part), allDone.waitFor()]);
      }
    }
    const whereTo = async (place: RegExp) => {
      const isOpen = await page.getByRole('heading', { name: 'Where to' }).isVisible();
      if (!isOpen) await page.getByRole('button', { name: /^Where to/ }).click();
      await page.getByRole('link', { name: place }).click();
    };
    await whereTo(/^Tyres/);
    for (let i = 0; i < 12; i++) {
      await page.getByRole('button', { name: `${4 + (i % 3)} mm`, exact: true }).click();
      await page.waitForTimeout(120);
    }
    await page.goBack();
    await whereTo(/^Paint depth/);
    // A figure is typed and entered by the keyboard; it steps on by itself.
    for (let i = 0; i < 13; i++) {
      await page.getByLabel(/Or type readings/).fill('118 122 115');
      await page.keyboard.press('Enter');
      await page.waitForTimeout(150);
    }
    await page.goBack();
    await whereTo(/^Does it work/);
    await page
      .getByRole('region', { name: 'What matters first' })
      .getByRole('button', { name: 'All work' })
      .click();
    await page
      .getByRole('region', { name: 'A short drive' })
      .getByRole('button', { name: 'All work' })
      .click();
    await page.getByLabel(/Licensed, insured/).click();
    await page.getByRole('button', { name: 'Begin the drive' }).click();
    await page
      .getByRole('region', { name: 'A short drive' })
      .getByRole('button', { name: /All work|left work/ })
      .click();
    await page.goBack();
    await whereTo(/^Papers/);
    for (const [label, text] of [
      ['Keepers', '2'],
      ['Keys', '2'],
      ['Keys tried', '2'],
      ['Stamps in the book', '6'],
      ['Inspection until', '01/05/2030'],
      ['Service record, a line each', '31.2k 04/2023 stamp main dealer oil'],
    ] as const) {
      await page.getByLabel(label, { exact: true }).click();
      await page.getByLabel(label, { exact: true }).fill(text);
    }
    await page.getByRole('button', { name: 'Enter these lines' }).click();
    await page
      .getByRole('group', { name: 'Registration paper' })
      .getByRole('button', { name: 'Original' })
      .click();
    await page.getByRole('group', { name: 'Manuals' }).getByRole('button', { name: 'Complete' }).click();
    await page.goBack();
    await whereTo(/^What comes with it/);
    for (const count of await page
      .getByRole('listitem')
      .getByRole('button', { name: '1', exact: true })
      .all())
      await count.click();
    await page.getByRole('button', { name: 'None noticed' }).click();
    await page.goBack();
    await page.getByRole('button', { name: /^Step-back lap/ }).click();
    for (const seen of await page.getByRole('button', { name: 'One step back', exact: true }).all())
      await seen.click();
    await saved(page);
    await page.getByRole('link', { name: 'Report' }).click();
    await page.getByRole('button', { name: 'Freeze and sign the report' }).click();
    await expect(page.getByText('Report, revision 1', { exact: true })).toBeVisible({ timeout: 60_000 });
    const count = await taps();
    console.log(`Taps for a whole walk: ${count}`);
    const state = await stateOf(server, walk);
    expect(state.looks.size).toBeGreaterThanOrEqual(100);
    expect(state.findings.length).toBeGreaterThanOrEqual(10);
    expect(state.treads.size).toBe(4);
    expect(state.paint.size).toBeGreaterThanOrEqual(13);
    expect(state.papers.noted.keys).toBe(2);
    expect(state.kit.smells).toBeDefined();
    expect(count).toBeLessThanOrEqual(380);
  },
);
