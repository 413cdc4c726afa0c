import type { Page } from '@playwright/test';
import type { RunningServer } from '../builders/runningServer';
import { signIn } from './begin';
import { expect } from './server';

/** Opens the yard with Nell walking. */
export async function openYard(page: Page, server: RunningServer): Promise<void> {
  await signIn(page, server);
  await page.goto(server.origin);
}

export interface CarTyped {
  stock?: string;
  country?: string;
  style?: string;
  extras?: readonly string[];
}

/** Adds a car by the form and ends on its page. */
export async function addCar(
  page: Page,
  { stock = 'E-1', country = 'United Kingdom', style = 'Five-door hatch', extras = [] }: CarTyped = {},
): Promise<void> {
  await page.getByRole('link', { name: 'Add car' }).click();
  await page.getByLabel('Stock number').fill(stock);
  await page.getByLabel('Make').fill('Fenlark');
  await page.getByLabel('Model').fill('Tessel');
  await page.getByLabel('Year of first use').fill('2017');
  await page.getByLabel('Colour').fill('Estuary blue');
  await page.getByLabel('Body style').selectOption({ label: style });
  for (const extra of extras) await page.getByLabel(extra).check();
  await page.getByLabel('Country').selectOption({ label: country });
  await page.getByRole('button', { name: 'Add the car' }).click();
  await expect(page.getByRole('heading', { name: 'Walk-rounds' })).toBeVisible();
}

export async function startWalk(page: Page): Promise<void> {
  await page.getByRole('button', { name: /Start .*walk-round/ }).click();
  await expect(page.getByText(/Stop 1 of/)).toBeVisible();
}

/** The part on the map; several faces are shown at a desk, each part once. */
export const partOf = (page: Page, id: string) => page.locator(`[data-part="${id}"]`);

/** Taps the middle of a part as a finger would. */
export async function tapPart(page: Page, id: string): Promise<void> {
  // The view glides to the part; a tap in mid-flight would land beside it.
  await partOf(page, id).evaluate(async (part) => {
    const view = () => part.closest('svg')?.getAttribute('viewBox');
    // A page that another one covers draws no frame.
    const frame = () =>
      new Promise((done) => {
        requestAnimationFrame(done);
        setTimeout(done, 100);
      });
    let still = 0;
    for (let before = view(); still < 2; before = view()) {
      await frame();
      still = view() === before ? still + 1 : 0;
    }
  });
  await partOf(page, id).click({ force: true });
}

export async function goTo(page: Page, id: string, name: string): Promise<void> {
  await page.getByRole('button', { name: /parts left/ }).click();
  await page.getByRole('listitem').getByRole('button', { name, exact: true }).first().click();
  await expect(partOf(page, id)).toHaveAttribute('aria-current', 'true');
}

/** Turns to a side or place: by its button at a desk, out of the row of places on a phone. */
export async function turnTo(page: Page, name: string): Promise<void> {
  const row = page.getByRole('button', { name: /^Places: / });
  const button = page.getByRole('button', { name, exact: true });
  if (await row.isVisible()) await row.click();
  await button.first().click();
}

/** Waits until all is sent: dozens of pictures take a while on a machine that has other things to do. */
export async function saved(page: Page): Promise<void> {
  // A tap is drawn before it is counted as waiting: what was tapped last gets the time for that.
  // Counted by this clock, not by the page's, which a test may have stopped.
  await page.waitForTimeout(150);
  await page.evaluate(() => document.title);
  await expect(page.getByTestId('outbox')).toHaveAccessibleName(/^Saved/, { timeout: 90_000 });
}

/** Opens every chapter of a report that is on the page: its readings come a moment after its head. */
export async function openEveryChapter(page: Page): Promise<void> {
  const all = page.getByRole('button', { name: 'Open every chapter' });
  await expect(page.getByRole('list', { name: 'In short' })).toBeVisible();
  if (!(await all.isVisible())) await page.getByRole('button', { name: 'Contents', exact: true }).click();
  await all.click();
}

/** Freezes and signs without waiting for the ten seconds in which that can be undone. */
export async function sign(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Freeze and sign the report' }).click();
  await page.getByRole('button', { name: 'Sign at once' }).click();
}
