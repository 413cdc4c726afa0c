import type { Page } from '@playwright/test';
import type { Fact } from '#core/walk';
import { begun, idOf, noted } from '../builders/entries';
import { jpeg } from '../builders/photos';
import type { RunningServer } from '../builders/runningServer';
import { freezeWalk, linkTo, sendPhoto } from './frozen';
import { cleanAtBothWidths, fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openEveryChapter } from './steps';

const finding = (n: number) => idOf(0xf000 + n);

/** Two findings with their pictures, the place and the thing of each, and one without; the address of a link. */
async function pictured(page: Page, server: RunningServer): Promise<string> {
  const photos = await Promise.all(
    [31, 32, 33].map(async (n) => sendPhoto(server, await jpeg(n, 1600, 1200))),
  );
  const of = (n: number, part: string, photo: string | undefined, role: 'where' | 'what'): Fact => ({
    kind: 'photo-attached',
    body: { photo: photo ?? '', role, part, finding: finding(n) },
  });
  const facts = [
    begun,
    noted(1, 'door-fl'),
    of(1, 'door-fl', photos[0], 'where'),
    of(1, 'door-fl', photos[1], 'what'),
    noted(2, 'tailgate'),
    of(2, 'tailgate', photos[2], 'what'),
    noted(3, 'roof'),
  ];
  return (await linkTo(server, await freezeWalk(page, server, facts))).url;
}

const viewer = (page: Page) => page.getByRole('dialog', { name: 'Pictures' });

test('pictures fill the screen, one after the other, with their place on the car; Back closes them', async ({
  page,
  server,
}) => {
  const url = await pictured(page, server);
  await page.goto(url);
  await openEveryChapter(page);
  await page.getByRole('img', { name: 'Nearside front door (left): where finding 1 is' }).first().click();
  await expect(viewer(page).getByText('1 of 3')).toBeVisible();
  await expect(viewer(page).getByRole('img', { name: 'Where it is: nearside (left)' })).toBeVisible();
  await noAxeFindings(page);
  await fitsSideways(page);

  // The pair is side by side below it, and a picture is as wide as the phone.
  const together = viewer(page).getByRole('list', { name: 'Pictures of this finding' });
  await expect(together.getByRole('button')).toHaveCount(2);
  await together.getByRole('button').nth(1).click();
  await expect(viewer(page).getByText('2 of 3')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(viewer(page).getByText('3 of 3')).toBeVisible();
  await expect(viewer(page).getByText('Tailgate', { exact: false })).toBeVisible();

  await page.goBack();
  await expect(viewer(page)).toHaveCount(0);
  await expect(page).toHaveURL(url);

  // Closed by its own button, a link into the page leads there and stays there.
  await page.getByRole('img', { name: 'Nearside front door (left): where finding 1 is' }).first().click();
  await viewer(page).getByRole('button', { name: 'Close the pictures' }).click();
  await expect(viewer(page)).toHaveCount(0);
  await page.getByRole('list', { name: 'In short' }).getByRole('link').last().click();
  await page.waitForTimeout(300);
  await expect(page).toHaveURL(/#/);

  // A picture has an address of its own, and leads to its finding.
  await page.goto('about:blank');
  await page.goto(`${url}#photo-3`);
  await expect(viewer(page).getByText('3 of 3')).toBeVisible();
  await viewer(page).getByRole('button', { name: 'Read it in the report' }).click();
  await expect(page.locator('#finding-2')).toBeInViewport();
});

test(
  'a reader asks about the very spot that was looked at closely',
  onlyAt('phone', 'the pictures fill any screen alike'),
  async ({ page, server }) => {
    await page.goto(`${await pictured(page, server)}#photo-2`);
    await expect(viewer(page).getByText('2 of 3')).toBeVisible();
    await viewer(page).getByRole('button', { name: 'Come nearer' }).click();
    await page.waitForTimeout(600);
    const box = await page.locator('.pswp__item[aria-hidden="false"] img').last().boundingBox();
    const words = await page.locator('.pswp-words').boundingBox();
    const size = page.viewportSize();
    if (!box || !words || !size) throw new Error('Nothing is shown.');
    const isBeside = words.x > 0;
    const middle = {
      x: ((isBeside ? words.x : size.width) / 2 - box.x) / box.width,
      y: ((56 + (isBeside ? size.height : words.y)) / 2 - box.y) / box.height,
    };
    await viewer(page).getByRole('button', { name: 'Ask about this spot' }).click();
    await page.getByLabel('What do you want to know?').fill('Is that rust?');
    const sent = page.waitForRequest((request) => request.method() === 'POST');
    await page.getByRole('button', { name: 'Ask the yard' }).click();
    const { about } = (await sent).postDataJSON() as {
      about: { photo: string; at: { x: number; y: number } };
    };
    // What lay in the middle.
    expect(about.at.x).toBeCloseTo(middle.x, 2);
    expect(about.at.y).toBeCloseTo(middle.y, 2);
    await expect(page.locator('h3', { hasText: 'Is that rust?' })).toBeAttached();
  },
);

test(
  'a reader is taken along the walk, stop by stop',
  onlyAt('phone', 'the pictures fill any screen alike'),
  async ({ page, server }) => {
    await page.goto(await pictured(page, server));
    await page.getByRole('button', { name: 'Walk with me' }).click();
    const walk = page.getByRole('dialog');
    await expect(walk.getByText('1 of 3')).toBeVisible();
    await expect(walk.getByText(/^Nearside front door \(left\): /).first()).toBeVisible();
    await cleanAtBothWidths(page);
    await page.keyboard.press('ArrowRight');
    await expect(walk.getByText('2 of 3')).toBeVisible();
    await walk.getByRole('button', { name: 'The stop before' }).click();
    await expect(walk.getByText('1 of 3')).toBeVisible();

    // It goes on by itself, and ends at the last stop.
    await walk.getByRole('button', { name: 'Go on by itself' }).click();
    await expect(walk.getByText('3 of 3')).toBeVisible({ timeout: 40_000 });
    await expect(walk.getByRole('button', { name: 'Go on by itself' })).toBeVisible();
    await page.goBack();
    await expect(walk).toHaveCount(0);
  },
);
