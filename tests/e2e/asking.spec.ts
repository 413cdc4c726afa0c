import type { Browser, Page } from '@playwright/test';
import { begun, idOf, noted } from '../builders/entries';
import { jpeg } from '../builders/photos';
import type { RunningServer } from '../builders/runningServer';
import { type SaidWalk, sayWalk, sendPhoto } from './frozen';
import { cleanAtBothWidths, fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';

const finding = (n: number) => idOf(0xf000 + n);

/** A car with two findings, one of them photographed, frozen once. */
async function reported(page: Page, server: RunningServer): Promise<SaidWalk & { report: string }> {
  const photo = await sendPhoto(server, await jpeg(3));
  const said = await sayWalk(page, server, [
    begun,
    noted(1),
    noted(2, 'roof'),
    { kind: 'photo-attached', body: { photo, role: 'what', part: 'door-fl', finding: finding(1) } },
  ]);
  return { ...said, report: (await said.freeze()).id };
}

/** A clean browser on a phone abroad. */
async function buyerAt(browser: Browser, link: string): Promise<Page> {
  const stranger = await browser.newContext({
    viewport: { width: 390, height: 844 },
    locale: 'en-GB',
    acceptDownloads: true,
  });
  const buyer = await stranger.newPage();
  await buyer.goto(link);
  return buyer;
}

async function linkFor(page: Page, server: RunningServer, report: string, passphrase = ''): Promise<string> {
  await page.goto(`${server.origin}/reports/${report}`);
  await page.getByLabel('Link for').fill('Mirela in the harbour');
  await page.getByLabel('Passphrase, if wanted').fill(passphrase);
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = (await page.getByTestId('share-link').textContent()) as string;
  const code = page.getByRole('img', { name: 'The link as a code for a phone’s camera' });
  await expect
    .poll(() => code.evaluate((image: HTMLImageElement) => image.naturalWidth))
    .toBeGreaterThan(100);
  return link;
}

test(
  'a buyer asks at a spot, the yard answers there, and the answer is on the buyer’s page by itself',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server, browser }) => {
    const { report } = await reported(page, server);
    const buyer = await buyerAt(browser, await linkFor(page, server, report));
    await buyer.getByRole('button', { name: 'Ask about photo 1', exact: true }).click();
    await buyer.getByRole('button', { name: 'Ask the yard' }).click();
    await expect(buyer.getByText('Type what you want to know.')).toBeVisible();
    await buyer.getByRole('button', { name: /Put a ring/ }).click({ position: { x: 60, y: 40 } });
    await buyer.getByLabel('What do you want to know?').fill('Is the <b>seal</b> bent here?');
    await buyer.getByLabel(/A closer look, please/).check();
    await noAxeFindings(buyer);
    await fitsSideways(buyer);
    await buyer.getByRole('button', { name: 'Ask the yard' }).click();
    // Plain words, whatever they look like.
    await expect(buyer.getByRole('heading', { name: 'Is the <b>seal</b> bent here?' })).toBeVisible();
    await expect(buyer.getByText(/Not answered yet: waiting less than an hour/)).toBeVisible();
    // Said where one is, with the way to it.
    await buyer.getByRole('link', { name: 'See the question' }).click();
    await expect(buyer.getByRole('heading', { name: 'Is the <b>seal</b> bent here?' })).toBeInViewport();
    await expect(buyer.getByRole('status').filter({ hasText: 'Asked.' })).toHaveCount(0);
    await noAxeFindings(buyer);

    // At the desk: told on the report within moments, nobody reloads it, and in the list of second looks.
    await page.getByRole('link', { name: 'Second looks, in walk order' }).click({ timeout: 8_000 });
    await expect(page.getByRole('heading', { name: 'Nearside front door (left)' })).toBeVisible();
    await expect(page.getByText(/by Mirela in the harbour/)).toBeVisible();
    await page.getByRole('button', { name: 'Answer', exact: true }).click();
    await expect(page.getByText('Say what you saw.')).toBeVisible();
    await page.getByTestId('photo-file').setInputFiles({
      name: 'seal.jpg',
      mimeType: 'image/jpeg',
      buffer: await jpeg(7),
    });
    await expect(page.getByText('One photo goes with it.')).toBeVisible();
    await page.getByLabel('Your answer, for all readers').fill('It lies flat: a reflection.');
    await cleanAtBothWidths(page);
    await page.getByRole('button', { name: 'Answer', exact: true }).click();
    await expect(page.getByText('0 to answer, 1 answered')).toBeVisible();

    // Nobody reloads the buyer's page.
    await expect(buyer.getByText('It lies flat: a reflection.')).toBeVisible({ timeout: 8_000 });
    await expect(buyer.getByText('An answer has come.', { exact: false })).toBeVisible();
    const shown = buyer.getByRole('img', { name: 'To answer, 1 of 1' });
    await shown.scrollIntoViewIfNeeded();
    await expect
      .poll(() => shown.evaluate((image: HTMLImageElement) => image.naturalWidth))
      .toBeGreaterThan(0);
    await noAxeFindings(buyer);
  },
);

