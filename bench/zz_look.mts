import { readFileSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import sharp from 'sharp';
const origin = 'http://127.0.0.1:4477';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
export const shots: Buffer[] = [];
export async function open(opts: { w?: number; h?: number; dark?: boolean; signed?: boolean } = {}): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: opts.w ?? 390, height: opts.h ?? 844 }, colorScheme: opts.dark ? 'dark' : 'light', reducedMotion: 'reduce' });
  const page = await context.newPage(); page.setDefaultTimeout(8000);
  page.on('pageerror', (e) => console.log('ERR', e.message)); page.on('console', (m) => m.type() === 'error' && console.log('console', m.text()));
  if (opts.signed !== false) { await page.goto(origin + '/'); await page.getByLabel('Name').fill('Nell Harrick'); await page.getByLabel('Password').fill('salt marsh lantern'); await page.getByRole('button', { name: 'Sign in' }).click(); await page.getByRole('heading', { name: 'Stock list' }).waitFor(); }
  return page;
}
export const snap = async (page: Page) => { shots.push(await page.screenshot()); };
export async function join(name: string) {
  const metas = await Promise.all(shots.map((s) => sharp(s).metadata()));
  const width = metas.reduce((a, m) => a + m.width! + 10, 0); const height = Math.max(...metas.map((m) => m.height!));
  let left = 0; const parts = shots.map((input, i) => { const at = { input, left, top: 0 }; left += metas[i]!.width! + 10; return at; });
  await sharp({ create: { width, height, channels: 3, background: '#888' } }).composite(parts).png().toFile(name); shots.length = 0;
}
export const end = () => browser.close();
export { origin };
