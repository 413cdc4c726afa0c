import { usualPrices } from '#core/plan';
import type { Fact } from '#core/walk';
import { beginWalk } from './begin';
import { reportOfWalk } from './frozen';
import { findingOn, logged } from './logged';
import { cleanAtBothWidths, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { saved } from './steps';

const car = [
  findingOn('door-fl', 'dent', { lengthMm: 25, notice: 'one-step-back' }),
  findingOn('bonnet', 'stone-chip', { count: 3, lengthMm: 2, notice: 'up-close' }),
  findingOn('roof', 'peel', { areaMm2: 90_000, notice: 'across-the-bay' }),
  findingOn('headlamp-l', 'lamp-crack', { severity: 'plain', notice: 'one-step-back' }),
];

test(
  'a car is planned to a standard, a job kept in, a price typed, a promise made',
  onlyAt('desk', 'both widths are looked at on the way'),
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    await logged(server, walk, car);
    await page.goto(`${server.origin}/walks/${walk}/plan`);
    const jobs = page.getByRole('region', { name: 'The jobs' });
    const total = page.getByRole('region', { name: 'What it comes to' });

    // From one step back: the roof and the door; the chips stay; the lamp waits for the price of the part.
    await expect(jobs.getByText('Paint the panel: Roof')).toBeVisible();
    await expect(jobs.getByText('Paintless dent removal: Nearside front door (left)')).toBeVisible();
    await expect(jobs.getByText('Waiting for a price')).toBeVisible();
    const stays = page.getByRole('region', { name: 'What stays' });
    await expect(stays.getByText(/Bonnet: Stone chip/)).toBeVisible();
    await cleanAtBothWidths(page);

    const price = jobs.getByLabel('Wanted: the price of the part, in GBP');
    await price.fill('a lot');
    await jobs.getByRole('button', { name: 'Set it' }).click();
    await expect(jobs.getByText('Type a price in GBP, like 85 or 85.50.')).toBeVisible();
    await price.fill('140');
    await jobs.getByRole('button', { name: 'Set it' }).click();
    await expect(jobs.getByText('Waiting for a price')).toHaveCount(0);
    await expect(jobs.getByText(/Replace: .*headlamp/)).toBeVisible();

    await page.getByLabel(/Safe and lawful only/).check();
    await expect(total.getByText('Nothing to do')).toBeVisible();
    await page.getByLabel(/As new up close/).check();
    await expect(jobs.getByText('Touch in: Bonnet')).toBeVisible();
    await expect(stays.getByText('Nothing that was found stays.')).toBeVisible();

    // Kept in by hand, it stays in whatever is asked for; what was typed and chosen is there after a reload.
    const chips = jobs.getByRole('listitem').filter({ hasText: 'Touch in: Bonnet' });
    await chips.getByText('Price, promise, keep or take out').click();
    await chips.getByRole('button', { name: 'Keep it in' }).click();
    await page.getByLabel(/Safe and lawful only/).check();
    await expect(total.getByText(/1 job for one trade/)).toBeVisible();
    await page.reload();
    await expect(page.getByLabel(/Safe and lawful only/)).toBeChecked();
    await expect(total.getByText(/1 job for one trade/)).toBeVisible();

    await chips.getByText('Price, promise, keep or take out').click();
    await chips.getByLabel('By when, if known').fill('2020-01-01');
    await chips.getByRole('button', { name: 'Promise it to the buyer' }).click();
    await expect(chips.getByText('That day has passed.')).toBeVisible();
    await chips.getByLabel('By when, if known').fill('2099-05-04');
    await chips.getByLabel('Who sees to it, if known').fill('Tomas');
    await chips.getByRole('button', { name: 'Promise it to the buyer' }).click();
    await expect(chips.getByText('Will be put right before collection, by 4 May 2099')).toBeVisible();
    await saved(page);
    const log = (await (await server.fetch(`/api/walks/${walk}`)).json()) as { entries: Fact[] };
    expect(log.entries.at(-1)).toMatchObject({
      kind: 'finding-amended',
      body: {
        changes: {
          cures: [{ cure: 'touch-in', sure: 'should' }],
          decision: { is: 'promised', owner: 'Tomas', by: '2099-05-04' },
        },
      },
    });
  },
);

test(
  'what is promised of the whole car is in the plan from the start, and printed',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    await page.goto(`${server.origin}/walks/${walk}/story`);
    const whole = page.getByRole('region', { name: 'To be done to more than one part' });
    await whole.getByText('The whole car', { exact: true }).click();
    await whole.getByRole('button', { name: 'Machine polish' }).click();
    await whole.getByRole('button', { name: 'Promised' }).click();
    await cleanAtBothWidths(page);
    await saved(page);
    await page.goto(`${server.origin}/walks/${walk}/plan`);
    await expect(
      page.getByRole('region', { name: 'The jobs' }).getByText('Machine polish: Whole car'),
    ).toBeVisible();
    const report = await reportOfWalk(server, `${server.origin}/walks/${walk}`);
    expect(report.remedies).toEqual([expect.objectContaining({ what: 'Whole car', promised: true })]);
  },
);