test(
  'a worry noted before the walk is asked at its part, and answered first',
  onlyAt('desk', 'the list is the same markup at both widths'),
  async ({ page, server, browser }) => {
    const { report, walk } = await reported(page, server);
    const link = await linkFor(page, server, report);
    await page.goto(`${server.origin}/walks/${walk}/questions`);
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByText('Type what worries them.')).toBeVisible();
    await page.getByLabel('Where').selectOption({ label: 'Bonnet' });
    await page.getByLabel('What worries them').fill('Any filler in it?');
    await page.getByLabel('Whose, for the yard alone').fill('Mr Oda');
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByText('1 to answer, 0 answered')).toBeVisible();
    await page.getByRole('button', { name: 'Go to the part' }).click();
    await expect(page.getByRole('link', { name: 'Mr Oda asks: Any filler in it?' })).toBeVisible();
    const buyer = await buyerAt(browser, link);
    await expect(buyer.getByText(/Asked before the walk: Bonnet/)).toBeVisible();
    await expect(buyer.getByText('Oda')).toHaveCount(0);
  },
);

test(
  'an old link opens the newest revision and says what changed; a copy is held against the fingerprint',
  onlyAt('desk', 'the buyer’s page has a phone’s width in any case'),
  async ({ page, server, browser }) => {
    const { report, walk, say, freeze } = await reported(page, server);
    const link = await linkFor(page, server, report);
    await say(
      { kind: 'finding-amended', body: { finding: finding(1), changes: { lengthMm: 40 } } },
      { kind: 'finding-dismissed', body: { finding: finding(2), why: 'a reflection' } },
      noted(3, 'bonnet'),
    );
    await freeze();
    const buyer = await buyerAt(browser, link);
    await expect(buyer.getByText(/You were sent revision 1/)).toBeVisible();
    const changes = buyer.locator('section', {
      has: buyer.getByRole('heading', { name: 'What changed since revision 1' }),
    });
    await expect(changes.getByText(/was “Dent”, is “Dent, 40 mm across”/)).toBeVisible();
    await expect(changes.getByText(/Withdrawn: roof: Dent; a reflection/)).toBeVisible();
    await changes.getByLabel('Show only findings that are new or changed').check();
    await expect(buyer.getByText('New since revision 1', { exact: true })).toBeVisible();
    await expect(buyer.getByText('Changed since revision 1', { exact: true })).toBeVisible();
    await noAxeFindings(buyer);
    await fitsSideways(buyer);

    const exported = await (await server.fetch(`/api/walks/${walk}/export`)).text();
    const hold = async (text: string) => {
      await buyer
        .locator('input[type=file]')
        .setInputFiles({ name: 'walk.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    };
    await hold(exported);
    await expect(buyer.getByText(/is the report that was signed, to the letter/)).toBeVisible();
    await hold(exported.replaceAll('40 mm across', '4 mm across'));
    await expect(buyer.getByText(/differs from the report that was signed/)).toBeVisible();
    await hold('not json');
    await expect(buyer.getByText(/is not JSON/)).toBeVisible();

    await buyer.getByRole('button', { name: /^Revision 1,/ }).click();
    await expect(buyer.getByText(/This is revision 1, kept as it was/)).toBeVisible();
    await expect(buyer.getByRole('heading', { name: 'Dent', exact: true }).first()).toBeVisible();
    await buyer.getByRole('button', { name: 'Open revision 2' }).click();
    await expect(buyer.getByText(/Revision 2, signed/)).toBeVisible();
  },
);

test(
  'a link with a passphrase asks for it, on a page that helps',
  onlyAt('desk', 'the buyer’s page has a phone’s width in any case'),
  async ({ page, server, browser }) => {
    const { report } = await reported(page, server);
    const link = await linkFor(page, server, report, 'three green doors');
    await expect(page.getByText(/asks for a passphrase, until/)).toBeVisible();
    await expect(page.getByText(/not opened yet/)).toBeVisible();
    const buyer = await buyerAt(browser, link);
    await expect(buyer.getByRole('heading', { name: 'This report asks for a passphrase' })).toBeVisible();
    await buyer.getByRole('button', { name: 'Open the report' }).click();
    await expect(buyer.getByText('Type the passphrase.')).toBeVisible();
    await buyer.getByLabel('Passphrase').fill('three red doors');
    await buyer.getByRole('button', { name: 'Open the report' }).click();
    await expect(buyer.getByText(/That is not the passphrase of this link/)).toBeVisible();
    await noAxeFindings(buyer);
    await buyer.getByLabel('Passphrase').fill('three green doors');
    await buyer.getByRole('button', { name: 'Open the report' }).click();
    await expect(buyer.getByRole('heading', { name: /Fenlark Tessel/ })).toBeVisible();
    const picture = buyer.locator('article img').first();
    await picture.scrollIntoViewIfNeeded();
    await expect
      .poll(() => picture.evaluate((image: HTMLImageElement) => image.naturalWidth))
      .toBeGreaterThan(0);
    await buyer.reload();
    await expect(buyer.getByRole('heading', { name: /Fenlark Tessel/ })).toBeVisible();
    // Mistyped: told what to do.
    await buyer.goto(`${link.slice(0, -3)}xyz`);
    await expect(buyer.getByText(/Check that the whole link was copied/)).toBeVisible();
  },
);
