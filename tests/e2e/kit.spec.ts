import type { Entry } from '#core/walk';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openEveryChapter, saved, sign } from './steps';

test(
  'things are counted, the cabin smelt and alterations told, a tap each, and the report says so',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByRole('link', { name: /What comes with it/ }).click();

    const thing = (name: string) => page.getByRole('listitem', { name, exact: true });
    await thing('Floor mats').getByRole('button', { name: '4' }).click();
    await thing('Floor mats').getByRole('button', { name: 'one less' }).click();
    await thing('Floor mats').getByRole('button', { name: 'worn' }).click();
    await thing('Jack').getByRole('button', { name: 'Not there' }).click();
    await page.getByRole('button', { name: 'Add', exact: true }).first().click();
    await expect(page.getByText('Type what it is.')).toBeVisible();
    await page.getByLabel('Something else comes along').fill('Dog guard');
    await page.getByRole('button', { name: 'Add', exact: true }).first().click();
    await expect(thing('Dog guard')).toBeVisible();

    await page.getByRole('button', { name: 'None noticed' }).click();
    await page.getByRole('button', { name: 'Fuel', exact: true }).click();
    await page.getByRole('button', { name: 'Strong', exact: true }).click();
    await expect(page.getByText(/A smell of fuel: do not drive/)).toBeVisible();

    await page.getByLabel('What', { exact: true }).selectOption({ label: 'Exhaust' });
    await page.getByRole('button', { name: 'Add', exact: true }).last().click();
    await expect(page.getByText('Say what was altered.')).toBeVisible();
    await page.getByLabel('In your own words').fill('steel from the axle back');
    await page.getByRole('button', { name: 'Gone', exact: true }).click();
    await page.getByRole('button', { name: 'Add', exact: true }).last().click();
    await expect(
      page.getByText(/Exhaust: steel from the axle back; the standard part does not/),
    ).toBeVisible();
    await cleanAtBothWidths(page);
    await saved(page);

    const { entries } = (await (await server.fetch(`/api/walks/${walk}`)).json()) as {
      entries: Entry[];
    };
    const counts = entries.flatMap((entry) =>
      entry.kind === 'item-counted' ? [[entry.body.name ?? entry.body.item, entry.body.count]] : [],
    );
    expect(counts).toEqual([
      ['mats', 4],
      ['mats', 3],
      ['mats', 3],
      ['jack', 0],
      ['Dog guard', 1],
    ]);

    await page.goto(`${server.origin}/walks/${walk}/report`);
    await expect(page.getByText(/What comes with it, not counted/)).toBeVisible();
    await sign(page);
    await page.waitForURL(/\/reports\//);
    await openEveryChapter(page);
    const section = page.locator('section', {
      has: page.getByRole('heading', { name: 'What comes with it' }),
    });
    await expect(section.getByText('Floor mats: 3, worn')).toBeVisible();
    await expect(section.getByText('Not there: jack.')).toBeVisible();
    await expect(section.getByText('Smell of the cabin: fuel, strong.')).toBeVisible();
    await expect(section.getByText(/local law decides/)).toBeVisible();
    await cleanAtBothWidths(page);
  },
);

test(
  'the stop for the smell of the cabin leads there, and is visited once it is told',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    await page.getByRole('button', { name: /parts? left/ }).click();
    await page
      .getByRole('listitem')
      .getByRole('button', { name: /^Smell of the cabin/ })
      .click();
    await page.getByRole('link', { name: /None noticed, or which/ }).click();
    await page.getByRole('button', { name: 'None noticed' }).click();
    await page.getByRole('link', { name: 'Back to the walk' }).click();
    await page.getByRole('button', { name: /parts? left/ }).click();
    await expect(page.getByRole('heading', { name: 'What is left' })).toBeVisible();
    await expect(page.getByRole('listitem').getByRole('button', { name: /^Smell of the cabin/ })).toHaveCount(
      0,
    );
    await expect(page.getByRole('link', { name: /^Things to count: \d+/ })).toBeVisible();
    await expect(page.getByRole('link', { name: /^Papers: service record, keys counted/ })).toBeVisible();

    // Before the report is frozen every hole leads to where it is closed.
    const walk = new URL(page.url()).pathname.split('/').at(-1) as string;
    const holes = `${server.origin}/walks/${walk}/report`;
    await page.goto(holes);
    await page.getByRole('button', { name: 'Go to: What comes with it, not counted' }).click();
    await expect(page.getByRole('listitem', { name: 'Floor mats' })).toBeVisible();
    await page.goto(holes);
    await expect(page.getByRole('button', { name: 'Go to: Tread not read' })).toBeVisible();
    await cleanAtBothWidths(page);
    await page.getByRole('button', { name: 'Go to: Tread not read' }).click();
    await expect(page).toHaveURL(/\/tyres$/);
    await page.goto(holes);
    await page.getByRole('button', { name: 'Go to: Odometer' }).click();
    await expect(page.getByRole('textbox', { name: /^Odometer/ })).toBeVisible();
  },
);
