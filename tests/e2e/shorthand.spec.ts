import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { goTo, partOf, tapPart } from './steps';

test(
  'a finding is said in one line: shown as understood, asked where it is open, logged on a tap',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await goTo(page, 'door-fl', 'Nearside front door (left)');
    await tapPart(page, 'door-fl');
    const line = page.getByLabel('Or say it in one line');
    const understood = page.getByRole('status', { name: 'Understood' });

    // The part one stands at is meant when none is named.
    await line.fill('dent 42mm across the bay pdr');
    await expect(understood).toHaveText(/Nearside front door \(left\) · Dent, 42 mm across · across the bay/);

    // Another part, without its side: asked, nothing logged.
    await line.fill('wing scratch 140mm');
    await line.press('Enter');
    await expect(page.getByRole('alert')).toHaveText('Which wing: nearside (left) or offside (right)?');
    await expect(page.getByRole('img', { name: 'Finding 1' })).toHaveCount(0);

    // Corrected in the same breath, with words that are kept as a note.
    await line.fill('left, sorry, right wing scratch 140mm just catches shopping trolley');
    await expect(understood).toHaveText(
      /Offside wing \(right\) · Scratch, 140 mm long · nail just catches · kept as a note: shopping trolley/,
    );
    await page.getByRole('button', { name: 'Log this' }).click();
    await expect(page.getByText('Logged on the offside wing (right)')).toBeVisible();
    await expect(page.getByLabel('Note')).toHaveValue('shopping trolley');
    await page.getByRole('button', { name: 'Done' }).click();

    // Far too long: a plain word, and the line stays. Logging it led to the other wing.
    await page.getByRole('button', { name: 'Finding', exact: true }).click();
    await line.fill('chip '.repeat(1000));
    await page.getByRole('button', { name: 'Ask me' }).click();
    await expect(page.getByRole('alert')).toHaveText('Say one finding at a time, in at most 300 characters.');
    await expect(line).toHaveValue(/^chip chip/);
  },
);

test(
  'a line that says there is none logs no fault, and offers to clear the part',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await goTo(page, 'door-fl', 'Nearside front door (left)');
    await tapPart(page, 'door-fl');
    const line = page.getByLabel('Or say it in one line');
    await line.fill('No dents in the left front door');
    await line.press('Enter');
    await expect(page.getByRole('alert')).toContainText('That says there is none');
    await expect(page.getByRole('img', { name: 'Finding 1' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Clear: Nearside front door (left)' }).click();
    await expect(partOf(page, 'door-fl')).toHaveAccessibleName(/clear/);
    await expect(page.getByRole('img', { name: 'Finding 1' })).toHaveCount(0);
  },
);

test(
  'several things said in one line are shown one by one, left out by a tap, and logged by one key',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await goTo(page, 'door-fl', 'Nearside front door (left)');
    await tapPart(page, 'door-fl');
    const line = page.getByLabel('Or say it in one line');
    await line.fill(
      'two dents and a scratch forty mil, rear door is clean, sill has no rust, roof is dented',
    );
    const heard = page.getByRole('region', { name: 'Heard several things' });
    await expect(heard.getByRole('listitem')).toHaveText([
      'Nearside front door (left): Dent × 2',
      'Nearside front door (left): Scratch, 40 mm long',
      'Nearside rear door (left): clear',
      'Nearside sill (left): clear',
      'Roof: Dent',
    ]);
    await noAxeFindings(page);
    await fitsSideways(page);
    await heard.getByRole('button', { name: 'Leave out: Roof: Dent' }).click();
    await heard.getByRole('button', { name: 'Log all 4' }).click();
    await expect(line).toHaveValue('');
    await expect(partOf(page, 'door-fl')).toHaveAccessibleName(/findings 1, 2/);
    await goTo(page, 'roof', 'Roof');
    await expect(partOf(page, 'roof')).toHaveAccessibleName(/not looked at/i);
  },
);
