import type { CDPSession, Page } from '@playwright/test';
import { expect, onlyAt, test } from './server';

type Point = readonly [number, number];

/** Moves fingers over the screen, from one set of places to the next, as the browser gets them from glass. */
async function fingers(session: CDPSession, path: readonly (readonly Point[])[]): Promise<void> {
  const at = (points: readonly Point[]) => points.map(([x, y], id) => ({ x, y, id }));
  const [first = [], ...others] = path;
  await session.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(first) });
  for (const points of others)
    await session.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(points) });
  await session.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}

const widthOf = async (page: Page) =>
  Number((await page.locator('svg[data-face]').getAttribute('viewBox'))?.split(' ')[2]);

test(
  'two fingers come nearer, one finger over the whole side walks round the car',
  onlyAt('phone', 'fingers move where there is glass'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await page.waitForTimeout(400);
    const session = await page.context().newCDPSession(page);
    const map = page.locator('svg[data-face]');
    const box = await map.boundingBox();
    if (!box) throw new Error('the map is not on the screen');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const before = await widthOf(page);
    const spread = (far: number): Point[] => [
      [x - far, y],
      [x + far, y],
    ];
    await fingers(session, [spread(30), spread(50), spread(70), spread(90)]);
    await expect.poll(() => widthOf(page)).toBeLessThan(before * 0.6);
    // Two fingers are no tap: the stop is still the first.
    await expect(page.getByText(/Stop 1 of/)).toBeVisible();

    await page.getByRole('button', { name: 'Show the whole side' }).click();
    await page.waitForTimeout(400);
    const across = (share: number): Point[] => [[box.x + box.width * share, y]];
    await fingers(session, [across(0.8), across(0.6), across(0.4), across(0.2)]);
    await expect(map).toHaveAttribute('data-face', 'left');
    await fingers(session, [across(0.2), across(0.4), across(0.6), across(0.8)]);
    await expect(map).toHaveAttribute('data-face', 'front');
  },
);
