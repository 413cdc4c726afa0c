import type { Page } from '@playwright/test';
import { fullWalk } from '../builders/fullWalk';
import { freezeWalk, linkTo } from './frozen';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openEveryChapter } from './steps';

/** Screens below the first at which something stands; 0 is before any scroll. */
const screenOf = (page: Page, text: RegExp) =>
  page
    .getByText(text)
    .first()
    .evaluate((element) => element.getBoundingClientRect().top / window.innerHeight);

test(
  'the first screen tells what a buyer must know, what nothing is said of, and leads to the rest',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server }) => {
    const report = await freezeWalk(page, server, fullWalk);
    const { url } = await linkTo(server, report);
    await page.goto(url);
    const must = page.getByRole('list', { name: 'Know this first' });
    await expect(must.getByText(/^Not to be driven as it is: .*1\.2 mm left/)).toBeVisible();
    await expect(must.getByText(/^Warning lamps that stay on: airbag/)).toBeVisible();
    const short = page.getByRole('list', { name: 'In short' });
    await expect(short.getByRole('listitem')).toHaveCount(6);
    // A trifle is no first line: it is told in its own.
    await expect(must.getByText(/keys not tried/)).toHaveCount(0);
    // The worst stands first.
    await expect(short.getByRole('listitem').first()).toContainText('1 now');
    await expect(
      page.getByText(/^This is no safety inspection\. What was found bears on safety/),
    ).toBeVisible();
    for (const says of [/^Not to be driven as it is/, /warning lamps? on/, /of 105$/])
      expect(await screenOf(page, says)).toBeLessThan(1);
    await cleanAtBothWidths(page);

    // Whoever stands behind it is a tap away.
    const reach = page.getByRole('navigation', { name: 'Ask the yard' });
    await expect(reach.getByRole('button', { name: 'Share' })).toBeVisible();
    await reach.getByRole('button', { name: 'Ask' }).click();
    await expect(page.getByLabel('What do you want to know?')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);

    // A verdict is a way in: its chapter opens there.
    const tyre = page.getByText('1.2 mm left, under the limit of 1.6 mm.', { exact: true });
    await expect(tyre).toBeHidden();
    await short.getByRole('link', { name: /Tyres/ }).click();
    await expect(tyre).toBeVisible();
    await expect(tyre).toBeInViewport();

    // So is an address, also one that was sent.
    await page.goto(`${url}#papers`);
    await page.reload();
    await expect(
      page
        .getByText(/^Keys: 2/)
        .or(page.getByText(/keys/i))
        .first(),
    ).toBeAttached();
    await expect(page.locator('#papers details')).toHaveAttribute('open', '');

    // On paper nothing is folded.
    await page.emulateMedia({ media: 'print' });
    await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
    await expect.poll(() => page.locator('main details:not([open])').count()).toBe(0);
  },
);

test(
  'measures stand in the reader’s own units too, and stay so; what was written is not changed',
  onlyAt('phone', 'the words are the same at both widths'),
  async ({ page, server, browser }) => {
    const report = await freezeWalk(page, server, fullWalk);
    const { url } = await linkTo(server, report);
    const far = await browser.newContext({ locale: 'en-US', timezoneId: 'America/Chicago' });
    const reader = await far.newPage();
    await reader.goto(url);
    await expect(reader.getByText(/1\.2 mm \(1\.5\/32 in\) left/).first()).toBeVisible();
    await openEveryChapter(reader);
    await expect(
      reader.getByText('Times on this page are in your zone, Central Standard Time', { exact: false }),
    ).toBeVisible();
    const choice = reader.getByLabel('Measures also in').locator('visible=true');
    if ((await choice.count()) === 0)
      await reader.getByRole('button', { name: 'Contents', exact: true }).click();
    await choice.selectOption({ label: 'as written' });
    await expect(reader.getByText(/1\.2 mm left/).first()).toBeVisible();
    await reader.reload();
    await expect(reader.getByText(/1\.2 mm left/).first()).toBeVisible();
    await far.close();
  },
);
