import { open, snap, join, end, origin } from './zz_look.mts';
const p = await open({ w: 390, h: 844 });
await p.goto(origin + '/cure-rules'); await p.locator('summary').filter({ hasText: 'Machine polish' }).click(); await p.getByText('Add a rule').click(); await p.getByLabel('For which kinds of fault').selectOption({ label: 'Scuff' }); await p.waitForTimeout(300); await snap(p);
await p.locator('summary').filter({ hasText: 'Machine polish' }).scrollIntoViewIfNeeded(); await p.evaluate(() => window.scrollBy(0, 500)); await p.waitForTimeout(200); await snap(p);
const d = await open({ w: 1280, h: 800 }); await d.goto(origin + '/cure-rules'); await d.locator('summary').filter({ hasText: 'Machine polish' }).click(); await d.waitForTimeout(500); await snap(d);
await join('/tmp/a.png');
await end();
