import type { Fact } from '#core/walk';
import { beginWalk, makeCar, NELL } from './begin';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, test } from './server';

test('the morning tells what waits, late promises as late, and each is one tap away', async ({
  page,
  ownServer: server,
}) => {
  const { walk } = await beginWalk(page, server);
  await page.goto(`${server.origin}/morning`);
  await expect(page.getByRole('region', { name: 'Being walked' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Promised and due' })).toHaveCount(0);

  const finding = crypto.randomUUID();
  const noted = {
    kind: 'finding-noted',
    body: {
      finding,
      part: 'roof',
      spot: { u: 0.5, v: 0.5 },
      kind: 'dent',
      suspected: false,
      details: { decision: { is: 'promised', by: '2026-01-02' } },
    },
  } as Fact;
  const at = new Date().toISOString();
  const entry = (fact: Fact) => ({ ...fact, id: crypto.randomUUID(), walk, who: NELL, at });
  await server.post(`/api/walks/${walk}/entries`, { entries: [entry(noted)] });
  await server.post(`/api/walks/${walk}/questions`, {
    id: crypto.randomUUID(),
    text: 'Does the boot leak?',
    about: {},
    wantsLook: false,
  });
  await makeCar(server, { style: 'van' });
  await page.reload();
  const promised = page.getByRole('region', { name: 'Promised and due' });
  await expect(promised.getByText('One thing promised, late since 2 Jan 2026')).toBeVisible();
  await expect(page.getByRole('region', { name: 'To walk' }).getByText('Came today')).toBeVisible();
  await noAxeFindings(page);
  await fitsSideways(page);

  await page.getByRole('region', { name: 'To answer' }).getByRole('link').click();
  await expect(page.getByRole('heading', { name: 'Second looks' })).toBeVisible();
  await page.goBack();
  await promised.getByRole('link').click();
  await expect(page.getByText('How far to go')).toBeVisible();

  // Kept, it waits no more.
  const kept = { kind: 'put-right', body: { finding, says: 'Pressed out' } } as Fact;
  await server.post(`/api/walks/${walk}/entries`, { entries: [entry(kept)] });
  await page.goto(`${server.origin}/morning`);
  await expect(page.getByRole('region', { name: 'To walk' })).toBeVisible();
  await expect(promised).toHaveCount(0);
});
