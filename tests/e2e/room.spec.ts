import type { Page } from '@playwright/test';
import { noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { tapPart, turnTo } from './steps';

const here = onlyAt('phone', 'it sets its own sizes');

/** Share of the screen's height that the drawing of the car has. */
const mapShare = (page: Page) =>
  page
    .getByRole('region', { name: 'The car' })
    .locator('svg[data-face]')
    .first()
    .evaluate((map) => map.getBoundingClientRect().height / window.innerHeight);

for (const [width, height, share] of [
  [390, 844, 0.45],
  [390, 664, 0.4],
  [360, 640, 0.4],
  [320, 640, 0.4],
  // Beside the deck, not above it.
  [844, 390, 0.5],
] as const)
  test(
    `at ${width} × ${height} the car has at least ${100 * share} of 100 of the height`,
    here,
    async ({ page, beginWalk }) => {
      await page.setViewportSize({ width, height });
      await beginWalk();
      expect(await mapShare(page)).toBeGreaterThanOrEqual(share);
      // The main button is in sight, and nothing scrolls sideways.
      await expect(page.getByRole('button', { name: 'Clear', exact: true })).toBeInViewport({ ratio: 1 });
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
      // With a finding in hand the car keeps its room, and the spot just tapped is not covered.
      await tapPart(page, 'bumper-front');
      await expect(page.getByRole('heading', { name: 'What is it?' })).toBeVisible();
      expect(await mapShare(page)).toBeGreaterThanOrEqual(share);
      await expect(page.locator('[data-part="bumper-front"]')).toBeInViewport();
    },
  );

test(
  'the deck is dragged higher and lower, and every place is two taps away',
  here,
  async ({ page, beginWalk }) => {
    await beginWalk();
    const deck = page.getByRole('region', { name: 'Front bumper' });
    const heightOf = async () => (await deck.boundingBox())?.height ?? 0;
    const half = await heightOf();
    await page.getByRole('button', { name: 'More room for what there is to do' }).click();
    await expect.poll(heightOf).toBeGreaterThan(half);
    await page.getByRole('button', { name: 'More room for the car' }).click();
    await expect.poll(heightOf).toBe(half);
    const grip = page.getByRole('button', { name: 'More room for what there is to do' });
    const box = await grip.boundingBox();
    if (!box) throw new Error('no grip');
    await page.mouse.move(box.x + box.width / 2, box.y + 10);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, box.y + 90);
    await page.mouse.up();
    await expect.poll(heightOf).toBeLessThan(half);
    await expect(page.getByRole('button', { name: 'Clear', exact: true })).toBeInViewport({ ratio: 1 });
    await noAxeFindings(page);
    await turnTo(page, 'Cabin');
    await expect(page.locator('[data-part="dashboard"]')).toBeVisible();
    await page.getByRole('button', { name: /^Places: at Cabin, 0 of/ }).click();
    await noAxeFindings(page);
  },
);
