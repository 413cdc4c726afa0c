import { beginWalk } from './begin';
import { findingOn, logged } from './logged';
import { cleanAtBothWidths, fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';

test(
  'a buyer chooses at a price, the yard confirms it, and the next revision promises it',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, browser, ownServer: server }) => {
    const { walk } = await beginWalk(page, server);
    const offered = (part: string, amount: number) =>
      findingOn(part, 'dent', {
        lengthMm: 25,
        decision: { is: 'buyer-chooses', price: { amount, currency: 'GBP' } },
      });
    await logged(server, walk, [offered('roof', 90), offered('bonnet', 60)]);
    const freeze = async () =>
      (await (await server.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() })).json()) as {
        id: string;
        findings: { partName: string; promised: boolean }[];
      };
    const report = await freeze();
    const { token } = (await (
      await server.post(`/api/reports/${report.id}/shares`, { label: 'A buyer' })
    ).json()) as {
      token: string;
    };

    const buyer = await (await browser.newContext()).newPage();
    await buyer.goto(`${server.origin}/r/${token}`);
    const choices = buyer.getByRole('region', { name: 'What you may choose' });
    const bonnet = choices.getByRole('listitem').filter({ hasText: 'Bonnet' });
    await bonnet.getByRole('button', { name: 'I want this' }).click();
    await expect(bonnet.getByText(/nothing is agreed before/)).toBeVisible();
    await choices
      .getByRole('listitem')
      .filter({ hasText: 'Roof' })
      .getByRole('button', { name: 'I want this' })
      .click();
    await expect(choices.getByText('2 things, together £150')).toBeVisible();
    await choices
      .getByRole('listitem')
      .filter({ hasText: 'Roof' })
      .getByRole('button', { name: 'Take it back' })
      .click();
    await expect(choices.getByText('One thing, together £60')).toBeVisible();
    await noAxeFindings(buyer);
    await fitsSideways(buyer);

    await page.goto(`${server.origin}/morning`);
    await page.getByRole('region', { name: 'Chosen by a buyer' }).getByRole('link').click();
    const chosen = page.getByRole('region', { name: 'Chosen by a buyer' });
    await expect(chosen.getByText(/Bonnet: Dent, 25 mm across, £60/)).toBeVisible();
    await cleanAtBothWidths(page);
    await chosen.getByRole('button', { name: 'Confirm: we promise it' }).click();
    await expect(chosen).toHaveCount(0);

    await buyer.reload();
    await expect(bonnet.getByText('Confirmed by the yard: it will be put right.')).toBeVisible();
    const next = await freeze();
    const promised = next.findings.map((each) => `${each.partName.toLowerCase()} ${each.promised}`);
    expect(promised.toSorted()).toEqual(['bonnet true', 'roof false']);
    await buyer.reload();
    await expect(bonnet.getByText('Confirmed by the yard: it will be put right.')).toBeVisible();
    await buyer.context().close();
  },
);
