import type { Page } from '@playwright/test';
import type { Entry } from '#core/walk';
import type { RunningServer } from '../builders/runningServer';
import { beginWalk } from './begin';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openEveryChapter, saved, sign } from './steps';

async function openFunctions(page: Page, server: RunningServer): Promise<string> {
  const { walk } = await beginWalk(page, server);
  await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
  await page.getByRole('link', { name: 'Does it work' }).click();
  await expect(page.getByRole('region', { name: 'In hand' })).toBeVisible();
  return walk;
}

test(
  'a run of 60 functions with 3 faults takes at most 40 taps, and is in the report',
  onlyAt('phone', 'taps are counted on a phone; both widths are looked at on the way'),
  async ({ page, server }) => {
    const walk = await openFunctions(page, server);
    await page.evaluate(() => {
      const counter = window as unknown as { taps: number };
      counter.taps = 0;
      document.addEventListener('pointerdown', () => counter.taps++, true);
    });
    const all = await page.getByRole('status').textContent();
    const [, first = '', others = ''] = /(\d+) left; (\d+) others not tried/.exec(all ?? '') ?? [];
    const left = Number(first) + Number(others);
    // A handful is asked for; the rest waits folded.
    expect(Number(first)).toBeLessThanOrEqual(14);
    expect(left).toBeGreaterThanOrEqual(55);
    await page.getByText(/^Everything else: \d+ not tried/).click();
    for (const [name, says] of [
      ['Horn', 'dead'],
      ['Air-con blows cold', 'blows warm'],
      ['Front windows, both ways', 'stops halfway'],
    ] as const) {
      await page.getByRole('listitem').getByRole('button', { name }).click();
      await page.getByRole('button', { name: 'Faulty', exact: true }).click();
      await page.getByRole('button', { name: says, exact: true }).click();
    }
    // A drive is answered for only once it is said who drove.
    await page.getByRole('listitem').getByRole('button', { name: 'Pulls straight' }).click();
    await page.getByLabel(/Licensed, insured/).check();
    await page.getByRole('button', { name: 'Begin the drive' }).click();
    const rest = page.getByRole('button', { name: /^(All work|\d+ left work)$/ });
    while ((await rest.count()) > 0) await rest.first().click();
    await expect(page.getByRole('status')).toHaveText(`${left - 3} work, 3 faulty, 0 left`);
    expect(await page.evaluate(() => (window as unknown as { taps: number }).taps)).toBeLessThanOrEqual(40);
    await cleanAtBothWidths(page);
    await saved(page);
    await page.goto(`${server.origin}/walks/${walk}/report`);
    await sign(page);
    await page.waitForURL(/\/reports\//);
    await openEveryChapter(page);
    await expect(page.getByRole('heading', { name: 'Does it work' })).toBeVisible();
    await expect(page.getByText('Faulty: Air-con does not blow cold')).toBeVisible();
    await expect(page.getByText(`${left - 3} of ${left} functions tried work; 3 are faulty.`)).toBeVisible();
    await cleanAtBothWidths(page);
  },
);

test(
  'the list grows by typing, a test that needs time counts down, and a reason is asked for',
  onlyAt('phone', 'the list is the same at both widths'),
  async ({ page, server }) => {
    const walk = await openFunctions(page, server);
    await page.getByLabel(/Also fitted: type/).fill('camera');
    await page.getByRole('button', { name: 'Reversing camera' }).click();
    await page.getByLabel(/Also fitted: type/).fill('Winch');
    await page.getByLabel(/Or add/).selectOption({ label: 'Roof, tow, suspension, charging' });
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByRole('listitem').getByRole('button', { name: 'Winch' }).click();
    await page.getByRole('button', { name: 'Not tried', exact: true }).click();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('alert')).toHaveText('Say why it was not tried.');
    await page.getByLabel('In your own words').fill('no remote with it');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.getByRole('listitem').getByRole('button', { name: 'Air-con blows cold' }).click();
    await page.getByRole('button', { name: 'Begin: 3 min' }).click();
    await expect(page.getByText(/^2:5\d$/).first()).toBeVisible();
    await page.reload();
    await expect(page.getByText(/^2:\d\d$/).first()).toBeVisible();
    await saved(page);
    const { entries } = (await (await server.fetch(`/api/walks/${walk}`)).json()) as {
      entries: Entry[];
    };
    expect(entries.flatMap((entry) => (entry.kind === 'functions-tried' ? [entry.body.says] : []))).toEqual([
      'no remote with it',
    ]);
  },
);
