import type { RunningServer } from '../builders/runningServer';
import { linkTo, reportOfWalk } from './frozen';
import { noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { goTo, saved, tapPart } from './steps';

const here = onlyAt('phone', 'the decks are the same at both widths, and this is said in the yard');

const entriesOf = async (server: RunningServer, url: string) =>
  (await (await server.fetch(`/api/walks/${url.split('/').at(-1)}`)).json()).entries as {
    kind: string;
    body: Record<string, unknown>;
  }[];

test(
  'what was looked for goes with clear, and a side is cleared in three taps',
  here,
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    const walk = page.url().split('?')[0] ?? '';
    await page.getByRole('button', { name: 'no scratches or scuffs', exact: true }).click();
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await goTo(page, 'door-fl', 'Nearside front door (left)');
    await page.getByRole('button', { name: 'Clear more than this part at once' }).click();
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'straight, no dents', exact: true }).click();
    await page.getByRole('button', { name: /^Clear \d+ parts$/ }).click();
    await expect(page.locator('[data-part="door-rl"]')).toHaveAttribute('aria-label', /clear/i);
    // Of a side and the whole car.
    await page.getByRole('button', { name: 'Clear more than this part at once' }).click();
    await page.getByRole('button', { name: 'Say something of a side or the whole car' }).click();
    await noAxeFindings(page);
    await page.getByLabel('What holds').selectOption({ label: 'One repair over several parts' });
    await page.getByRole('button', { name: 'Say so' }).click();
    await expect(page.getByText('Choose the parts the repair goes over, two at least.')).toBeVisible();
    await page.getByRole('checkbox', { name: 'Nearside rear door (left)' }).check();
    await page.getByRole('checkbox', { name: 'Nearside rear quarter (left)' }).check();
    await page.getByLabel('What shows it').fill('haze over both');
    await page.getByRole('button', { name: 'Say so' }).click();
    await expect(page.getByText(/One repair over nearside rear door \(left\) and/)).toBeVisible();
    // A fault that stands is not offered as not there.
    await goTo(page, 'bonnet', 'Bonnet');
    const notThere = page.getByRole('button', { name: 'no scratches or scuffs', exact: true });
    await expect(notThere).toBeVisible();
    await page.getByRole('button', { name: 'Finding', exact: true }).click();
    await page.getByRole('button', { name: 'Scratch', exact: true }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByRole('button', { name: 'no stone chips', exact: true })).toBeVisible();
    await expect(notThere).toHaveCount(0);
    await saved(page);
    const entries = await entriesOf(server, walk);
    expect(entries.find(({ kind }) => kind === 'part-cleared')?.body).toEqual({
      part: 'bumper-front',
      absent: ['no-scratches'],
    });
    expect(entries.find(({ kind }) => kind === 'sweep-made')?.body).toMatchObject({
      over: { of: 'side', face: 'left' },
      absent: ['straight'],
    });
  },
);

test(
  'how bad is one tap, a promise with its day three, advice promises nothing',
  here,
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    const walk = page.url().split('?')[0] ?? '';
    await goTo(page, 'door-fl', 'Nearside front door (left)');
    await tapPart(page, 'door-fl');
    await page.getByRole('button', { name: 'Scratch', exact: true }).click();
    await page.getByRole('button', { name: 'to the primer', exact: true }).click();
    await expect(page.getByText('Scratch, to the primer').first()).toBeVisible();
    // The likeliest cure for how bad it is stands first.
    await page.getByRole('button', { name: 'Touch in', exact: true }).click();
    await page.getByRole('button', { name: 'should mend it', exact: true }).click();
    await page.getByRole('button', { name: 'then Machine polish', exact: true }).click();
    await page.getByRole('button', { name: 'Promised', exact: true }).click();
    await page.getByRole('button', { name: 'in a week', exact: true }).click();
    await page.getByLabel('Who sees to it').fill('Tomas');
    await page.getByLabel('Note').focus();
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Done' }).click();

    await goTo(page, 'bonnet', 'Bonnet');
    await tapPart(page, 'bonnet');
    await page.getByRole('button', { name: 'Stone chip', exact: true }).click();
    await page.getByRole('button', { name: 'a few', exact: true }).click();
    await page.getByRole('button', { name: 'Touch in', exact: true }).first().click();
    await page.getByRole('button', { name: 'Buyer may choose', exact: true }).click();
    await page.getByLabel('Price, GBP').fill('a lot');
    await page.getByLabel('Note').focus();
    await expect(page.getByText('Type a price in whole units, like 120.')).toBeVisible();
    await page.getByLabel('Price, GBP').fill('60');
    await page.getByLabel('Note').focus();
    await saved(page);

    const report = await reportOfWalk(server, walk);
    const [scratch, chip] = report.findings;
    expect(scratch).toMatchObject({
      line: 'Scratch, to the primer',
      action: 'Touch in, then machine polish',
      promised: true,
    });
    expect(scratch?.by).toMatch(/^\d+ \w+ \d{4}$/);
    expect(JSON.stringify(report)).not.toContain('Tomas');
    expect(chip).toMatchObject({
      line: 'Stone chip, a few',
      promised: false,
      advice: 'touch in',
      decision: 'The buyer may choose to have it put right, for £60',
    });
  },
);

