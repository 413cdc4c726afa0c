import { begun, noted } from '../builders/entries';
import { sayWalk } from './frozen';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';

test(
  'the cue sheet reads the walk out in order, rolls by itself and holds',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server }) => {
    const parts = ['wing-fl', 'door-fl', 'door-rl', 'quarter-rl', 'bonnet', 'roof', 'door-fr', 'door-rr'];
    const { walk } = await sayWalk(page, server, [begun, ...parts.map((part, i) => noted(i + 1, part))]);
    await page.goto(`${server.origin}/walks/${walk}`);
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByRole('link', { name: 'Cue sheet' }).click();
    await expect(page.getByText('Nearside front door (left): dent.')).toBeVisible();
    await expect(page.getByText('Offside rear door (right): dent.')).toBeAttached();
    await cleanAtBothWidths(page);
    const top = () => page.locator('main').evaluate((box) => box.scrollTop);
    await page.getByRole('button', { name: 'Fast' }).click();
    await page.getByRole('button', { name: 'Roll' }).click();
    await expect.poll(top).toBeGreaterThan(40);
    await page.getByRole('button', { name: 'Hold' }).click();
    const held = await top();
    await page.waitForTimeout(400);
    expect(Math.abs((await top()) - held)).toBeLessThan(3);
  },
);