test(
  'what would mend each finding is told with its reasons, and one’s own choice is ticked there',
  onlyAt('desk', 'both widths are looked at on the way'),
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    await logged(server, walk, car);
    await page.goto(`${server.origin}/walks/${walk}/plan`);
    await page.getByLabel(/My own choice/).check();
    await page.getByRole('checkbox', { name: /Put right: Nearside front door \(left\) Dent/ }).check();
    await expect(
      page.getByText(
        /Paintless dent removal should mend it: metal with whole paint is pressed back from behind/,
      ),
    ).toBeVisible();
    await expect(
      page.getByText(/Not local paint repair: in the middle of the panel the blend would show/),
    ).toBeVisible();
    await expect(
      page.getByRole('region', { name: 'The jobs' }).getByText(/Paintless dent removal/),
    ).toBeVisible();
    await expect(
      page.getByRole('region', { name: 'What it comes to' }).getByText(/1 job for one trade/),
    ).toBeVisible();
    await cleanAtBothWidths(page);
  },
);

test(
  'prices are the yard’s own; what cannot be read is told at its field and nothing is lost',
  onlyAt('phone', 'the form is the same markup at both widths'),
  async ({ page, ownServer: server }) => {
    await page.context().addCookies(server.cookies);
    await page.goto(`${server.origin}/prices`);
    await expect(page.getByText(/house figures to begin with/)).toBeVisible();
    await noAxeFindings(page);
    await page.getByLabel('Valeter: An hour').fill('30');
    await page.getByLabel(/Tyres, fitted/).fill('205/55 R16 82');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/write the size, a colon and the price/).first()).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Valeter: An hour')).toHaveValue('30');
    await page.getByLabel(/Tyres, fitted/).fill('205/55 R16: 82');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/Plans reckon with these prices/)).toBeVisible();
    const { prices } = (await (await server.fetch('/api/prices')).json()) as { prices: object };
    const usual = usualPrices('GBP');
    expect(prices).toEqual({
      ...usual,
      trades: { ...usual.trades, valeter: { perHour: 3000, callOut: 0 } },
      tyres: [{ size: '205/55 R16', each: 8200 }],
    });
  },
);

test(
  'a rule for cures is switched off and another added; a slip is told in words, and nothing is lost',
  onlyAt('desk', 'both widths are looked at on the way'),
  async ({ page, ownServer: server }) => {
    const { walk } = await beginWalk(page, server);
    await logged(server, walk, [findingOn('bonnet', 'scuff', { severity: 'slight', lengthMm: 30 })]);
    await page.goto(`${server.origin}/cure-rules`);
    await page.locator('summary').filter({ hasText: 'Machine polish' }).click();
    const rule = page.getByRole('checkbox', { name: /^Scratch, scuff/ });
    await rule.click();
    await expect(page.getByText(/^1 of \d+ switched off$/)).toBeVisible();
    await page.reload();
    await page.locator('summary').filter({ hasText: 'Machine polish' }).click();
    await expect(rule).not.toBeChecked();

    await page.getByText('Add a rule').click();
    await page.getByLabel('Not longer than, mm').fill('a hand');
    await page.getByRole('button', { name: 'Add the rule' }).click();
    await expect(page.getByText('Choose at least one kind of fault.')).toBeVisible();
    await expect(page.getByText('Say in a few words why it works.')).toBeVisible();
    await expect(page.getByText('Type a length in millimetres, like 30.')).toBeVisible();
    await page.getByLabel('For which kinds of fault').selectOption({ label: 'Scuff' });
    await page.getByLabel('Why it works').fill('our own wax hides short scuffs');
    await page.reload();
    await expect(page.getByLabel('Why it works')).toHaveValue('our own wax hides short scuffs');
    await page.getByLabel('Not longer than, mm').fill('40');
    await page.getByLabel('What is done').selectOption({ label: 'Clean' });
    await cleanAtBothWidths(page);
    await page.getByRole('button', { name: 'Add the rule' }).click();
    await expect(page.getByRole('button', { name: /^Take out the rule: Clean/ })).toBeVisible();

    await page.goto(`${server.origin}/walks/${walk}/plan`);
    await page.getByText(/^What would mend it, and why/).click();
    await expect(page.getByText(/our own wax hides short scuffs/)).toBeVisible();
  },
);
