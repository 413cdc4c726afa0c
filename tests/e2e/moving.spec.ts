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

test(
  'a car is erased once its stock number is typed, and its link opens nothing any more',
  onlyAt('phone', 'what is asked does not depend on the width'),
  async ({ page, ownServer: server }) => {
    const { car, walk } = await beginWalk(page, server);
    const { id } = await (
      await server.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() })
    ).json();
    const { token } = await (await server.post(`/api/reports/${id}/shares`, { name: 'Overland' })).json();
    await page.goto(`${server.origin}/cars/${car}`);
    await page.getByText('Erase this car').click();
    await expect(page.getByText(/1 frozen report goes with it/)).toBeVisible();
    await noAxeFindings(page);
    await fitsSideways(page);
    const field = page.getByLabel(/^Type E-\w+ to erase it$/);
    await field.fill('another');
    await page.getByRole('button', { name: 'Erase it for good' }).click();
    await expect(page.getByText(/not “another”/)).toBeVisible();
    await field.fill(`E-${car.slice(0, 8)}`);
    await page.getByRole('button', { name: 'Erase it for good' }).click();
    await expect(page.getByText(/No cars yet/)).toBeVisible();
    await page.goto(`${server.origin}/people/log`);
    await expect(page.getByText(/erased for good/)).toBeVisible();
    await page.goto(`${server.origin}/r/${token}`);
    await expect(page.getByRole('heading', { name: 'No such report' })).toBeVisible();
  },
);
