import { mkdtempSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import type { Entry } from '#core/walk';
import { wavWithNote } from '../builders/recordings';
import type { RunningServer } from '../builders/runningServer';
import { beginWalk } from './begin';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openEveryChapter, saved, sign } from './steps';

async function openFunctions(page: Page, server: RunningServer): Promise<string> {
  const { walk } = await beginWalk(page, server);
  await page.goto(`${server.origin}/walks/${walk}/functions`);
  await expect(page.getByRole('region', { name: 'In hand' })).toBeVisible();
  return walk;
}

const entriesOf = async (server: RunningServer, walk: string): Promise<Entry[]> =>
  ((await (await server.fetch(`/api/walks/${walk}`)).json()) as { entries: Entry[] }).entries;

async function freeze(page: Page, server: RunningServer, walk: string): Promise<void> {
  await page.goto(`${server.origin}/walks/${walk}/report`);
  await sign(page);
  await page.waitForURL(/\/reports\//);
  await openEveryChapter(page);
}

test(
  'the start goes step by step, a tap each, and lamps that stay on are chosen by what they mean',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server }) => {
    const walk = await openFunctions(page, server);
    await page.getByRole('button', { name: /step by step/ }).click();
    const steps = page.getByRole('region', { name: 'Start, step by step' });
    const [, last] = /of (\d+)/.exec((await steps.getByText(/Step 1 of/).textContent()) ?? '') ?? [];
    for (let i = 0; i < Number(last); i++) {
      await expect(steps.getByText(`Step ${i + 1} of ${last}`)).toBeVisible();
      if (!(await steps.getByText('All warning lamps out?').isVisible())) {
        await steps.getByRole('button', { name: 'Yes' }).click();
        continue;
      }
      await steps.getByRole('button', { name: 'No', exact: true }).click();
      await expect(steps.getByRole('button', { name: /stay on/ })).toBeDisabled();
      await steps.getByRole('button', { name: 'Airbag' }).click();
      await steps.getByRole('button', { name: 'Engine management' }).click();
      await expect(steps.getByText(/Airbag lamp on: do not drive/)).toBeVisible();
      await cleanAtBothWidths(page);
      await steps.getByRole('button', { name: 'These 2 stay on' }).click();
    }
    await expect(steps).toHaveCount(0);
    await saved(page);
    const entries = await entriesOf(server, walk);
    expect(entries.flatMap((entry) => (entry.kind === 'lamps-noted' ? [entry.body.on] : []))).toEqual([
      ['airbag', 'engine'],
    ]);
    const tried = entries.flatMap((entry) => (entry.kind === 'functions-tried' ? [entry.body] : []));
    expect(tried).toHaveLength(Number(last));
    expect(tried.filter(({ state }) => state === 'faulty')).toEqual([
      { functions: ['lamps-out'], state: 'faulty', says: 'airbag, engine management stay on' },
    ]);
    await freeze(page, server, walk);
    await expect(page.getByText('Warning lamps that stay on: airbag, engine management.')).toBeVisible();
  },
);

test(
  'nobody drives before it is said who, and that they may',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server }) => {
    const walk = await openFunctions(page, server);
    const drive = page.getByRole('region', { name: 'A short drive' });
    await drive.getByRole('button', { name: 'All work' }).click();
    await expect(page.getByText(/insured, licensed driver with trade cover, phone away/)).toBeVisible();
    await page.getByRole('button', { name: 'Begin the drive' }).click();
    await expect(page.getByText('Confirm this before anyone drives.')).toBeVisible();
    await cleanAtBothWidths(page);
    await page.getByLabel(/Licensed, insured/).check();
    await page.getByLabel('Who drives').fill('');
    await page.getByRole('button', { name: 'Begin the drive' }).click();
    await expect(page.getByText('Say who drives.')).toBeVisible();
    await page.getByLabel('Who drives').fill('Tomas');
    await page.getByRole('button', { name: 'Begin the drive' }).click();
    await page.getByLabel(/How far/).fill('far');
    await page.keyboard.press('Tab');
    await expect(page.getByText(/Type how far, like 4 or 2.5/)).toBeVisible();
    await page.getByLabel(/How far/).fill('4.5');
    await page.keyboard.press('Tab');
    await expect(page.getByText(/Tomas drives, cover confirmed; 4.5 miles/)).toBeVisible();
    await drive.getByRole('button', { name: 'All work' }).click();
    await expect(drive.getByText('all said')).toBeVisible();
    await saved(page);
    const entries = await entriesOf(server, walk);
    expect(entries.findLast(({ kind }) => kind === 'drive-noted')?.body).toEqual({
      driver: 'Tomas',
      coverConfirmed: true,
      distance: 4.5,
      unit: 'mi',
    });
    await freeze(page, server, walk);
    await expect(
      page.getByText('Driven 4.5 miles by a licensed, insured driver with trade cover.'),
    ).toBeVisible();
    await expect(page.getByText('Tomas')).toHaveCount(0);
  },
);

