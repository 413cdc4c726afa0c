import { usualCrew } from '#core/schedule';
import type { Fact } from '#core/walk';
import { beginWalk, makeCar } from './begin';
import { findingOn, logged } from './logged';
import { cleanAtBothWidths, fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';

test(
  'the morning tells what waits, late promises as late, and each is one tap away',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, ownServer: server }) => {
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
    await logged(server, walk, [noted]);
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
    await cleanAtBothWidths(page);

    await page.getByRole('region', { name: 'To answer' }).getByRole('link').click();
    await expect(page.getByRole('heading', { name: 'Second looks' })).toBeVisible();
    await page.goBack();
    await promised.getByRole('link').click();
    await expect(page.getByText('How far to go')).toBeVisible();

    // Kept, it waits no more.
    const kept = { kind: 'put-right', body: { finding, says: 'Pressed out' } } as Fact;
    await logged(server, walk, [kept]);
    await page.goto(`${server.origin}/morning`);
    await expect(page.getByRole('region', { name: 'To walk' })).toBeVisible();
    await expect(promised).toHaveCount(0);
  },
);

test(
  'whoever looks after the yard comes to the morning first, others and a device that is set otherwise to the stock list',
  onlyAt('phone', 'where one comes to is the same at both widths'),
  async ({ page, browser, ownServer: server }) => {
    const { walk } = await beginWalk(page, server);
    await logged(server, walk, [
      findingOn('door-fl', 'dent', {
        lengthMm: 25,
        notice: 'one-step-back',
        decision: { is: 'promised', by: dayIn(1) },
      }),
    ]);
    const put = (path: string, body: unknown) =>
      server.fetch(path, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      });
    // The dent specialist comes in three days, a day too late.
    const weekday = (new Date(`${dayIn(3)}T00:00:00Z`).getUTCDay() + 6) % 7;
    await put('/api/crew', {
      ...usualCrew,
      members: usualCrew.members.map((member) => ({
        ...member,
        weekdays: member.id === 'dents' ? [weekday] : [0, 1, 2, 3, 4, 5, 6],
      })),
    });
    await put(`/api/walks/${walk}/plan`, { standard: 'not-one-step', isOn: true });
    const own = await (
      await browser.newContext({
        viewport: page.viewportSize() ?? { width: 390, height: 844 },
        serviceWorkers: 'block',
      })
    ).newPage();
    await own.context().addCookies(server.cookies);
    await own.goto(server.origin);
    await expect(own.getByRole('heading', { name: 'This morning' })).toBeVisible();
    // It rings before the day.
    await expect(
      own
        .getByRole('region', { name: 'Will be late for a promise' })
        .getByText(/^Promised by .*, ready \d days? later/),
    ).toBeVisible();
    const trade = own.getByRole('region', { name: 'Waiting for a trade' });
    await expect(trade.getByText(/^Dent specialist, /)).toBeVisible();
    await noAxeFindings(own);
    await fitsSideways(own);
    await trade.getByRole('link').first().click();
    await expect(own.getByRole('link', { name: 'PDF' })).toBeVisible();
    await own.goto(`${server.origin}/morning`);
    await own.getByRole('link', { name: 'Back to the stock list' }).click();
    await expect(own.getByRole('heading', { name: 'Stock list' })).toBeVisible();

    await own.goto(`${server.origin}/me`);
    await own.getByLabel(/^Open with “This morning”/).uncheck();
    await own.goto(server.origin);
    await expect(own.getByRole('heading', { name: 'Stock list' })).toBeVisible();
    await own.context().close();
  },
);

const dayIn = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);
