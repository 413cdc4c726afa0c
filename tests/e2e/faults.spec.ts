import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { beginWalk } from './begin';
import { expect, onlyAt, test } from './server';
import { goTo, saved, tapPart } from './steps';

test(
  'a walk goes on while the server is gone, and arrives when it is back',
  onlyAt('phone', 'what is kept and sent does not depend on the width'),
  async ({ page, ownServer: server }) => {
    await beginWalk(page, server);
    await saved(page);
    // A breath after it opened, all of the walk is on the phone: the later decks, and every piece they ask for.
    await page.waitForFunction(() => {
      const come = new Set(performance.getEntriesByType('resource').map(({ name }) => name));
      const asked = [...document.querySelectorAll<HTMLLinkElement>('link[rel="modulepreload"]')];
      return (
        [...come].some((name) => name.includes('LaterDeck')) && asked.every(({ href }) => come.has(href))
      );
    });
    await server.end('SIGKILL');

    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await goTo(page, 'door-fl', 'Nearside front door (left)');
    await tapPart(page, 'door-fl');
    await page.getByRole('button', { name: 'Dent', exact: true }).click();
    await page.getByTestId('photo-file').setInputFiles('demo/pictures/hatch-door-fl-dent-what.jpg');
    await expect(page.getByRole('img', { name: 'close-up' })).toBeVisible();
    await expect(page.getByTestId('outbox')).toHaveAccessibleName(/kept here/);

    await server.start();
    await saved(page);
    const id = new URL(page.url()).pathname.split('/').at(-1);
    const { entries } = await (await server.fetch(`/api/walks/${id}`)).json();
    const kinds = entries.map((entry: { kind: string }) => entry.kind);
    expect(kinds.filter((kind: string) => kind === 'part-cleared')).toHaveLength(1);
    expect(kinds.filter((kind: string) => kind === 'finding-noted')).toHaveLength(1);
    const hash = createHash('sha256')
      .update(await readFile('demo/pictures/hatch-door-fl-dent-what.jpg'))
      .digest('hex');
    expect((await server.fetch(`/api/photos/${hash}/1600`)).status).toBe(200);
  },
);

test(
  'an entry the server refuses is shown and kept, and sent again when told to',
  onlyAt('phone', 'what is kept and sent does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await saved(page);
    // A phone whose clock is two days ahead.
    await page.clock.setFixedTime(Date.now() + 2 * 86_400_000);
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(page.getByTestId('outbox')).toHaveAccessibleName(/refused/);
    await page.getByTestId('outbox').click();
    await expect(page.getByText(/in the future\. Set the clock/).first()).toBeVisible();
    await page.reload();
    await expect(page.getByTestId('outbox')).toHaveAccessibleName(/refused/);
    await page.getByTestId('outbox').click();
    await page.getByRole('button', { name: 'Give up on them' }).click();
    await saved(page);
    // What was given up is no part of the walk any more.
    await expect(page.getByText(/not looked at/).first()).toBeVisible();
  },
);

test(
  'a file that is no photo is refused with advice and kept until given up',
  onlyAt('phone', 'what is kept and sent does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await page.getByRole('button', { name: 'Photo', exact: true }).click();
    await page
      .getByTestId('photo-file')
      .setInputFiles({ name: 'empty.jpg', mimeType: 'image/jpeg', buffer: Buffer.alloc(0) });
    await expect(page.getByText('empty.jpg is empty. Choose the file again.')).toBeVisible();
    await page.getByTestId('photo-file').setInputFiles({
      name: 'page.jpg',
      mimeType: 'image/jpeg',
      buffer: Buffer.from('<svg onload=alert(1)>'),
    });
    await expect(page.getByText('page.jpg is no JPEG, PNG or WebP; it was left out.')).toBeVisible();
    // It begins as a photo does, and is none: the server looks closer.
    await page.getByTestId('photo-file').setInputFiles({
      name: 'half.jpg',
      mimeType: 'image/jpeg',
      buffer: Buffer.concat([Buffer.from([0xff, 0xd8]), Buffer.from('<svg onload=alert(1)>')]),
    });
    await expect(page.getByTestId('outbox')).toHaveAccessibleName(/refused/);
    await page.getByTestId('outbox').click();
    await expect(page.getByText(/not a photo, whatever its name says/)).toBeVisible();
  },
);

test(
  'a photo that is slow to be sent is shown all along',
  onlyAt('phone', 'what is kept and sent does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    let isThere = false;
    const askedTooEarly: string[] = [];
    await page.route(/\/api\/photos\/[0-9a-f]{64}$/, async (route) => {
      await new Promise((later) => setTimeout(later, 1500));
      isThere = true;
      await route.continue();
    });
    page.on('request', (request) => {
      if (/\/photos\/\w+\/320$/.test(request.url()) && !isThere) askedTooEarly.push(request.url());
    });
    await page.getByRole('button', { name: 'Photo', exact: true }).click();
    await page.getByTestId('photo-file').setInputFiles('demo/pictures/hatch-whole-1.jpg');
    const picture = page.getByRole('img', { name: 'where it is' });
    await expect(picture).toBeVisible();
    await saved(page);
    await expect(picture).toHaveAttribute('src', /^\/api\/photos\//);
    await expect(picture).toBeVisible();
    expect(askedTooEarly).toEqual([]);
  },
);
