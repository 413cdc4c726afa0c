import type { Page } from '@playwright/test';
import { fitsSideways, fitsThumbs, noAxeFindings } from './screenChecks';
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

/** Everything one can press, brought into sight, lies within the screen and is not cut off. */
async function allReachable(page: Page): Promise<void> {
  const width = page.viewportSize()?.width ?? 0;
  for (const control of await page
    .locator('button:visible, a:visible, summary:visible, input:visible')
    .elementHandles()) {
    const seen = await control.evaluate((node) => {
      const element = node as Element;
      // What offers itself for some seconds, like taking back what was just said, may be gone by now.
      if (!element.isConnected) return undefined;
      element.scrollIntoView({ block: 'nearest', inline: 'nearest' });
      const { left, right, top, bottom, width, height } = element.getBoundingClientRect();
      // What is higher than the room it scrolls in is seen in part.
      const isSeen = [0.1, 0.3, 0.5, 0.7, 0.9].some((share) => {
        const at = document.elementFromPoint((left + right) / 2, top + share * (bottom - top));
        return at !== null && (element.contains(at) || at.contains(element));
      });
      return {
        name: element.getAttribute('aria-label') ?? element.textContent ?? '',
        left,
        right,
        isThin: width < 2 || height < 2,
        isOnTop: isSeen,
      };
    });
    if (!seen) continue;
    const { name } = seen;
    // Inputs behind their label are as small as can be: the label is pressed.
    if (seen.isThin) continue;
    expect(seen.left, name).toBeGreaterThanOrEqual(-1);
    expect(seen.right, name).toBeLessThanOrEqual(width + 1);
    expect(seen.isOnTop, `${name} is covered`).toBe(true);
  }
}

for (const [what, width, height, letters] of [
  ['letters twice as large', 390, 844, 200],
  ['letters twice as large, in landscape', 844, 390, 200],
  // A phone of 390 × 844 enlarged to twice.
  ['the page enlarged to twice', 195, 422, 100],
] as const)
  test(`with ${what} every control can be reached`, here, async ({ page, beginWalk }) => {
    await page.setViewportSize({ width, height });
    await page.addInitScript((size) => {
      document.addEventListener('DOMContentLoaded', () => {
        document.documentElement.style.fontSize = `${size}%`;
      });
    }, letters);
    await beginWalk();
    await allReachable(page);
    await page.getByRole('button', { name: 'Finding', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'What is it?' })).toBeVisible();
    await allReachable(page);
    await page.locator('[aria-keyshortcuts="1"]').click();
    await expect(page.getByText(/^Logged on the/)).toBeVisible();
    await allReachable(page);
    await fitsSideways(page);
  });

test('every screen of a walk works 320 pixels wide', here, async ({ page, server, beginWalk }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  const { walk, car } = await beginWalk();
  for (const path of [
    '/',
    '/cars/new',
    '/yard',
    '/routes',
    '/messages',
    '/import',
    `/cars/${car}`,
    ...[
      '',
      'tyres',
      'paint',
      'glass',
      'functions',
      'kit',
      'papers',
      'film',
      'story',
      'questions',
      'cues',
      'pictures',
      'report',
    ].map((screen) => `/walks/${walk}/${screen}`),
    ...['left', 'log', 'where-to', 'conditions', 'step-back', 'photos', 'not-seen', 'sweep', 'statement'].map(
      (deck) => `/walks/${walk}?deck=${deck}`,
    ),
  ]) {
    await page.goto(server.origin + path);
    await expect(page.locator('h1').first()).toBeAttached();
    await page.waitForLoadState('networkidle');
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(320);
    await fitsThumbs(page);
    // The name of the page says the screen and the car.
    if (path.startsWith('/walks/')) await expect(page).toHaveTitle(/^.+ · E-\w+ · Zelk$/);
  }
});

test('nothing moves under a finger between one tap and the next', here, async ({ page, beginWalk }) => {
  await page.addInitScript(() => {
    const seen = window as unknown as { shifts: { px: number; what: string }[] };
    seen.shifts = [];
    // A shift within half a second of a tap is what the tap asked for; what moves by itself is not.
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & {
        hadRecentInput: boolean;
        sources: { node?: Node; previousRect: DOMRect; currentRect: DOMRect }[];
      })[])
        if (!entry.hadRecentInput)
          for (const { node, previousRect, currentRect } of entry.sources)
            seen.shifts.push({
              px: Math.max(
                Math.abs(previousRect.x - currentRect.x),
                Math.abs(previousRect.y - currentRect.y),
              ),
              what: node instanceof Element ? node.outerHTML.slice(0, 120) : String(node?.nodeName),
            });
    }).observe({ type: 'layout-shift', buffered: true });
  });
  await beginWalk();
  const placed = async (): Promise<Record<string, { x: number; y: number } | null>> =>
    Object.fromEntries(
      await Promise.all(
        ['Stop before', /^(Clear|Rest is clear)$/, 'Next stop', 'Photo', 'Finding'].map(async (name) => [
          String(name),
          await page
            .getByRole('button', { name, exact: typeof name === 'string' && name !== 'Photo' })
            .filter({ hasNot: page.locator('svg[data-face]') })
            .last()
            .boundingBox(),
        ]),
      ),
    );
  const before = await placed();
  await page.waitForTimeout(600);
  const steady = async (what: string) => {
    for (const [name, box] of Object.entries(await placed())) {
      expect(Math.abs((box?.x ?? 0) - (before[name]?.x ?? 0)), `${name} after ${what}`).toBeLessThanOrEqual(
        2,
      );
      expect(Math.abs((box?.y ?? 0) - (before[name]?.y ?? 0)), `${name} after ${what}`).toBeLessThanOrEqual(
        2,
      );
    }
  };
  // A stretch of a walk: clear, a finding with its answers, step, turn, undo; a breath after each, as a person takes it.
  for (let i = 0; i < 4; i++) {
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await page.waitForTimeout(700);
    await steady(`clear ${i}`);
  }
  const part = await page.locator('[aria-current="true"]').getAttribute('data-part');
  await tapPart(page, part ?? '');
  await page.waitForTimeout(700);
  await page.locator('[aria-keyshortcuts="1"]').click();
  await page.waitForTimeout(700);
  const done = page.getByRole('button', { name: 'Done' });
  const at = await done.boundingBox();
  for (const answer of await page.getByRole('group', { name: 'How bad' }).getByRole('button').all()) {
    if (!(await answer.isEnabled())) continue;
    await answer.click();
    await page.waitForTimeout(600);
    expect(await done.boundingBox()).toEqual(at);
    break;
  }
  await done.click();
  await page.waitForTimeout(700);
  await steady('a finding');
  await page.getByRole('button', { name: 'Next stop' }).click();
  await page.waitForTimeout(700);
  await steady('a step');
  await turnTo(page, 'Cabin');
  await page.waitForTimeout(700);
  await steady('a turn');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  // The bar of what was said goes by itself after ten seconds.
  await page.waitForTimeout(11_000);
  await steady('taking back');
  const shifts = (
    await page.evaluate(() => (window as unknown as { shifts: { px: number; what: string }[] }).shifts)
  ).filter(({ px }) => px > 2);
  expect(shifts).toEqual([]);
});
