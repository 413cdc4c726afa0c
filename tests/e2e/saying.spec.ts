import type { Locator, Page } from '@playwright/test';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { goTo, partOf, tapPart } from './steps';

/** The line to say things in, standing at the nearside front door. */
async function lineAtDoor(page: Page): Promise<Locator> {
  await goTo(page, 'door-fl', 'Nearside front door (left)');
  await tapPart(page, 'door-fl');
  return page.getByLabel('Or say it in one line');
}

test(
  'a finding is said in one line: shown as understood, asked where it is open, logged on a tap',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    const line = await lineAtDoor(page);
    const heard = page.getByRole('list', { name: 'Heard' });

    // The part one stands at is meant when none is named.
    await line.fill('dent 42mm across the bay pdr');
    await expect(heard).toHaveText(/Nearside front door \(left\): Dent, 42 mm across/);

    // Another part, without its side: asked, nothing logged, answered by a tap.
    await line.fill('headlamp hazy');
    await line.press('Enter');
    await expect(page.getByRole('alert')).toHaveText('Which headlamp: nearside (left) or offside (right)?');
    await expect(page.getByRole('img', { name: 'Finding 1' })).toHaveCount(0);
    await heard.getByRole('button', { name: 'Offside headlamp (right)' }).click();
    await expect(heard).toHaveText(/Offside headlamp \(right\): Haze/);
    await expect(heard.getByRole('group')).toHaveCount(0);

    // Corrected in the same breath, with words that are kept as a note.
    await line.fill('left, sorry, right wing scratch 140mm just catches shopping zigzag');
    await expect(heard).toHaveText(/Offside wing \(right\): Scratch, 140 mm long/);
    await expect(page.getByText('Not understood, kept as a note: shopping zigzag')).toBeVisible();
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Log this' }).click();
    await expect(page.getByText('Logged on the offside wing (right)')).toBeVisible();
    await expect(page.getByLabel('Note')).toHaveValue('shopping zigzag');
    await page.getByRole('button', { name: 'Done' }).click();

    // Far too long: a plain word, and the line stays. Logging it led to the other wing.
    await page.getByRole('button', { name: 'Finding', exact: true }).click();
    await line.fill('chip '.repeat(1000));
    await page.getByRole('button', { name: 'Ask me' }).click();
    await expect(page.getByRole('alert')).toHaveText('Say it in at most 1,500 characters at a time.');
    await expect(line).toHaveValue(/^chip chip/);
    await line.fill('hello there');
    await line.press('Enter');
    await expect(page.getByRole('alert')).toContainText('Nothing in that was understood');
  },
);

test(
  'a line that says there is none logs no fault, and says no more of the part than that',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    const line = await lineAtDoor(page);
    await line.fill('No dents in the left front door');
    await expect(page.getByRole('list', { name: 'Heard' })).toHaveText(
      /Nearside front door \(left\): no dent.*only named faults were said not to be there/,
    );
    await line.press('Enter');
    await expect(partOf(page, 'door-fl')).toHaveAccessibleName('Nearside front door (left): looked at');
    await expect(page.getByRole('img', { name: 'Finding 1' })).toHaveCount(0);
    await line.fill('the left front door is fine');
    await line.press('Enter');
    await expect(partOf(page, 'door-fl')).toHaveAccessibleName(/clear/);
  },
);

test(
  'several things said in one line are shown one by one, left out by a tap, and logged by one key',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    const line = await lineAtDoor(page);
    await line.fill(
      'two dents and a scratch forty mil, rear door is clean, sill is fine, roof is dented, bonnet reads one hundred and ten microns, no warning lights, jack is there',
    );
    const heard = page.getByRole('list', { name: 'Heard' });
    // Where one stands is no side that was said: it is offered first.
    await heard.getByRole('button', { name: 'Nearside rear door (left)' }).click();
    await heard.getByRole('button', { name: 'Nearside sill (left)' }).click();
    await expect(heard.locator('> li')).toHaveText([
      'Nearside front door (left): Dent × 2',
      'Nearside front door (left): Scratch, 40 mm long',
      'Nearside rear door (left): clear',
      'Nearside sill (left): clear',
      'Roof: Dent',
      'Bonnet: paint 110 µm',
      'All warning lamps out',
      'Jack: there',
    ]);
    await noAxeFindings(page);
    await fitsSideways(page);
    await heard.getByRole('button', { name: 'Leave out: Roof: Dent' }).click();
    await page.getByRole('button', { name: 'Log all 7' }).click();
    await expect(line).toHaveValue('');
    await expect(partOf(page, 'door-fl')).toHaveAccessibleName(/findings 1, 2/);
    await goTo(page, 'roof', 'Roof');
    await expect(partOf(page, 'roof')).toHaveAccessibleName(/not looked at/i);
  },
);

test(
  'a word that is not understood is taught once, and known from then on; it is listed and can be forgotten',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    const line = await lineAtDoor(page);
    await line.fill('squiggle on the roof scratch');
    await page.getByRole('button', { name: 'Teach “squiggle”' }).click();
    await page.getByLabel('“squiggle” means the same as').fill('nonsense');
    await page.getByRole('button', { name: 'Teach it' }).click();
    await expect(page.getByRole('alert')).toContainText('Choose a part or a fault that is understood');
    await page.getByLabel('“squiggle” means the same as').fill('swirls');
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Teach it' }).click();
    await line.fill('squiggle on the roof');
    await expect(page.getByRole('list', { name: 'Heard' })).toHaveText(/Roof: Swirls/);

    await page.goto(`${server.origin}/help/what-to-say`);
    await expect(page.getByText('squiggle means swirls')).toBeVisible();
    await page.getByLabel('Look up a word').fill('kerb');
    await expect(page.getByRole('definition').filter({ hasText: 'kerbed' }).first()).toBeVisible();
    await noAxeFindings(page);
    await fitsSideways(page);
    await page.getByRole('button', { name: 'Forget squiggle' }).click();
    await expect(page.getByText('squiggle means swirls')).toHaveCount(0);
  },
);
