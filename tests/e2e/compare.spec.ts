import { details } from '../builders/car';
import { begun, CAR, entriesOf, noted, WALK } from '../builders/entries';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, test } from './server';
import { NELL, openYard } from './steps';

const LATER = '018f0000-0000-7000-8000-0000000000ab';

test('two walks of a car are held against each other', async ({ page, server }) => {
  await openYard(page, server);
  await server.post('/api/cars', { id: CAR, details });
  const taken = entriesOf([
    begun,
    noted(1),
    noted(2, 'roof'),
    { kind: 'part-cleared', body: { part: 'bonnet' } },
  ]);
  const handed = entriesOf(
    [begun, noted(3), noted(4, 'bonnet'), { kind: 'part-cleared', body: { part: 'roof' } }],
    LATER,
    0x100,
  ).map((entry) => ({ ...entry, at: entry.at.replace('2026-03-14', '2026-03-15') }));
  for (const [walk, entries] of [
    [WALK, taken],
    [LATER, handed],
  ] as const) {
    const sent = entries.map((entry) => ({ ...entry, who: NELL }));
    expect((await server.post(`/api/walks/${walk}/entries`, { entries: sent })).ok).toBe(true);
  }
  await page.goto(`${server.origin}/cars/${CAR}`);
  await page.getByRole('link', { name: 'Walk against walk' }).click();
  await expect(page.getByRole('status')).toHaveText('1 new, 0 grown, 1 gone, 1 as before');
  await expect(page.getByRole('heading', { name: 'Bonnet' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Roof' })).toBeVisible();
  await noAxeFindings(page);
  await fitsSideways(page);
  // The other way round, what came went.
  await page.getByLabel('Before').selectOption({ index: 1 });
  await expect(page.getByText('Choose two different walks.')).toBeVisible();
  await page.getByLabel('After').selectOption({ index: 0 });
  await expect(page.getByRole('status')).toHaveText('1 new, 0 grown, 1 gone, 1 as before');
});
