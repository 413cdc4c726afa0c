import { execFileSync } from 'node:child_process';
import { readFile } from 'node:fs/promises';
import { expect, test } from './server';
import { addCar, goTo, openEveryChapter, openYard, saved, sign, startWalk, tapPart } from './steps';

const pictures = [
  'demo/pictures/hatch-door-fl-dent-where.jpg',
  'demo/pictures/hatch-door-fl-dent-what.jpg',
] as const;

test('a person adds a car, walks it, freezes it, and a buyer reads it', async ({ page, server, browser }) => {
  await openYard(page, server);
  await addCar(page);
  await startWalk(page);

  // One tap when there is nothing to say, and the next part is under the thumb.
  await expect(page.getByRole('heading', { name: 'Front bumper' })).toBeVisible();
  await page.getByRole('button', { name: 'Clear', exact: true }).click();
  await expect(page.getByText(/Stop 2 of/)).toBeVisible();

  // Two taps for a finding: the spot, the kind.
  await goTo(page, 'door-fl', 'Nearside front door (left)');
  await tapPart(page, 'door-fl');
  await page.getByRole('button', { name: 'Dent', exact: true }).click();
  await expect(page.getByText('Logged on the nearside front door (left)')).toBeVisible();

  await page.getByRole('button', { name: 'Across the bay' }).click();
  await page.getByLabel('Across', { exact: true }).fill('4.2 cm');
  await page.getByLabel('Note').fill('No crease, paint unbroken.');
  await page.getByRole('button', { name: 'clear edge' }).click();
  await page.getByRole('button', { name: 'Paintless dent removal', exact: true }).click();
  await page.getByRole('button', { name: 'Promised', exact: true }).click();
  await page.getByRole('button', { name: 'where it is' }).click();
  await page.getByTestId('photo-file').setInputFiles(pictures[0]);
  await expect(page.getByRole('img', { name: 'where it is' })).toBeVisible();
  await page.getByRole('button', { name: 'the thing, close' }).click();
  await page.getByTestId('photo-file').setInputFiles(pictures[1]);
  await expect(page.getByRole('img', { name: 'close-up' })).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();

  // A second finding, counted, then one that is undone.
  await goTo(page, 'bonnet', 'Bonnet');
  await tapPart(page, 'bonnet');
  await page.getByRole('button', { name: 'Stone chip', exact: true }).click();
  await page.getByRole('button', { name: 'One more' }).click({ clickCount: 3 });
  await expect(page.getByRole('status', { name: 'How many' })).toHaveText('4');
  await page.getByRole('button', { name: 'Done' }).click();
  await tapPart(page, 'bonnet');
  await page.getByRole('button', { name: 'Scratch', exact: true }).click();
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(page.getByRole('img', { name: 'Finding 3' })).toHaveCount(0);

  for (const [tyre, name, depth] of [
    ['tyre-fl', 'Nearside front tyre (left)', '4-5'],
    ['tyre-rl', 'Nearside rear tyre (left)', '5'],
    ['tyre-rr', 'Offside rear tyre (right)', '5.5 mm'],
    ['tyre-fr', 'Offside front tyre (right)', '6/32'],
  ] as const) {
    await goTo(page, tyre, name);
    await page.getByLabel(/^Tread depth/).fill(depth);
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText(/^Read: /)).toBeVisible();
  }
  await goTo(page, 'roof', 'Roof');
  await page.getByRole('button', { name: 'Not seen' }).click();
  await page.getByRole('button', { name: 'too dark' }).click();

  // Closing the browser in the middle loses nothing, and comes back to the same stop.
  await saved(page);
  const stop = await page.getByText(/^Stop \d+ of/).textContent();
  await page.reload();
  await expect(page.getByText(stop ?? '')).toBeVisible();

  await page.getByRole('button', { name: /parts left/ }).click();
  await page.getByRole('button', { name: 'Odometer', exact: true }).first().click();
  await page.getByRole('textbox', { name: /^Odometer/ }).fill('48,213');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Read: 48,213 miles (77,591 km)')).toBeVisible();

  await page.getByRole('link', { name: 'Report' }).click();
  await expect(page.getByText(/Parts not looked at/)).toBeVisible();
  await sign(page);
  await expect(page.getByText('Report, revision 1', { exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = (await page.getByTestId('share-link').textContent()) as string;
  expect(link).toMatch(/\/r\/[\w-]{27}$/);

  // A clean browser: no sign-in, no memory of the yard.
  const stranger = await browser.newContext({ viewport: { width: 390, height: 844 }, acceptDownloads: true });
  const buyer = await stranger.newPage();
  await buyer.goto(link);
  await expect(buyer.getByRole('heading', { name: /Fenlark Tessel/ })).toBeVisible();
  await expect(buyer.getByRole('heading', { name: 'Across the bay' })).toBeVisible();
  await expect(buyer.getByRole('heading', { name: 'Dent, 42 mm across' })).toBeVisible();
  await openEveryChapter(buyer);
  await expect(buyer.getByText('Roof: could not be seen, too dark.')).toBeVisible();
  // Pictures further down are fetched when a reader comes near them.
  await buyer.locator('article img').first().scrollIntoViewIfNeeded();
  await expect(buyer.locator('article img')).toHaveCount(2);
  // A picture that did not arrive has no width. Asking for `decode()` waits for frames that a page behind another may never draw.
  await expect
    .poll(() =>
      buyer.locator('article img').evaluateAll((images) =>
        images.map((image) => {
          const { complete, naturalWidth } = image as HTMLImageElement;
          return complete && naturalWidth > 0;
        }),
      ),
    )
    .toEqual([true, true]);
  expect(await buyer.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);

  const download = buyer.waitForEvent('download');
  await buyer.getByRole('link', { name: 'PDF, A4' }).click();
  const file = await (await download).path();
  const text = execFileSync('pdftotext', ['-layout', file, '-']).toString();
  for (const line of ['Dent, 42 mm across', 'Stone chip × 4', 'Paintless dent removal', 'page 1 of'])
    expect(text).toContain(line);
  expect((await readFile(file)).subarray(0, 5).toString()).toBe('%PDF-');
  await stranger.close();

  // Withdrawn, the link says so plainly.
  await page.getByRole('button', { name: 'Withdraw', exact: true }).click();
  await page.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(page.getByText('Withdrawn')).toBeVisible();
  await page.goto(link);
  await expect(page.getByRole('heading', { name: 'This link was withdrawn' })).toBeVisible();
});
