import { fullWalk } from '../builders/fullWalk';
import { jpeg } from '../builders/photos';
import { freezeWalk, linkTo, sendPhoto } from './frozen';
import { expect, onlyAt, test } from './server';

test.use({ serviceWorkers: 'allow' });

test(
  'a report that was read once opens without signal, says so, and is gone from the phone when its link is withdrawn',
  onlyAt('phone', 'What is kept does not depend on the width.'),
  async ({ page, server, browser }) => {
    const photo = await sendPhoto(server, await jpeg(41, 1600, 1200));
    const report = await freezeWalk(page, server, [
      ...fullWalk,
      { kind: 'photo-attached', body: { photo, role: 'whole-car' } },
    ]);
    const { url, token } = await linkTo(server, report);
    const stranger = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const buyer = await stranger.newPage();
    await buyer.goto(url);
    const short = buyer.getByRole('list', { name: 'In short' });
    await expect(short).toBeVisible();
    const keptOf = () =>
      buyer.evaluate(async (path) => {
        const cache = await caches.open('zelk-arrival-1');
        return (await cache.keys()).filter(({ url: each }) => new URL(each).pathname.startsWith(path)).length;
      }, `/api/shared/${token}`);
    await expect.poll(keptOf).toBeGreaterThan(0);
    await buyer.getByRole('button', { name: 'Keep it on this phone' }).click();
    await expect(buyer.getByRole('button', { name: 'Kept: opens without signal' })).toBeVisible();

    await stranger.setOffline(true);
    await buyer.reload();
    await expect(short).toBeVisible();
    await expect(
      buyer.getByText('No signal: this is the copy this phone kept', { exact: false }),
    ).toBeVisible();
    await buyer.getByRole('img', { name: 'The whole car' }).last().click();
    const large = buyer.locator('.pswp__item[aria-hidden="false"] img[src*="/1600"]');
    await expect.poll(() => large.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(800);
    await buyer.goBack();

    // With signal it is asked for anew, and a withdrawn link takes along what was kept by it.
    await stranger.setOffline(false);
    await buyer.reload();
    await expect(short).toBeVisible();
    await expect(buyer.getByText('No signal', { exact: false })).toHaveCount(0);
    const shares = (await (await server.fetch(`/api/reports/${report.id}`)).json()).shares as {
      id: string;
    }[];
    await server.fetch(`/api/shares/${shares[0]?.id}`, { method: 'DELETE' });
    await buyer.reload();
    await expect(buyer.getByRole('heading', { name: 'This link was withdrawn' })).toBeVisible();
    await expect.poll(keptOf).toBe(0);
    await stranger.setOffline(true);
    await buyer.reload().catch(() => undefined);
    await expect(short).toHaveCount(0);
    await stranger.close();
  },
);

test(
  'a report can be put on a phone’s own screen',
  onlyAt('phone', 'The same at any width.'),
  async ({ page, server }) => {
    const report = await freezeWalk(page, server, fullWalk);
    const { url, token } = await linkTo(server, report);
    await page.goto(url);
    const address = await page.locator('link[rel=manifest]').getAttribute('href');
    expect(address).toBe(`/api/shared/${token}/manifest`);
    const manifest = (await (await page.request.get(server.origin + address)).json()) as {
      name: string;
      start_url: string;
      icons: { src: string }[];
    };
    expect(manifest).toMatchObject({ name: report.title, start_url: `/r/${token}` });
    for (const { src } of manifest.icons)
      expect((await page.request.get(server.origin + src)).headers()['content-type']).toBe('image/png');
  },
);
