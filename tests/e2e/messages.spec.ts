import sharp from 'sharp';
import { begun, noted } from '../builders/entries';
import { freezeWalk } from './frozen';
import { cleanAtBothWidths, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openYard } from './steps';

test(
  'the yard puts its mark on a report and sends a link to it',
  onlyAt('desk', 'both widths are looked at on the way'),
  async ({ page, ownServer: server, browser }) => {
    await openYard(page, server);
    await page.getByRole('link', { name: 'The yard on its reports' }).click();
    await page.getByLabel('Name').fill('Brindle Yard');
    await page.getByLabel('Mail address').fill('desk at brindle');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Type a mail address like')).toBeVisible();
    await page.getByLabel('Mail address').fill('desk@brindle.example');
    await page.getByLabel('Colour', { exact: true }).fill('#7a3b00');
    const file = page.locator('input[type=file]');
    await file.setInputFiles({ name: 'logo.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
    await expect(page.getByText('A logo is a PNG, JPEG or WebP picture')).toBeVisible();
    const logo = await sharp({ create: { width: 300, height: 100, channels: 3, background: '#7a3b00' } })
      .png()
      .toBuffer();
    await file.setInputFiles({ name: 'logo.png', mimeType: 'image/png', buffer: logo });
    await expect(page.locator('img[src^="/api/logos/"]')).toBeVisible();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Saved. Reports frozen from now on')).toBeVisible();
    await cleanAtBothWidths(page);

    const { id } = await freezeWalk(page, server, [begun, noted(1)]);
    await page.goto(`${server.origin}/reports/${id}`);
    await page.getByLabel('Send it to, if wanted').fill('ida');
    await page.getByRole('button', { name: 'Make and send a link' }).click();
    await expect(page.getByText('Type a mail address like ida@town.example')).toBeVisible();
    await page.getByLabel('Send it to, if wanted').fill('ida@town.example');
    await page.getByRole('button', { name: 'Make and send a link' }).click();
    const link = (await page.getByTestId('share-link').textContent()) as string;
    await page.getByRole('link', { name: 'Messages' }).click();
    await expect(
      page.getByRole('heading', { name: 'Condition report: Fenlark Tessel (2017)' }),
    ).toBeVisible();
    await expect(page.getByText(link, { exact: false })).toBeVisible();
    await cleanAtBothWidths(page);
    const saving = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Save as mail (.eml)' }).click();
    expect((await saving).suggestedFilename()).toMatch(/\.eml$/);

    const buyer = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await buyer.goto(link);
    await expect(buyer.locator('img[src*="/logos/"]')).toBeVisible();
    await expect(buyer.getByText('desk@brindle.example')).toBeVisible();
    await noAxeFindings(buyer);
    await buyer.context().close();
  },
);
