import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BrowserContext, chromium, type Page } from '@playwright/test';
import sharp from 'sharp';
import type { WalkPage } from '#core/api';
import { OWNER_PASSWORD, type RunningServer } from '../builders/runningServer';
import { beginWalk, makeCar } from './begin';
import { noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { addCar, openYard, saved, sign, startWalk } from './steps';

const phone = onlyAt('phone', 'what a device keeps does not depend on the width');

/** A phone of somebody's own: what it keeps is there when its browser is opened again. */
class Phone {
  readonly #dir = mkdtempSync(join(tmpdir(), 'zelk-phone-'));
  #context: BrowserContext | undefined;

  async open(address: string): Promise<Page> {
    // Width, touch and how the browser is started come from the project that runs.
    this.#context = await chromium.launchPersistentContext(this.#dir, { serviceWorkers: 'allow' });
    const [page = await this.#context.newPage()] = this.#context.pages();
    await page.goto(address);
    return page;
  }

  async signIn(server: RunningServer): Promise<Page> {
    const page = await this.open(server.origin);
    await page.getByLabel('Name').fill('Nell Harrick');
    await page.getByLabel('Password').fill(OWNER_PASSWORD);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await isKept(page);
    return page;
  }

  /** Closes the browser, as a phone does that wants its memory. */
  async close(): Promise<void> {
    await this.#context?.close();
  }

  async remove(): Promise<void> {
    await this.close();
    rmSync(this.#dir, { recursive: true, force: true });
  }
}

/** Zelk is on the device and stands between its pages and the network. */
const isKept = (page: Page) =>
  expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);

const keptPhotos = (page: Page) =>
  page.evaluate(async () => (await (await caches.open('zelk-photos')).keys()).length);

const logOf = async (server: RunningServer, walk: string): Promise<string[]> => {
  const answer = await server.fetch(`/api/walks/${walk}`);
  return answer.ok ? ((await answer.json()) as WalkPage).entries.map(({ kind }) => kind) : [];
};

test(
  'a day without signal: the yard opens, a car is added and walked, the phone is closed, and all of it arrives',
  phone,
  async ({ page: desk, ownServer: server }) => {
    const mine = new Phone();
    try {
      // What stands in the yard: a car half walked, and one nobody has begun.
      const known = await beginWalk(desk, server);
      await desk.getByRole('button', { name: 'Clear', exact: true }).click();
      await desk.getByRole('button', { name: 'Photo', exact: true }).click();
      await desk.getByTestId('photo-file').setInputFiles('demo/pictures/hatch-door-fl-dent-what.jpg');
      await saved(desk);
      await makeCar(server, { style: 'van' });

      let page = await mine.signIn(server);
      // Opened once more it finds Zelk on the device, and takes along what is in hand.
      await page.reload();
      await expect(page.getByRole('heading', { name: 'This morning' })).toBeVisible();
      await expect.poll(() => keptPhotos(page), { timeout: 60_000 }).toBe(1);
      await page.waitForTimeout(1500);
      await mine.close();
      await server.end();

      // In the yard. The phone has been in a pocket: everything is opened anew.
      page = await mine.open(server.origin);
      await expect(page.getByText(/these are the cars this device keeps/)).toBeVisible();
      await expect(page.getByRole('listitem')).toHaveCount(2);
      await noAxeFindings(page);
      await page.getByLabel('Search the stock list').fill('no such plate');
      await expect(page.getByRole('listitem')).toHaveCount(0);
      await page.getByLabel('Search the stock list').fill('');
      await page.goto(`${server.origin}/walks/${known.walk}`);
      await expect(page.getByText(/Stop \d+ of/)).toBeVisible();
      expect(
        await page.evaluate(
          (walk) =>
            fetch(`/api/walks/${walk}`).then(
              () => true,
              () => false,
            ),
          known.walk,
        ),
      ).toBe(false);

      await page.goto(server.origin);
      await addCar(page, { stock: 'OFF-1' });
      await expect(page.getByText(/kept on this device and sent when there is signal/)).toBeVisible();
      await startWalk(page);
      await page.getByRole('button', { name: 'Clear', exact: true }).click();
      await expect(page.getByText(/Stop 2 of/)).toBeVisible();
      await page.getByRole('button', { name: 'Photo', exact: true }).click();
      await page.getByTestId('photo-file').setInputFiles('demo/pictures/hatch-door-fl-dent-where.jpg');
      await expect(page.getByRole('img', { name: 'where it is' })).toBeVisible();
      await expect(page.getByTestId('outbox')).toHaveAccessibleName(/kept here/);
      const walk = /walks\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? '';
      await page.getByRole('link', { name: 'Report' }).click();
      await sign(page);
      await expect(page.getByText(/No signal: a report is frozen by the server/)).toBeVisible({
        timeout: 60_000,
      });
      await mine.close();

      // Closed and opened again: the car, its walk and the reminder are there.
      page = await mine.open(server.origin);
      await expect(page.getByText('The report of OFF-1 waits to be frozen')).toBeVisible();
      await expect(page.getByRole('listitem')).toHaveCount(3);
      await page.getByRole('link', { name: /OFF-1/ }).click();
      await expect(page.getByText('Begun on this device')).toBeVisible();
      await page.getByRole('link', { name: 'Go on walking' }).click();
      await expect(page.getByText(/Stop 2 of/)).toBeVisible();

      // Signal again: nobody does anything for it to arrive.
      await server.start();
      await saved(page);
      const log = await logOf(server, walk);
      expect(log.filter((kind) => kind === 'part-cleared')).toHaveLength(1);
      expect(log.filter((kind) => kind === 'photo-attached')).toHaveLength(1);
      await page.goto(`${server.origin}/walks/${walk}/report`);
      await expect(page.getByText(/the report can be frozen now/)).toBeVisible();
      await sign(page);
      await expect(page).toHaveURL(/\/reports\//);
      await page.goto(server.origin);
      await expect(page.getByText(/waits to be frozen/)).toHaveCount(0);
    } finally {
      await mine.remove();
    }
  },
);

test(
  'a newer Zelk is told, waits while somebody walks, and is used at a quiet moment',
  phone,
  async ({ another: server }) => {
    const mine = new Phone();
    try {
      const page = await mine.signIn(server);
      await page.reload();
      await addCar(page, { stock: 'NEW-1' });
      await startWalk(page);
      await saved(page);
      // The yard's machine gets a newer Zelk: its page and what belongs to it changed.
      await server.end();
      server.changePage((html) => html.replace('<meta charset', '<meta name="newer" /><meta charset'));
      await server.start();
      await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
      await expect
        .poll(() => page.evaluate(async () => (await navigator.serviceWorker.ready).waiting?.state))
        .toBe('installed');
      // In the walk nothing is said and nothing changes.
      await page.getByRole('button', { name: 'Clear', exact: true }).click();
      await expect(page.getByText(/Stop 2 of/)).toBeVisible();
      await expect(page.getByText(/newer Zelk/)).toHaveCount(0);

      // Another window at the stock list may not change it either while this one walks.
      const list = await page.context().newPage();
      await list.goto(server.origin);
      await list.getByRole('button', { name: 'Use it now' }).click();
      await expect(list.getByText(/A walk is open in another window/)).toBeVisible();

      await page.goto(server.origin);
      await page.getByRole('button', { name: 'Use it now' }).click();
      await expect(page.locator('meta[name=newer]')).toHaveCount(1);
      await expect(page.getByText('NEW-1')).toBeVisible();
      await expect(page.getByRole('button', { name: 'Use it now' })).toHaveCount(0);
    } finally {
      await mine.remove();
    }
  },
);

test(
  'the next day it opens as it was left; signed out from elsewhere, it keeps nothing of the yard',
  phone,
  async ({ page: desk, ownServer: server }) => {
    const mine = new Phone();
    try {
      const known = await beginWalk(desk, server);
      let page = await mine.signIn(server);
      await page.goto(`${server.origin}/walks/${known.walk}`);
      await expect(page.getByText(/Stop 1 of/)).toBeVisible();
      await page.getByRole('button', { name: 'Clear', exact: true }).click();
      await saved(page);
      await mine.close();
      await server.end();

      page = await mine.open('about:blank');
      await page.clock.install({ time: Date.now() + 26 * 3_600_000 });
      await page.goto(`${server.origin}/walks/${known.walk}`);
      // What was sent is part of the walk, though the server cannot be asked.
      await expect(page.getByText(/Stop 2 of/)).toBeVisible();
      await mine.close();

      await server.start();
      page = await mine.open(server.origin);
      await expect(page.getByRole('listitem')).toHaveCount(1);
      const { devices } = await (await server.fetch('/api/devices')).json();
      for (const { id, isThis } of devices as { id: string; isThis: boolean }[])
        if (!isThis) await server.fetch(`/api/devices/${id}`, { method: 'DELETE' });
      await page.reload();
      await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
      await expect
        .poll(() =>
          page.evaluate(async () => {
            const open = indexedDB.open('zelk');
            await new Promise((done) => {
              open.onsuccess = done;
            });
            const tx = open.result.transaction(['walks', 'sent', 'answers']);
            const counts = ['walks', 'sent', 'answers'].map(
              (name) =>
                new Promise<number>((tell) => {
                  const asked = tx.objectStore(name).count();
                  asked.onsuccess = () => tell(asked.result);
                }),
            );
            const kept = await Promise.all(counts);
            open.result.close();
            return { kept, photos: await caches.has('zelk-photos') };
          }),
        )
        .toEqual({ kept: [0, 0, 0], photos: false });
    } finally {
      await mine.remove();
    }
  },
);

test(
  'what waits goes out though the page is closed, when the browser wakes Zelk up',
  phone,
  async ({ page: desk, ownServer: server }) => {
    const mine = new Phone();
    try {
      const known = await beginWalk(desk, server);
      const page = await mine.signIn(server);
      // A browser without windows wakes nobody by itself: what it is asked is written down.
      await page.addInitScript(() => {
        const asked: string[] = [];
        Object.assign(window, { asked });
        Object.assign((window as unknown as { SyncManager: { prototype: object } }).SyncManager.prototype, {
          register: async (tag: string) => {
            asked.push(tag);
          },
        });
      });
      await page.reload();
      await page.goto(`${server.origin}/walks/${known.walk}`);
      await expect(page.getByText(/Stop 1 of/)).toBeVisible();
      await server.end();
      await page.getByRole('button', { name: 'Clear', exact: true }).click();
      await expect(page.getByText(/Stop 2 of/)).toBeVisible();
      // It asked to be woken.
      await expect
        .poll(() => page.evaluate(() => (window as unknown as { asked: string[] }).asked))
        .toContain('zelk-send');
      await page.goto('about:blank');
      await server.start();
      expect(await logOf(server, known.walk)).not.toContain('part-cleared');

      // Only the browser decides when; here it is told to.
      const devtools = await page.context().newCDPSession(page);
      const registered = new Promise<string>((tell) =>
        devtools.on('ServiceWorker.workerRegistrationUpdated', ({ registrations }) => {
          for (const { registrationId, scopeURL } of registrations)
            if (scopeURL === `${server.origin}/`) tell(registrationId);
        }),
      );
      await devtools.send('ServiceWorker.enable');
      await devtools.send('ServiceWorker.dispatchSyncEvent', {
        origin: server.origin,
        registrationId: await registered,
        tag: 'zelk-send',
        lastChance: false,
      });
      await expect.poll(() => logOf(server, known.walk)).toContain('part-cleared');
    } finally {
      await mine.remove();
    }
  },
);

test(
  'Zelk is put on the device’s own screen where the browser offers it, and the way is told where it does not',
  phone,
  async ({ page, server }) => {
    await openYard(page, server);
    await expect(page.getByRole('heading', { name: 'Stock list' })).toBeVisible();
    // What a browser needs to offer it (W3C, Web Application Manifest): a name, icons of 192 and 512 pixels, a start, a display of its own.
    const manifest = await (await server.fetch('/manifest.webmanifest')).json();
    expect(manifest).toMatchObject({ name: 'Zelk', start_url: '/', display: 'standalone' });
    for (const { src, sizes } of manifest.icons as { src: string; sizes: string }[]) {
      const icon = await sharp(Buffer.from(await (await server.fetch(src)).arrayBuffer())).metadata();
      expect(`${icon.width}x${icon.height}`).toBe(sizes);
    }
    await page.getByRole('link', { name: /you and this device/ }).click();
    await expect(page.getByText(/Add to home screen/)).toBeVisible();
    await page.evaluate(() => {
      const offer = new Event('beforeinstallprompt', { cancelable: true });
      Object.assign(offer, {
        prompt: async () => {
          document.title = 'asked';
          return { outcome: 'accepted' };
        },
      });
      window.dispatchEvent(offer);
    });
    await page.getByRole('button', { name: 'Put Zelk on this device’s own screen' }).click();
    await expect(page).toHaveTitle('asked');
    // An offer is good once.
    await expect(page.getByText(/Add to home screen/)).toBeVisible();
    await noAxeFindings(page);
  },
);
