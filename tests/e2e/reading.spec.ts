import type { Page } from '@playwright/test';
import type { Fact } from '#core/walk';
import { begun, idOf, noted } from '../builders/entries';
import { jpeg } from '../builders/photos';
import type { RunningServer } from '../builders/runningServer';
import { freezeWalk, linkTo, sendPhoto } from './frozen';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, test } from './server';

const finding = (n: number) => idOf(0xf000 + n);
const near = (n: number, part: string, notice: 'up-close' | 'across-the-bay'): Fact[] => [
  noted(n, part),
  { kind: 'notice-answered', body: { finding: finding(n), notice } },
];

/** Eight findings round the car, the first with a measured photo and a twin; the path of a link to the report. */
async function reported(page: Page, server: RunningServer): Promise<string> {
  const photo = await sendPhoto(server, await jpeg(4, 1600, 1200));
  const facts: Fact[] = [
    begun,
    ...near(1, 'door-fl', 'across-the-bay'),
    ...near(2, 'door-fr', 'up-close'),
    ...near(3, 'roof', 'up-close'),
    ...near(4, 'bonnet', 'up-close'),
    ...near(5, 'door-rl', 'up-close'),
    ...near(6, 'door-rr', 'across-the-bay'),
    ...near(7, 'tailgate', 'up-close'),
    noted(8, 'wing-fr'),
    { kind: 'photo-attached', body: { photo, role: 'what', part: 'door-fl', finding: finding(1) } },
    {
      kind: 'picture-measured',
      body: {
        photo,
        finding: finding(1),
        // A card of 342.4 pixels, four to the millimetre: the picture is 400 mm wide.
        measurement: {
          scale: {
            by: 'card',
            corners: [
              [100, 600],
              [442.4, 600],
              [442.4, 815.92],
              [100, 815.92],
            ],
          },
          mark: { of: 'length', from: [600, 600], to: [800, 600] },
          zoom: 1,
        },
        value: 50,
        plusMinus: 1,
      },
    },
  ];
  return (await linkTo(server, await freezeWalk(page, server, facts))).url;
}

test('a reader picks a finding on the map, comes nearer, compares sides, asks, and chooses what to see', async ({
  page,
  server,
}) => {
  await page.goto(await reported(page, server));
  const map = page.getByRole('region', { name: 'Where the findings are' });
  await map.locator('[data-part="door-fl"]').click({ force: true });
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('heading', { name: 'Dent, 50 mm across ± 1 mm (by a card)' })).toBeVisible();
  await noAxeFindings(page);
  await sheet.getByText('Compare with the other side').click();
  await expect(sheet.getByText('Offside front door (right): 2. Dent')).toBeVisible();

  // The bar is as long as it says: the picture is 400 mm wide.
  await sheet.getByRole('img', { name: /dent, 50 mm/i }).click();
  const bar = page.getByRole('img', { name: /^The bar is/ });
  const trueTo = async () => {
    const mm = Number(/is ([\d.]+) cm/.exec((await bar.getAttribute('aria-label')) ?? '')?.[1]) * 10;
    const picture = page.locator('.pswp__item[aria-hidden="false"] img[src*="/1600"]').last();
    const [barBox, pictureBox] = [await bar.boundingBox(), await picture.boundingBox()];
    return Math.abs((barBox?.width ?? 0) / (pictureBox?.width ?? 1) - mm / 400);
  };
  await expect.poll(trueTo).toBeLessThan(0.005);
  await expect(bar).toHaveText('10 cm');
  await page.getByRole('button', { name: 'Come nearer' }).click();
  await expect(bar).toHaveText('5 cm');
  await expect.poll(trueTo).toBeLessThan(0.005);
  await noAxeFindings(page);
  // Back closes what was opened last, one after the other.
  await page.goBack();
  await expect(sheet.getByRole('heading', { name: 'Dent, 50 mm across ± 1 mm' })).toBeVisible();

  // Asked from the sheet, about that very photo.
  await sheet.getByRole('button', { name: 'Ask about photo 1' }).click();
  await page.getByLabel('What do you want to know?').fill('Is the paint whole here?');
  await page.getByRole('button', { name: 'Ask the yard' }).click();
  await expect(page.locator('h3', { hasText: 'Is the paint whole here?' })).toBeAttached();
  await sheet.getByRole('button', { name: 'Close' }).click();
  await expect(sheet).toHaveCount(0);

  // From the map into the report.
  await map.locator('[data-part="door-rr"]').click({ force: true });
  await sheet.getByRole('button', { name: 'The next finding' }).click();
  await expect(sheet.getByText('Tailgate', { exact: false })).toBeVisible();
  await sheet.getByRole('button', { name: 'The finding before' }).click();
  await sheet.getByRole('button', { name: 'Read it in the report' }).click();
  await expect(page.locator('#finding-6')).toBeInViewport();

  await page.getByLabel('Noticed from').selectOption('across-the-bay');
  await expect(page.getByText('2 of 8 are shown.')).toBeVisible();
  await page.getByLabel('Side', { exact: true }).selectOption('left');
  await expect(page.getByText('1 of 8 are shown.')).toBeVisible();
  await page.getByLabel('Noticed from').selectOption('up-close');
  await page.getByLabel('Side', { exact: true }).selectOption('front');
  await expect(page.locator('#finding-4')).toBeVisible();
  await page.getByLabel('Noticed from').selectOption('across-the-bay');
  await page.getByRole('button', { name: 'Show all of them' }).click();
  await expect(page.getByText('All 8 are shown.')).toBeVisible();
  await noAxeFindings(page);
  await fitsSideways(page);
});
