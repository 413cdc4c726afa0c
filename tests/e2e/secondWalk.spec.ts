import type { BoardPage } from '#core/api';
import { usualCrew } from '#core/schedule';
import { jpeg } from '../builders/photos';
import { beginWalk } from './begin';
import { findingOn, logged } from './logged';
import { cleanAtBothWidths, fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { saved } from './steps';

test(
  'a job is promised, done by a trade on its own phone with a picture, looked at again, and the next revision shows it kept',
  onlyAt('phone', 'each of the three has a phone or desk of its own'),
  async ({ page, browser, ownServer: server }) => {
    const { walk } = await beginWalk(page, server);
    const by = new Date(Date.now() + 20 * 86_400_000).toISOString().slice(0, 10);
    await logged(server, walk, [
      findingOn('door-fl', 'dent', {
        lengthMm: 25,
        notice: 'across-the-bay',
        decision: { is: 'promised', by },
      }),
      findingOn('bonnet', 'swirls', {
        severity: 'plain',
        notice: 'one-step-back',
        decision: { is: 'promised', by },
      }),
    ]);
    const put = (path: string, body: unknown) =>
      server.fetch(path, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      });
    await put('/api/crew', {
      ...usualCrew,
      members: usualCrew.members.map((member) => ({ ...member, weekdays: [0, 1, 2, 3, 4, 5, 6] })),
    });
    await put(`/api/walks/${walk}/plan`, { standard: 'not-one-step', isOn: true });
    const freeze = async () => {
      const answer = await server.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() });
      return (await answer.json()) as { id: string };
    };
    await freeze();

    // The yard hands the trade a link.
    const board = (await (await server.fetch('/api/board')).json()) as BoardPage;
    const dent = board.tasks.find(({ trade }) => trade === 'dent-specialist');
    await page.goto(`${server.origin}/board/sheet/dents/${dent?.from?.day}`);
    await page.getByLabel('Whom it is for').fill('Marl');
    await page.reload();
    await expect(page.getByLabel('Whom it is for')).toHaveValue('Marl');
    await page.getByRole('button', { name: 'Make a link' }).click();
    const url = await page.getByTestId('trade-link').getByText(/\/t\//).textContent();
    await expect(page.getByText(/^Opens until .*; not opened yet$/)).toBeVisible();
    await cleanAtBothWidths(page);

    const phone = await (
      await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
    ).newPage();
    await phone.goto(url ?? '');
    await expect(phone.getByRole('heading', { name: 'Jobs for Dent specialist' })).toBeVisible();
    await expect(phone.getByText(/Nearside front door \(left\): Dent, 25 mm across/)).toBeVisible();
    await expect(phone.getByText(/swirls/i)).toHaveCount(0);
    await noAxeFindings(phone);
    await fitsSideways(phone);
    // Nothing is said without a reason; what was typed outlives a reload.
    await phone.getByRole('button', { name: /^Cannot be done/ }).click();
    await phone.getByRole('button', { name: /^Say that it cannot be done/ }).click();
    await expect(phone.getByRole('alert')).toHaveText(/Say why it cannot be done/);
    await phone.getByLabel('Why not?').fill('pulled from behind');
    await phone.reload();
    await expect(phone.getByLabel('Why not?')).toHaveValue('pulled from behind');
    await phone
      .getByTestId('work-photo')
      .setInputFiles({ name: 'now.jpg', mimeType: 'image/jpeg', buffer: await jpeg(5) });
    await expect(phone.getByAltText('How it is now')).toBeVisible();
    await phone.getByRole('button', { name: /^Done: / }).click();
    await expect(phone.getByText('Said to be done', { exact: true })).toBeVisible();
    await noAxeFindings(phone);

    // The yard looks for itself: what the trade says is no fact of the record.
    await page.goto(`${server.origin}/walks/${walk}/second-walk`);
    await expect(page.getByText('0 of 2 looked at again')).toBeVisible();
    const door = page.getByRole('listitem').filter({ hasText: 'Nearside front door (left)' });
    await expect(door.getByText(/pulled from behind/)).toBeVisible();
    await door.getByRole('button', { name: 'Put their picture into the record' }).click();
    await door.getByRole('button', { name: 'Gone' }).click();
    await door.getByLabel('What was done, in your words').fill('dent drawn out');
    const bonnet = page.getByRole('listitem').filter({ hasText: 'Bonnet' });
    await bonnet.getByLabel('What is left of it, in your words').fill('a shadow in low sun');
    await bonnet.getByRole('button', { name: 'Better' }).click();
    await expect(page.getByText('2 of 2 looked at again')).toBeVisible();
    await cleanAtBothWidths(page);
    await saved(page);

    const { id } = await freeze();
    await page.goto(`${server.origin}/reports/${id}`);
    const mended = page.getByRole('article').filter({ hasText: 'dent drawn out' });
    await expect(mended.getByText(/^Promised by .*, and kept\.$/)).toBeVisible();
    await expect(mended.getByRole('img')).toHaveCount(1);
    await expect(
      page.getByText(/^Looked at again on .*: better, but not gone; a shadow in low sun\.$/),
    ).toBeVisible();

    // Withdrawn, the link says so.
    await page.goto(`${server.origin}/board/sheet/dents/${dent?.from?.day}`);
    await page.getByRole('button', { name: 'Withdraw the link for Marl' }).click();
    await expect(page.getByText(/^Withdrawn/)).toBeVisible();
    await phone.reload();
    await expect(phone.getByRole('heading', { name: 'This link was withdrawn' })).toBeVisible();
    await expect(phone.getByText(/Ask them for a new one/)).toBeVisible();
  },
);
