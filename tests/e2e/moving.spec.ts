import { readFileSync } from 'node:fs';
import { beginWalk, signIn } from './begin';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { saved } from './steps';

test(
  'a yard moves to another machine: everything is taken out in one file, and taken in there',
  onlyAt('desk', 'yards are moved from the office'),
  async ({ page, ownServer, another }) => {
    const { walk } = await beginWalk(page, ownServer);
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await saved(page);
    await page.goto(`${ownServer.origin}/yard`);
    await noAxeFindings(page);
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Take everything out' }).click();
    const file = await download;
    expect(file.suggestedFilename()).toMatch(/^zelk-yard-\d{4}-\d\d-\d\d\.zip$/);
    const zip = { name: 'yard.zip', mimeType: 'application/zip', buffer: readFileSync(await file.path()) };

    await signIn(page, another);
    await page.goto(`${another.origin}/import`);
    const choose = page.getByLabel('Choose a yard’s ZIP');
    await choose.setInputFiles({ ...zip, buffer: Buffer.from('no zip') });
    await expect(page.getByText(/This is not a ZIP/)).toBeVisible();
    await choose.setInputFiles(zip);
    await expect(page.getByText('Taken in: 1 car, 1 walk.')).toBeVisible();
    await noAxeFindings(page);
    await fitsSideways(page);
    await page.goto(`${another.origin}/walks/${walk}`);
    await expect(page.getByText(/Stop 2 of/)).toBeVisible();
  },
);

test(
  'a yard without backups is told so',
  onlyAt('desk', 'what is told does not depend on the width'),
  async ({ page, server }) => {
    await signIn(page, server);
    await page.goto(`${server.origin}/yard`);
    await expect(page.getByText(/makes no backups by itself/)).toBeVisible();
  },
);
