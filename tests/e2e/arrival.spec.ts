import type { Page } from '@playwright/test';
import type { Fact } from '#core/walk';
import { begun, noted } from '../builders/entries';
import { jpeg } from '../builders/photos';
import { freezeWalk, linkTo } from './frozen';
import { cleanAtBothWidths, fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';

const facts: Fact[] = [
  begun,
  noted(1),
  noted(2, 'roof'),
  { kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } },
];

async function signWithFinger(page: Page): Promise<void> {
  const pad = page.getByTestId('signature');
  await pad.scrollIntoViewIfNeeded();
  const box = (await pad.boundingBox()) as { x: number; y: number; width: number; height: number };
  await page.mouse.move(box.x + 30, box.y + box.height / 2);
  await page.mouse.down();
  for (let i = 1; i <= 8; i++)
    await page.mouse.move(box.x + 30 + i * 25, box.y + box.height / 2 + (i % 2 ? 18 : -18));
  await page.mouse.up();
}

const side = (page: Page, name: string) =>
  page.locator('details').filter({ has: page.getByRole('heading', { name, exact: true }) });

// The buyer's page is kept by a worker of its own.
test.use({ serviceWorkers: 'allow' });

test(
  'a car is held against its report without signal, signed, and sent when there is some',
  onlyAt('phone', 'a car is checked on a phone; both widths are looked at on the way'),
  async ({ page, server, browser }) => {
    const report = await freezeWalk(page, server, facts);
    const { url: link } = await linkTo(server, report, 'Mirela in the harbour');
    const stranger = await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' });
    const buyer = await stranger.newPage();
    await buyer.goto(link);
    // The map and the readings come after the words and push down what is below: a finger waits for them.
    await expect(buyer.getByRole('button', { name: 'Bonnet: not looked at' })).toBeVisible();
    await expect(buyer.getByText('Is this the report that was signed?')).toBeVisible();
    await expect(async () => {
      await buyer.getByRole('link', { name: 'Check the car against the report' }).click();
      await buyer.waitForURL(/arrival/, { timeout: 3_000 });
    }).toPass();
    await expect(buyer.getByRole('heading', { name: 'Arrival check' })).toBeVisible();
    await noAxeFindings(buyer);
    await fitsSideways(buyer);

    // What is missing is said, and nothing is lost by it.
    await buyer.getByLabel('Buyer, driver, or for whom').fill('buyer');
    await buyer.getByRole('button', { name: 'Sign and send' }).click();
    await expect(buyer.getByText('Type your name.')).toBeVisible();
    await expect(buyer.getByText('Say where the car is.')).toBeVisible();
    await expect(buyer.getByText('Sign in the field with a finger.')).toBeVisible();
    await expect(buyer.getByLabel('Buyer, driver, or for whom')).toHaveValue('buyer');

    // Kept on the phone by a worker: it opens again with no network at all.
    await expect
      .poll(() => buyer.evaluate(async () => (await (await caches.open('zelk-arrival-1')).keys()).length))
      .toBeGreaterThan(3);
    await buyer.reload();
    await expect(buyer.getByLabel('Buyer, driver, or for whom')).toHaveValue('buyer');
    await stranger.setOffline(true);
    await buyer.reload();
    await expect(buyer.getByLabel('Buyer, driver, or for whom')).toHaveValue('buyer');

    await buyer.getByLabel('Your name').fill('Ida Brenn');
    await buyer.getByLabel('Where the car is').fill('Quay 4, Sandholm');
    await buyer.getByLabel('Odometer now, mi').fill('48,300 mls');
    const offside = side(buyer, 'Offside (right)');
    await offside.locator('summary').click();
    const door = offside.locator('#part-door-fr');
    await door.getByRole('button', { name: 'New or different' }).click();
    await signWithFinger(buyer);
    await buyer.getByRole('button', { name: 'Sign and send' }).click();
    await expect(buyer.getByText('Say in a note what is different, or take a photo.')).toBeVisible();
    await expect(buyer.getByText('Type the odometer in figures')).toBeVisible();
    await door.getByLabel('What is new or different?').fill('Scratched along the lower edge');
    await door.locator('input[type=file]').setInputFiles({
      name: 'door.jpg',
      mimeType: 'image/jpeg',
      buffer: await jpeg(8),
    });
    await expect(door.getByAltText('Taken for this part')).toBeVisible();
    await offside.getByRole('button', { name: /The other \d+ as described/ }).click();
    await expect(offside.getByText('✓ all answered')).toBeVisible();
    await buyer.getByLabel('Odometer now, mi').fill('48,300');
    await buyer.getByRole('button', { name: 'Sign and send' }).click();
    await expect(buyer.getByText('Signed. It is kept on this phone')).toBeVisible();

    await stranger.setOffline(false);
    await expect(buyer.getByText('Signed and sent')).toBeVisible({ timeout: 20_000 });
    await expect(buyer.getByText('87 miles more than in the report', { exact: false })).toBeVisible();
    await noAxeFindings(buyer);
    await fitsSideways(buyer);
    // Opened once more it is there, signed, and not to be signed twice.
    await buyer.reload();
    await expect(buyer.getByText('Signed and sent')).toBeVisible();
    await expect(buyer.getByRole('button', { name: 'Sign and send' })).toHaveCount(0);

    // The yard sees the difference.
    await page.goto(`${server.origin}/reports/${report.id}`);
    await expect(
      page.getByText('One signed check has come, 1 with something new or different'),
    ).toBeVisible();
    await page.getByRole('link', { name: 'Collection and arrival' }).click();
    await expect(page.getByText('link for Mirela in the harbour')).toBeVisible();
    await expect(page.getByText('Found: Scratched along the lower edge')).toBeVisible();
    await expect(page.getByAltText('Offside front door (right) as found, 1 of 1')).toBeVisible();
    await cleanAtBothWidths(page);
    await stranger.close();
  },
);