test(
  'a car nobody drives says why, in two taps',
  onlyAt('phone', 'the list is the same at both widths'),
  async ({ page, server }) => {
    await openFunctions(page, server);
    const drive = page.getByRole('region', { name: 'A short drive' });
    await drive.getByRole('button', { name: 'Pulls straight' }).click();
    await page.getByRole('button', { name: 'Nobody drives it' }).click();
    await page.getByRole('button', { name: 'no trade cover' }).click();
    await expect(drive.getByText('all said')).toBeVisible();
    await expect(drive.getByText('not tried').first()).toBeVisible();
  },
);

test(
  'a fault is recorded, filmed and played back on the report; what cannot be played is refused in words',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server, context }) => {
    await context.grantPermissions(['camera', 'microphone']);
    const walk = await openFunctions(page, server);
    await page.getByText(/^Everything else/).click();
    await page.getByRole('listitem').getByRole('button', { name: 'Horn' }).click();
    await page.getByRole('button', { name: 'Faulty', exact: true }).click();
    const hand = page.getByRole('region', { name: 'In hand' });
    await hand.getByRole('button', { name: 'Record', exact: true }).click();
    await page.waitForTimeout(1500);
    await hand.getByRole('button', { name: /Stop/ }).click();
    await expect(hand.locator('audio')).toHaveCount(1);
    await hand.getByRole('button', { name: 'Film', exact: true }).click();
    await page.waitForTimeout(1500);
    await hand.getByRole('button', { name: /Stop/ }).click();
    await expect(hand.locator('video')).toHaveCount(1);

    const folder = mkdtempSync(join(tmpdir(), 'zelk-recordings-'));
    try {
      const file = (name: string) => join(folder, name);
      writeFileSync(file('list.mp3'), 'Milk, bread, a fan belt.');
      writeFileSync(file('long.wav'), wavWithNote(48));
      // Two gigabytes that take no room: only its size is looked at.
      writeFileSync(file('walk.mp4'), '');
      truncateSync(file('walk.mp4'), 2 * 1024 ** 3);
      for (const [name, says] of [
        ['list.mp3', /list.mp3 cannot be played: it is neither sound nor video/],
        ['long.wav', /long.wav is 48 seconds long; at most 30/],
        ['walk.mp4', /walk.mp4 has 2.1 GB; at most 40 MB/],
      ] as const) {
        await hand.getByTestId('recording-file').setInputFiles(file(name));
        await expect(hand.getByRole('alert')).toHaveText(says);
      }
      writeFileSync(file('horn.wav'), wavWithNote(3));
      await hand.getByTestId('recording-file').setInputFiles(file('horn.wav'));
      await expect(hand.locator('audio')).toHaveCount(2);
      await expect(hand.getByRole('alert')).toHaveCount(0);
    } finally {
      rmSync(folder, { recursive: true });
    }
    await cleanAtBothWidths(page);
    await page.getByRole('button', { name: 'dead', exact: true }).click();
    await saved(page);
    const entries = await entriesOf(server, walk);
    expect(entries.filter(({ kind }) => kind === 'recording-attached')).toHaveLength(3);
    await freeze(page, server, walk);
    for (const selector of ['audio', 'video']) {
      const player = page.locator(selector).first();
      await player.scrollIntoViewIfNeeded();
      await player.evaluate(async (media: HTMLMediaElement) => {
        media.muted = true;
        await media.play();
      });
      await expect
        .poll(() => player.evaluate((media: HTMLMediaElement) => media.currentTime))
        .toBeGreaterThan(0.3);
    }
    await cleanAtBothWidths(page);
  },
);