test(
  'nothing true is refused: other kinds, smaller things, materials, film, tyres by eye',
  here,
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    const walk = page.url().split('?')[0] ?? '';
    // What can hardly be meant is asked once.
    await goTo(page, 'windscreen', 'Windscreen');
    await tapPart(page, 'windscreen');
    await page.getByText('Not usual here, but there').click();
    await page.getByRole('button', { name: 'Dent', exact: true }).click();
    await page.getByRole('button', { name: 'Dent here? Tap again' }).click();
    await expect(page.getByText('Logged on the windscreen')).toBeVisible();
    await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
    await goTo(page, 'door-fl', 'Nearside front door (left)');
    await tapPart(page, 'door-fl');
    await page.getByText('On a smaller thing of it').click();
    await page.getByRole('button', { name: 'handle and lock trim', exact: true }).click();
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Loose or missing', exact: true }).first().click();
    await expect(page.getByText('Loose or missing, on the handle and lock trim').first()).toBeVisible();
    await page.getByRole('button', { name: 'Done' }).click();
    await goTo(page, 'bonnet', 'Bonnet');
    await page.getByText('Of steel', { exact: true }).click();
    await page.getByLabel('On this car it is of').selectOption('aluminium');
    await page.getByRole('button', { name: 'cut short', exact: true }).click();
    await page.getByLabel('Where it is cut short').fill('at the corners');
    await page.getByLabel('On this car it is of').focus();
    await goTo(page, 'tyre-fl', 'Nearside front tyre (left)');
    await page.getByRole('button', { name: 'good', exact: true }).click();
    await page.getByText('What would mend it, and who decides').click();
    await page.getByRole('button', { name: 'Replace', exact: true }).click();
    await saved(page);
    const report = await reportOfWalk(server, walk);
    expect(report.build).toEqual(['Of aluminium: bonnet', 'Bonnet: film cut short, at the corners']);
    expect(report.tyres?.rows[0]?.says).toContain('not measured; looks good, by eye');
    expect(report.remedies).toMatchObject([{ what: 'Nearside front tyre (left)', advice: 'replace' }]);
    expect(report.findings.map(({ line }) => line)).toEqual([
      'Loose or missing, on the handle and lock trim',
    ]);
  },
);

test(
  'the story has its sources, equipment is one truth with what was tried, and the reader is told',
  here,
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    const walk = page.url().split('?')[0] ?? '';
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByRole('link', { name: /^Its story/ }).click();
    await page.getByRole('button', { name: 'Add to its story' }).click();
    await expect(page.getByText('Say what there is to tell.')).toBeVisible();
    await page.getByLabel('About').selectOption({ label: 'Work done before the walk' });
    await page.getByLabel('What there is to tell').fill('new timing belt');
    await page.getByRole('button', { name: 'a paper proves it' }).click();
    await page.getByRole('button', { name: 'Add to its story' }).click();
    await expect(page.getByText('Say what proves it, like an invoice and its day.')).toBeVisible();
    await page.getByLabel('What proves it').fill('invoice of 3 May');
    await page.getByRole('button', { name: 'Add to its story' }).click();
    await expect(
      page.getByText('Work done before the walk: new timing belt (proven by invoice of 3 May)'),
    ).toBeVisible();
    await page
      .getByRole('group', { name: 'Clutch' })
      .getByRole('button', { name: 'in order', exact: true })
      .click();
    await page.getByLabel('More of the clutch').fill('bites low');
    await page.getByLabel('Type what it has').fill('tracker');
    await page.getByRole('button', { name: 'said to be fitted', exact: true }).click();
    // A word people say for something that is tried names that; what may be several things is asked.
    await page.getByLabel('Type what it has').fill('sat nav');
    await page.getByRole('button', { name: 'Fitted', exact: true }).click();
    await expect(page.getByRole('group', { name: 'Navigation' })).toBeVisible();
    await page.getByLabel('Type what it has').fill('heated');
    await page.getByRole('button', { name: 'Fitted', exact: true }).click();
    await expect(page.getByText(/“heated” may be any of these/)).toBeVisible();
    await expect(page.getByLabel('Type what it has')).toHaveValue('heated');
    await page.getByLabel('Type what it has').fill('cruise control');
    await page.getByRole('button', { name: 'Fitted', exact: true }).click();
    await noAxeFindings(page);
    await page.goto(`${walk}/functions`);
    await page.getByText(/^Everything else/).click();
    await page
      .getByRole('button', { name: /^Cruise control/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Works', exact: true }).click();
    await saved(page);
    const report = await reportOfWalk(server, walk);
    expect(report.story).toEqual(['Work done before the walk: new timing belt (proven by invoice of 3 May)']);
    expect(report.drove).toEqual(['Clutch: in order; bites low']);
    expect(report.equipment).toMatchObject({
      said: ['Tracker'],
      tried: [expect.stringMatching(/^Cruise/)],
      fitted: [expect.stringMatching(/^Navigation/)],
    });
  },
);

test(
  'what a buyer must know first is one tap, or a line of one’s own, and stands on top for the reader',
  here,
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    const walk = page.url().split('?')[0] ?? '';
    await goTo(page, 'door-fl', 'Nearside front door (left)');
    await tapPart(page, 'door-fl');
    await page.getByRole('button', { name: 'Scratch', exact: true }).click();
    await page.getByRole('button', { name: 'bad', exact: true }).click();
    await page.getByRole('button', { name: 'Tell this first' }).click();
    await expect(page.getByRole('button', { name: 'Told first in the report' })).toBeVisible();
    await page.goto(`${walk}/story`);
    await page.getByLabel('The main thing to know, in your words').fill('It stood in a barn for three years');
    // What was typed survives a reload.
    await page.reload();
    await expect(page.getByLabel('The main thing to know, in your words')).toHaveValue(/barn/);
    await page.getByRole('button', { name: 'Tell this first' }).click();
    await expect(page.getByText('“It stood in a barn for three years”')).toBeVisible();
    await noAxeFindings(page);
    await saved(page);
    const report = await reportOfWalk(server, walk);
    expect(report.toldFirst).toEqual([
      { says: expect.stringMatching(/^Scratch, bad, nearside front door/i), finding: 1 },
      { says: 'It stood in a barn for three years', isOwn: true },
    ]);
    const { url } = await linkTo(server, report);
    await page.goto(url);
    const lines = page.getByRole('list', { name: 'Know this first' }).getByRole('listitem');
    await expect(lines).toHaveText([/^Scratch, bad/, '“It stood in a barn for three years”']);
    await lines.first().getByRole('link').click();
    await expect(page.locator('#finding-1')).toBeInViewport();
  },
);

