import type { RunningServer } from '../builders/runningServer';
import { beginWalk } from './begin';
import { expect, onlyAt, test } from './server';
import { partOf, saved, tapPart } from './steps';

const clearOnes = (server: RunningServer, walk: string) => async () => {
  const { entries } = await (await server.fetch(`/api/walks/${walk}`)).json();
  return entries.filter(({ kind }: { kind: string }) => kind === 'part-cleared').length;
};

test(
  'storage that is refused loses nothing: it is sent at once, and what is not kept is said in red',
  onlyAt('phone', 'what is kept and sent does not depend on the width'),
  async ({ page, ownServer: server }) => {
    await page.addInitScript(() => {
      // As a browser does it whose storage is switched off.
      IDBFactory.prototype.open = () => {
        throw new DOMException('denied', 'SecurityError');
      };
    });
    const { walk } = await beginWalk(page, server);
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await saved(page);
    await expect.poll(clearOnes(server, walk)).toBe(1);

    await server.end('SIGKILL');
    // Asked anew without a server, as on coming back to the page: the walk stays open.
    await page.evaluate(() => new Promise((later) => setTimeout(later, 1200)));
    await page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await page.waitForTimeout(5000);
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(page.getByTestId('outbox')).toHaveAccessibleName(/^\d not kept/);
    await page.getByTestId('outbox').click();
    await expect(page.getByText('only in this page: leave it open')).toBeVisible();
    await page.keyboard.press('Escape');
    await server.start();
    await saved(page);
    await expect.poll(clearOnes(server, walk)).toBe(2);
  },
);

test(
  'storage that is full loses nothing either, and what is sent is there after a reload',
  onlyAt('phone', 'what is kept and sent does not depend on the width'),
  async ({ page, ownServer: server }) => {
    await page.addInitScript(() => {
      IDBObjectStore.prototype.put = () => {
        throw new DOMException('no room', 'QuotaExceededError');
      };
    });
    const { walk } = await beginWalk(page, server);
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await saved(page);
    await page.reload();
    await saved(page);
    expect(await clearOnes(server, walk)()).toBe(1);
  },
);

test(
  'a screen that cannot be fetched says so, and opens when it is tried again',
  onlyAt('phone', 'how a screen is fetched does not depend on the width'),
  async ({ page, beginWalk: begin }) => {
    await begin();
    await page.route(/\/assets\/KitScreen-.*\.js$/, (route) => route.abort());
    const walk = page.url().split('?')[0] ?? '';
    await page.goto(`${walk}/kit`);
    await expect(page.getByRole('alert')).toContainText('could not be fetched');
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('alert')).toContainText('could not be fetched');
    await page.unroute(/\/assets\/KitScreen-.*\.js$/);
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('region', { name: 'Things counted' })).toBeVisible();
  },
);

test(
  'a walk’s screens open without signal once the walk has been open',
  onlyAt('phone', 'how a screen is fetched does not depend on the width'),
  async ({ page, beginWalk: begin, context }) => {
    await begin();
    const fetched = new Set<string>();
    page.on('requestfinished', (request) => {
      const name = /\/assets\/(\w+)Screen-/.exec(request.url())?.[1];
      if (name) fetched.add(name);
    });
    await expect
      .poll(() => ['Kit', 'Papers', 'Functions', 'Readings', 'Freeze'].every((name) => fetched.has(name)))
      .toBe(true);
    await context.setOffline(true);
    await page.getByRole('link', { name: 'Report' }).click();
    await expect(page.getByRole('button', { name: 'Freeze and sign the report' })).toBeVisible();
    await context.setOffline(false);
  },
);

test(
  'two people on one walk see each other’s entries',
  onlyAt('desk', 'what arrives does not depend on the width'),
  async ({ page, server, beginWalk: begin, browser }) => {
    await begin();
    const other = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await other.context().addCookies(server.cookies);
    await other.goto(page.url());
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(partOf(other, 'bumper-front')).toHaveAccessibleName(/clear/);
    await tapPart(other, 'roof');
    await other.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(partOf(page, 'roof')).toHaveAccessibleName(/clear/);
    await other.context().close();
  },
);
