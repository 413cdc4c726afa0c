import { NELL } from './begin';
import { expect, onlyAt, test } from './server';
import { openYard, saved } from './steps';

const once = onlyAt('phone', 'what is kept does not depend on the width');

test(
  'what is typed of a new car is there again after a reload and after Back, until it is saved',
  once,
  async ({ page, server }) => {
    await openYard(page, server);
    await page.getByRole('link', { name: 'Add car' }).click();
    await page.getByLabel('Make').fill('Fenlark');
    await page.getByLabel('Colour').fill('Estuary blue');
    await page.reload();
    await expect(page.getByLabel('Make')).toHaveValue('Fenlark');
    await expect(page.getByText(/What you typed before is still here/)).toBeVisible();
    await page.goBack();
    await page.getByRole('link', { name: 'Add car' }).click();
    await expect(page.getByLabel('Colour')).toHaveValue('Estuary blue');
    await page.getByRole('button', { name: 'Begin anew' }).click();
    await expect(page.getByLabel('Make')).toHaveValue('');
    for (const [label, text] of [
      ['Stock number', `F-${crypto.randomUUID().slice(0, 6)}`],
      ['Make', 'Fenlark'],
      ['Model', 'Tessel'],
      ['Year of first use', '2017'],
      ['Colour', 'Estuary blue'],
    ] as const)
      await page.getByLabel(label).fill(text);
    await page.getByRole('button', { name: 'Add the car' }).click();
    await expect(page.getByRole('heading', { name: 'Walk-rounds' })).toBeVisible();
    // Saved, it is the next car’s form again.
    await page.goto(`${server.origin}/cars/new`);
    await expect(page.getByLabel('Make')).toHaveValue('');
    await expect(page.getByText(/What you typed before/)).toBeHidden();
  },
);

test(
  'papers save field by field as one leaves them; what cannot be read stays through a reload',
  once,
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    await page.goto(`${server.origin}/walks/${walk}/papers`);
    await expect(page.getByRole('button', { name: /^(Keep|Save)$/ })).toHaveCount(0);
    await page.getByLabel('Stamps in the book').fill('5');
    await page.getByLabel('Keepers', { exact: true }).fill('none');
    await page.getByLabel('Recalls').fill('none open');
    await page.keyboard.press('Tab');
    await expect(page.getByRole('alert')).toContainText('1 to 99 keepers');
    await page.reload();
    await expect(page.getByLabel('Stamps in the book')).toHaveValue('5');
    await expect(page.getByLabel('Keepers', { exact: true })).toHaveValue('none');
    await page.getByLabel('Service record, a line each').fill('31.2k 04/2023 stamp');
    await page.reload();
    await expect(page.getByLabel('Service record, a line each')).toHaveValue('31.2k 04/2023 stamp');
    await expect(page.getByLabel('Recalls')).toHaveValue('none open');
  },
);

test(
  'a field one leaves takes nothing back that somebody else noted meanwhile',
  once,
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    await page.goto(`${server.origin}/walks/${walk}/papers`);
    await page.getByLabel('Keepers', { exact: true }).fill('2');
    const noted = { kind: 'papers-noted', body: { keys: 3, stamps: 6 } };
    const entry = { ...noted, id: crypto.randomUUID(), walk, who: NELL, at: new Date().toISOString() };
    expect((await server.post(`/api/walks/${walk}/entries`, { entries: [entry] })).ok).toBe(true);
    // The keys are asked for one by one as soon as the other's count is here.
    await expect(page.getByRole('group', { name: 'Key 3' })).toBeVisible();
    await page.keyboard.press('Tab');
    await saved(page);
    const { entries } = await (await server.fetch(`/api/walks/${walk}`)).json();
    const bodies = entries.flatMap(({ kind, body }: { kind: string; body: object }) =>
      kind === 'papers-noted' ? [body] : [],
    );
    expect(bodies).toEqual([{ keys: 3, stamps: 6 }, { keepers: 2 }]);
  },
);