test(
  'a size by eye, a guess of its cause and what is to follow are said as such, and reach the reader as such',
  here,
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    const walk = page.url().split('?')[0] ?? '';
    await goTo(page, 'bonnet', 'Bonnet');
    await page.getByRole('button', { name: 'Finding', exact: true }).click();
    await page.getByRole('button', { name: 'Dent', exact: true }).click();
    await page.getByLabel('Across').fill('about 4 cm');
    await page.getByLabel('Across').press('Enter');
    await expect(page.getByLabel('Across')).toHaveValue('about 40 mm');
    await page.getByLabel('What it may come from').fill('a shopping trolley');
    await page.getByLabel('What it may come from').blur();
    await expect(page.getByText('Dent, about 40 mm across').first()).toBeVisible();
    await noAxeFindings(page);
    await saved(page);
    await page.goto(`${walk}/story`);
    await page.getByLabel('What follows').selectOption({ label: 'A film' });
    await page.getByLabel('Which, and of what').fill('the underside on the lift');
    await page.getByLabel('By, if a day was said').fill('2031-05-04');
    // What was typed survives a reload.
    await page.reload();
    await expect(page.getByLabel('Which, and of what')).toHaveValue('the underside on the lift');
    await page.getByRole('button', { name: 'Promise that it follows' }).click();
    await expect(page.getByText('A film by 4 May 2031: the underside on the lift')).toBeVisible();
    await noAxeFindings(page);
    await saved(page);
    const report = await reportOfWalk(server, walk);
    expect(report.toFollow).toEqual(['A film by 4 May 2031: the underside on the lift']);
    expect(report.findings[0]).toMatchObject({
      line: 'Dent, about 40 mm across',
      tests: 'may come from, a guess: a shopping trolley',
    });
  },
);

test(
  'only what was denied is said of a part, and it is not clear with it',
  here,
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    const walk = page.url().split('?')[0] ?? '';
    await goTo(page, 'bonnet', 'Bonnet');
    await page.getByRole('button', { name: 'straight, no dents', exact: true }).click();
    await page.getByLabel('Of what size').selectOption({ label: 'None over 10 mm' });
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Say only that' }).click();
    await expect(page.getByText(/^No dent larger than 10 mm/)).toBeVisible();
    await expect(page.locator('[data-part="bonnet"]')).not.toHaveAttribute('aria-label', /clear/i);
    await saved(page);
    const report = await reportOfWalk(server, walk);
    const bonnet = report.parts.find(({ part }) => part === 'bonnet');
    expect(bonnet?.status).toBe('looked-at');
    expect(bonnet?.absent).toContain('no dent larger than 10 mm');
  },
);
