import { jpeg } from '../builders/photos';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { saved, tapPart } from './steps';

test(
  'a promise is kept: the finding is put right, shown as it is now, and told to the reader',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, beginWalk, browser }) => {
    await beginWalk();
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await tapPart(page, 'foglamp-r');
    await page.getByRole('button', { name: 'Moisture inside', exact: true }).click();
    await page.getByRole('button', { name: 'Replace', exact: true }).click();
    await page.getByRole('button', { name: 'Promised', exact: true }).click();
    await page.getByRole('button', { name: 'It was put right' }).click();
    // What was promised stands there already.
    await expect(page.getByLabel('What was done?')).toHaveValue('Replace');
    await page.getByLabel('What was done?').fill(' ');
    await page.getByRole('button', { name: 'Put right', exact: true }).click();
    await expect(page.getByText('Say in a few words what was done.')).toBeVisible();
    await page.getByLabel('What was done?').fill('New lamp fitted');
    await page.getByRole('button', { name: 'Put right', exact: true }).click();
    await expect(page.getByText('Take a photo of how it is now.')).toBeVisible();
    await cleanAtBothWidths(page);

    // The report says what is still missing, and leads there.
    await saved(page);
    const walk = page.url().split('?')[0] ?? '';
    await page.goto(`${walk}/report`);
    await expect(page.getByText('Put right, and no photo of how it is now (1)')).toBeVisible();
    await page.goto(walk);
    await page
      .getByRole('button', { name: /Moisture inside/ })
      .first()
      .click();
    await page
      .getByTestId('photo-file')
      .setInputFiles({ name: 'after.jpg', mimeType: 'image/jpeg', buffer: await jpeg(6) });
    await saved(page);
    await page.goto(`${walk}/report`);
    const freeze = page.getByRole('button', { name: 'Freeze and sign the report' });
    await expect(freeze).toBeVisible();
    await expect(page.getByText('Put right, and no photo of how it is now (1)')).toHaveCount(0);
    await freeze.click();
    await page.getByRole('button', { name: 'Make a link' }).click();
    const link = (await page.getByTestId('share-link').textContent()) as string;

    const buyer = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await buyer.goto(link);
    await expect(buyer.getByRole('heading', { name: 'Put right since it was found' })).toBeVisible();
    await expect(buyer.getByText('New lamp fitted')).toBeVisible();
    await expect(buyer.getByRole('img', { name: /finding 1 after it was put right/ })).toBeVisible();
    await expect(buyer.getByText(/1 finding:/)).toHaveCount(0);
    await buyer.context().close();
  },
);

test(
  'links that open nothing have pages that help',
  onlyAt('phone', 'the pages are the same at both widths'),
  async ({ page, ownServer: server }) => {
    for (const link of ['a'.repeat(27), 'mistyped', 'a'.repeat(26)]) {
      await page.goto(`${server.origin}/r/${link}`);
      await expect(page.getByRole('heading', { name: 'No such report' })).toBeVisible();
      await expect(page.getByText('Check that the whole link was copied')).toBeVisible();
      await cleanAtBothWidths(page);
      await page.goto(`${server.origin}/r/${link}?arrival=1`);
      await expect(page.getByText('Check that the whole link was copied')).toBeVisible();
    }
    // A page of a link needs no script to be told apart from a yard's page.
    const bare = await (await fetch(`${server.origin}/r/${'a'.repeat(27)}`)).text();
    expect(bare).toContain('<div id="first"></div>');
  },
);
