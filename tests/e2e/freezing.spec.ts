import { begun, idOf, noted } from '../builders/entries';
import { sayWalk } from './frozen';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { sign } from './steps';

test(
  'what is missing opens to things that lead to their place; what readers will see is shown first; signing can be undone',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server }) => {
    const promised = {
      kind: 'finding-amended',
      body: { finding: idOf(0xf001), changes: { decision: { is: 'promised' } } },
    } as const;
    const { walk } = await sayWalk(page, server, [begun, noted(1, 'roof'), noted(2, 'bonnet'), promised]);
    await page.goto(`${server.origin}/walks/${walk}/report`);
    // What speaks against itself is asked before what is missing, and leads to where it is mended.
    await expect(page.getByRole('heading', { name: /^Settle this first/ })).toBeVisible();
    await page
      .getByRole('button', { name: '1, roof: promised, but nobody said what is done and by when' })
      .click();
    await expect(page.getByText(/^Stop \d+ of/)).toBeVisible();
    await page.goBack();
    await page.getByText('No close-up (2)').click();
    await expect(page.getByRole('button', { name: '2, bonnet' })).toBeVisible();
    await cleanAtBothWidths(page);

    // Left out, it stays left out over a reload, and the preview says so.
    await page.getByRole('button', { name: 'Left out' }).click();
    await page.reload();
    await expect(page.getByRole('button', { name: 'Left out' })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('link', { name: 'See it as the buyer will' }).click();
    await expect(page.getByText('Preview, not signed')).toBeVisible();
    await expect(page.getByRole('list', { name: 'In short' })).toBeVisible();
    await expect(page.locator('main dd', { hasText: 'not told in this report' })).toHaveCount(2);
    await page.getByRole('button', { name: 'Ask', exact: true }).click();
    await expect(page.getByText('Here readers ask the yard', { exact: false })).toBeVisible();
    expect((await (await server.fetch(`/api/walks/${walk}`)).json()).reports).toEqual([]);
    await page.getByRole('link', { name: 'Back' }).click();

    // Ten seconds in which nothing has gone out.
    await page.getByRole('button', { name: 'Freeze and sign the report' }).click();
    await expect(page.getByText(/Signed in \d+ s. Nothing is signed yet./)).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.waitForTimeout(1500);
    expect((await (await server.fetch(`/api/walks/${walk}`)).json()).reports).toEqual([]);
    await page.getByRole('button', { name: 'Freeze and sign the report' }).click();
    await expect(page.getByText('Report, revision 1', { exact: true })).toBeVisible({ timeout: 30_000 });
    await expect(page.locator('main dd', { hasText: 'not told in this report' })).toHaveCount(2);
  },
);

test(
  'a link is made again in one tap, and withdrawing one asks once',
  onlyAt('phone', 'the list is the same at both widths'),
  async ({ page, server, request }) => {
    const { walk } = await sayWalk(page, server, [begun, noted(1, 'roof')]);
    await page.goto(`${server.origin}/walks/${walk}/report`);
    await sign(page);
    await page.getByLabel('Link for').fill('A buyer far away');
    await page.getByRole('button', { name: 'Make a link' }).click();
    const first = await page.getByTestId('share-link').textContent();
    await page.getByRole('button', { name: 'Make again' }).click();
    await expect(page.getByTestId('share-link')).not.toHaveText(first ?? '');
    const second = await page.getByTestId('share-link').textContent();
    await expect(page.getByText('A buyer far away')).toHaveCount(2);
    await cleanAtBothWidths(page);

    await page.getByRole('button', { name: 'Withdraw', exact: true }).first().click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('button', { name: 'Withdraw', exact: true }).first().click();
    await cleanAtBothWidths(page);
    await page.getByRole('button', { name: 'Withdraw it' }).click();
    await expect(page.getByText('Withdrawn', { exact: true })).toBeVisible();
    // The other goes on opening.
    const apiOf = (link: string | null) =>
      server.origin + new URL(link ?? '').pathname.replace('/r/', '/api/shared/');
    expect((await request.get(apiOf(first))).status()).toBe(410);
    expect((await request.get(apiOf(second))).status()).toBe(200);
  },
);
