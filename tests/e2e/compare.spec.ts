import { begun, noted } from '../builders/entries';
import { sayWalk } from './frozen';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';

test(
  'two walks of a car are held against each other',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server }) => {
    const { car } = await sayWalk(page, server, [
      begun,
      noted(1),
      noted(2, 'roof'),
      { kind: 'part-cleared', body: { part: 'bonnet' } },
    ]);
    const handedOver = [
      begun,
      noted(3),
      noted(4, 'bonnet'),
      { kind: 'part-cleared', body: { part: 'roof' } } as const,
    ];
    await sayWalk(page, server, handedOver, { car, daysLater: 1 });
    await page.goto(`${server.origin}/cars/${car}`);
    await page.getByRole('link', { name: 'Walk against walk' }).click();
    await expect(page.getByRole('status')).toHaveText('1 new, 0 grown, 1 gone, 1 as before');
    await expect(page.getByRole('heading', { name: 'Bonnet' })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Roof' })).toBeVisible();
    await cleanAtBothWidths(page);
    // The other way round, what came went.
    await page.getByLabel('Before').selectOption({ index: 1 });
    await expect(page.getByText('Choose two different walks.')).toBeVisible();
    await page.getByLabel('After').selectOption({ index: 0 });
    await expect(page.getByRole('status')).toHaveText('1 new, 0 grown, 1 gone, 1 as before');
  },
);
