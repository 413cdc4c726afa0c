import type { BoardPage } from '#core/api';
import { type CrewSet, usualCrew } from '#core/schedule';
import type { RunningServer } from '../builders/runningServer';
import { beginWalk } from './begin';
import { findingOn, logged } from './logged';
import { cleanAtBothWidths, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';

/** Everybody works every day, so that no test waits for a weekday. */
const everyDay: CrewSet = {
  ...usualCrew,
  members: usualCrew.members.map((member) => ({ ...member, weekdays: [0, 1, 2, 3, 4, 5, 6] })),
};
const put = (server: RunningServer, path: string, body: unknown) =>
  server.fetch(path, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });

test(
  'a car is put on the board, planned, and a job put to another day with an honest answer',
  onlyAt('desk', 'both widths are looked at on the way'),
  async ({ page, ownServer: server }) => {
    const { walk } = await beginWalk(page, server);
    const by = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);
    await logged(server, walk, [
      findingOn('door-fl', 'dent', {
        lengthMm: 25,
        notice: 'one-step-back',
        decision: { is: 'promised', by },
      }),
      findingOn('bonnet', 'swirls', { severity: 'plain', notice: 'one-step-back' }),
    ]);
    await put(server, '/api/crew', everyDay);
    await page.goto(`${server.origin}/board`);
    await expect(page.getByText('No car is on the board.')).toBeVisible();
    await cleanAtBothWidths(page);

    await page.goto(`${server.origin}/walks/${walk}/plan`);
    await page.getByLabel('We work on it: it is on the board').check();
    await page.getByLabel('Collected on, if that is agreed').fill('2026-01-02');
    await expect(page.getByText('That day has passed. Choose today or a later one.')).toBeVisible();
    await page.getByLabel('Collected on, if that is agreed').fill('');
    await page.getByRole('link', { name: 'Who does it, when' }).click();
    const ready = page.getByRole('region', { name: 'When each car is ready' });
    await expect(ready.getByText(/^Promised by/)).toBeVisible();
    await page.getByRole('button', { name: 'Plan it anew' }).click();
    await expect(page.getByRole('button', { name: 'Plan it anew' })).toBeEnabled();
    await expect(ready.getByText(/late/)).toHaveCount(0);
    await cleanAtBothWidths(page);

    await page.getByRole('button', { name: /Paintless dent removal/ }).click();
    const hand = page.getByRole('region', { name: 'The job in hand' });
    const later = new Date(Date.now() + 3 * 86_400_000).toISOString().slice(0, 10);
    await hand.getByLabel('Day').fill(later);
    await hand.getByRole('button', { name: 'Put it there' }).click();
    await expect(page.getByRole('status').getByText(/late for what was promised by/)).toBeVisible();
    await expect(ready.getByText(/days? late/)).toBeVisible();
    await page.reload();
    await expect(ready.getByText(/days? late/)).toBeVisible();

    // The sheet of that day has the job with what was agreed.
    await page.getByRole('button', { name: /Paintless dent removal/ }).click();
    await hand.getByRole('link', { name: 'Job sheet of that day' }).click();
    await expect(page.getByRole('link', { name: 'PDF' })).toBeVisible();
    await expect(
      page.getByText('Paintless dent removal: nearside front door (left)', { exact: true }),
    ).toBeVisible();
    await expect(page.getByText(/^Nearside front door \(left\): Dent, 25 mm across/)).toBeVisible();
    await expect(
      page.getByText(/^Agreed with the buyer: Will be put right before collection, by/),
    ).toBeVisible();
    await cleanAtBothWidths(page);
    await page.getByRole('link', { name: 'Back to the board' }).click();
    await expect(ready).toBeVisible();

    await page.getByRole('button', { name: /Paintless dent removal/ }).click();
    await hand.getByRole('button', { name: 'Let Zelk choose' }).click();
    await page.getByRole('button', { name: 'Plan it anew' }).click();
    await expect(ready.getByText(/days? late/)).toHaveCount(0);
  },
);

test(
  'a job is dragged to another half-day, and not to who does not do it',
  onlyAt('desk', 'jobs are dragged at desks; a phone has the panel'),
  async ({ page, ownServer: server }) => {
    const { walk } = await beginWalk(page, server);
    await logged(server, walk, [findingOn('door-fl', 'dent', { lengthMm: 25, notice: 'one-step-back' })]);
    await put(server, '/api/crew', everyDay);
    await put(server, `/api/walks/${walk}/plan`, { standard: 'not-one-step', isOn: true });
    await page.goto(`${server.origin}/board`);
    const dent = page.getByRole('button', { name: /Paintless dent removal/ });
    const day = new Date(Date.now() + 2 * 86_400_000).toISOString().slice(0, 10);
    await dent.dragTo(page.locator(`[data-cell="dents ${day} 1"]`));
    await expect(
      page.locator(`[data-cell="dents ${day} 1"]`).getByText('Paintless dent removal'),
    ).toBeVisible();
    await expect(page.getByRole('status').getByText(/is ready on/)).toBeVisible();
    const board = (await (await server.fetch('/api/board')).json()) as BoardPage;
    expect(board.tasks.find(({ trade }) => trade === 'dent-specialist')).toMatchObject({
      isFixed: true,
      from: { day, half: 1 },
    });
    await dent.dragTo(page.locator(`[data-cell="workshop ${day} 0"]`));
    await expect(page.getByText('They do not do this work.')).toBeVisible();
    await expect(
      page.locator(`[data-cell="dents ${day} 1"]`).getByText('Paintless dent removal'),
    ).toBeVisible();
    await expect(page.getByRole('link', { name: 'Calendar of Dent specialist' })).toBeVisible();
  },
);

test(
  'who works when is the yard’s own; a slip is told with a name, and nothing is lost',
  onlyAt('phone', 'the form is the same markup at both widths'),
  async ({ page, ownServer: server }) => {
    await page.context().addCookies(server.cookies);
    await page.goto(`${server.origin}/crew`);
    const first = page.getByRole('listitem').first();
    await first.getByLabel('Name').fill('Tomas');
    await first.getByRole('button', { name: 'Sat' }).click();
    await page.getByLabel('Days on which nobody works').fill('25 December');
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/Write the days on which nobody works like 2026-12-25/)).toBeVisible();
    await page.getByLabel('Days on which nobody works').fill('2026-12-25');
    await first.getByRole('checkbox', { name: 'Our own hands' }).uncheck();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Tomas: Say what they do.')).toBeVisible();
    await page.reload();
    await expect(first.getByLabel('Name')).toHaveValue('Tomas');
    await first.getByRole('checkbox', { name: 'Our own hands' }).check();
    await page.getByLabel('Days on which nobody works').fill('2026-12-25');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Saved. The board goes by it.')).toBeVisible();
    const { crew } = (await (await server.fetch('/api/board')).json()) as BoardPage;
    expect(crew.members[0]).toMatchObject({
      name: 'Tomas',
      weekdays: [0, 1, 2, 3, 4, 5],
      trades: ['own-hands'],
    });
    expect(crew.closed).toEqual(['2026-12-25']);
  },
);
