import { readFile } from 'node:fs/promises';
import { bodyStyle } from '#core/car';
import { houseTable, tableAsJson } from '#core/judge';
import type { Fact } from '#core/walk';
import { details } from '../builders/car';
import { begun, noted } from '../builders/entries';
import type { RunningServer } from '../builders/runningServer';
import { makeCar, signIn } from './begin';
import { linkTo, sayWalk } from './frozen';
import { findingOn, logged } from './logged';
import { cleanAtBothWidths, fitsThumbs } from './screenChecks';
import { expect, onlyAt, test } from './server';

const style = bodyStyle('hatch-5');
const cleared: Fact[] = [...style.parts.keys()].map((part) => ({ kind: 'part-cleared', body: { part } }));
const odometer: Fact = { kind: 'odometer-read', body: { value: 57_000, unit: 'mi' } };
const chips = (count: number): Fact =>
  ({
    kind: 'finding-noted',
    body: {
      ...noted(1, 'bonnet').body,
      finding: crypto.randomUUID(),
      kind: 'stone-chip',
      details: { count },
    },
  }) as Fact;

/** Cars of the yard that were walked and signed, so that bands mean something. */
async function pastCars(server: RunningServer, count: number): Promise<void> {
  for (let n = 0; n < count; n += 1) {
    const car = await makeCar(server);
    const walk = crypto.randomUUID();
    await logged(server, walk, [
      { kind: 'walk-begun', body: { carId: car, bodyStyle: 'hatch-5' } },
      ...cleared,
      odometer,
      chips(14 + (n % 6)),
    ]);
    const frozen = await server.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() });
    expect(frozen.ok).toBe(true);
  }
}

test(
  'a report says how the car stands to others of its age, and what cannot be told',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, ownServer: server }) => {
    await pastCars(server, 12);
    const { freeze } = await sayWalk(page, server, [begun, ...cleared, odometer, chips(80)]);
    const report = await freeze();
    expect(report.forItsAge?.rows[0]).toMatchObject({ standing: 'more', count: 80 });
    const { url } = await linkTo(server, report);
    await page.goto(url);
    const chapter = page.locator('#age');
    await expect(chapter.getByText(/More than usual: stone chips at the front/)).toBeVisible();
    await chapter.locator('summary').click();
    await expect(chapter.getByText(/^80 chips at the front; \d+ to \d+ are usual\.$/)).toBeVisible();
    await expect(chapter.getByText(/Held against 12 of this yard’s own cars/)).toBeVisible();
    await cleanAtBothWidths(page);
  },
);

test(
  'the table of what is usual is changed, imported and exported; what is wrong is said and loses nothing',
  onlyAt('desk', 'both widths are looked at on the way'),
  async ({ page, ownServer: server }) => {
    await signIn(page, server);
    await page.goto(`${server.origin}/expectations`);
    await expect(
      page.getByText('No finished walk yet: every figure is the house’s, from memory.'),
    ).toBeVisible();
    const cell = page.getByLabel('Usual, 6 to 8 years, 50,000 to 80,000 miles');
    await cell.fill('-3');
    await page.getByRole('button', { name: 'Save the table' }).click();
    await expect(page.getByRole('alert')).toContainText('How many are usual cannot be less than 0.');
    await expect(cell).toHaveValue('-3');
    await page.reload();
    await expect(cell).toHaveValue('-3');
    await cell.fill('9,5');
    await page.getByRole('button', { name: 'Save the table' }).click();
    await expect(page.getByRole('button', { name: 'Back to the house’s figures' })).toBeVisible();
    await expect(cell).toHaveValue('9.5');
    await cleanAtBothWidths(page);
    await fitsThumbs(page);

    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Export CSV' }).click();
    const csv = await readFile(await (await download).path(), 'utf8');
    expect(csv.split('\r\n')[0]).toBe(
      'counted,age_from_years,age_to_years,from_miles,to_miles,usual,heavy_percent,set_by',
    );
    expect(csv).toContain('front-chips,6,8,50000,80000,9.5,8,yard');
    const bring = (name: string, text: string) =>
      page.getByLabel('Import').setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
    await bring('table.csv', csv.replace('front-chips,0,2,', 'front-chips,-1,2,'));
    await expect(page.getByText('Nothing of that file was taken.')).toBeVisible();
    await expect(page.getByText('Row 1: The age a band begins with cannot be less than 0.')).toBeVisible();
    await bring('empty.csv', '');
    await expect(page.getByText(/The table is empty/)).toBeVisible();
    await bring('table.json', tableAsJson(houseTable));
    await expect(cell).toHaveValue('8');
    await expect(page.getByText('Nothing of that file was taken.')).toHaveCount(0);
  },
);

test(
  'weak spots are asked at their stop, and stand in the report as looked for',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, ownServer: server }) => {
    await signIn(page, server);
    const car = await makeCar(server);
    await page.goto(`${server.origin}/cars/${car}`);
    await expect(page.getByText('Nobody has looked at it in the morning yet')).toBeVisible();
    await page.getByRole('button', { name: 'Start a walk-round' }).click();
    await expect(page.getByText(/Stop 1 of/)).toBeVisible();
    const walk = new URL(page.url()).pathname.split('/').at(2) ?? '';
    await page.getByRole('button', { name: /parts left/ }).click();
    const left = page.locator('section').filter({ hasText: 'Known of such cars, to look for' });
    await left
      .getByRole('button', { name: /headlamp/i })
      .first()
      .click();
    const spots = page.getByRole('region', { name: 'Such cars are known for' });
    await spots.scrollIntoViewIfNeeded();
    await expect(spots.getByText('Headlamps going dull')).toBeVisible();
    await cleanAtBothWidths(page);
    await spots.getByRole('button', { name: 'Not there' }).click();
    await expect(spots.getByText('Looked for: headlamps not dull')).toBeVisible();
    await spots.getByRole('button', { name: 'Change: Headlamps going dull' }).click();
    await spots.getByRole('button', { name: 'There', exact: true }).click();
    await spots.getByRole('button', { name: 'Haze' }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(spots.getByText('Headlamps going dull: there (1)')).toBeVisible();

    // The other lamp could not be told.
    await page.getByRole('button', { name: /parts left/ }).click();
    await left
      .getByRole('button', { name: /headlamp/i })
      .first()
      .click();
    await spots.getByRole('button', { name: 'Could not tell' }).click();
    await spots.getByLabel('Why not?').fill('covered in mud');
    await spots.getByRole('button', { name: 'Save' }).click();
    await expect(spots.getByText('could not tell, covered in mud')).toBeVisible();
    await expect
      .poll(
        async () =>
          (await (await server.fetch(`/api/walks/${walk}`)).json()).entries.filter(
            ({ kind }: { kind: string }) => kind === 'weak-spot-answered',
          ).length,
      )
      .toBe(3);
    const frozen = await (
      await server.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() })
    ).json();
    expect(frozen.weakSpots.found).toMatchObject([{ findings: [1] }]);
    expect(frozen.weakSpots.couldNotTell[0]).toContain('covered in mud');
    expect(frozen.weakSpots.left.length).toBeGreaterThan(3);
    expect(frozen.weakSpots.notThere).toEqual([]);
  },
);

test(
  'a yard writes down what its own makes are known for, and what its findings show',
  onlyAt('desk', 'both widths are looked at on the way'),
  async ({ page, ownServer: server }) => {
    await signIn(page, server);
    for (let n = 0; n < 21; n += 1) {
      const id = crypto.randomUUID();
      const isNim = n < 8;
      await server.post('/api/cars', {
        id,
        details: { ...details, stockNumber: `W-${n}`, ...(isNim && { make: 'Pellbrook', model: 'Nim' }) },
      });
      const walk = crypto.randomUUID();
      await logged(server, walk, [
        { kind: 'walk-begun', body: { carId: id, bodyStyle: 'hatch-5' } },
        ...(isNim ? [findingOn('arch-rl', 'rust', {})] : []),
      ]);
      await server.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() });
    }
    await page.goto(`${server.origin}/weak-spots`);
    await expect(page.getByText('Pellbrook Nim: rust on the wheel arch')).toBeVisible();
    await expect(
      page.getByText(/8 of 8 \(100 %, likely 68 to 100 %\); of all others 0 of 13 \(0 %/),
    ).toBeVisible();
    await cleanAtBothWidths(page);
    await page.getByRole('button', { name: 'Make it a weak spot' }).click();
    await page.getByRole('button', { name: 'Add it to the list' }).click();
    await expect(page.getByText('What to look for is empty.')).toBeVisible();
    await page.getByLabel('What to look for').fill('Bubbles on the lip behind the rear wheel');
    await page.getByLabel('Built from').fill('2020');
    await page.getByLabel('Built up to').fill('2010');
    await page.getByRole('button', { name: 'Add it to the list' }).click();
    await expect(page.getByRole('alert')).toContainText('its first year lies after its last');
    // Neither a slip nor a reload loses what was typed.
    await page.getByLabel('Built up to').fill('2024');
    await page.getByRole('button', { name: 'Add it to the list' }).click();
    const added = page.getByRole('listitem').filter({ hasText: 'Rust on the wheel arch' });
    await expect(added.getByText('From your findings')).toBeVisible();
    await expect(page.getByText('Pellbrook Nim: rust on the wheel arch')).toHaveCount(0);
    // Two switches in a row: the second waits for no answer, and takes nothing back.
    const switches = page.getByRole('checkbox', { name: /^Ask for: / });
    const answer = gate();
    await page.route('**/api/weak-spots', async (route) => {
      await answer.opened;
      await route.continue();
    });
    await switches.nth(0).click();
    await expect(switches.nth(0)).not.toBeChecked();
    await switches.nth(1).click();
    await expect(switches.nth(1)).not.toBeChecked();
    await expect(switches.nth(1)).toBeFocused();
    answer.open();
    await expect
      .poll(async () =>
        (await (await page.request.get(`${server.origin}/api/weak-spots`)).json()).spots
          .slice(0, 3)
          .map(({ isOff }: { isOff?: boolean }) => isOff === true),
      )
      .toEqual([true, true, false]);
    await page.reload();
    for (const at of [0, 1]) await expect(switches.nth(at)).not.toBeChecked();
    await expect(switches.nth(2)).toBeChecked();
  },
);

/** Something that waits until it is let through. */
function gate() {
  let open = () => {};
  const opened = new Promise<void>((settle) => {
    open = settle;
  });
  return { open: () => open(), opened };
}

test(
  'twelve cars are looked at in the morning, one tap each, also without signal',
  onlyAt('phone', 'a morning is one tap each on a phone; both widths are looked at on the way'),
  async ({ page, context, ownServer: server }) => {
    await signIn(page, server);
    for (let n = 1; n <= 12; n += 1)
      await server.post('/api/cars', {
        id: crypto.randomUUID(),
        details: { ...details, stockNumber: `M-${n}`, standsAt: `Row A, bay ${n}` },
      });
    await page.goto(`${server.origin}/mornings`);
    await expect(page.getByText('0 of 12 looked at today')).toBeVisible();
    const inHand = page.getByRole('region', { name: 'Car in hand' });
    const tap = inHand.getByRole('button', { name: 'Started at once, level, no drops' });
    for (let n = 1; n <= 8; n += 1) {
      await expect(inHand.getByRole('heading')).toHaveText(`M-${n}`);
      await tap.click();
    }
    await expect(page.getByText('8 of 12 looked at today')).toBeVisible();
    await cleanAtBothWidths(page);
    await fitsThumbs(page);
    await context.setOffline(true);
    await tap.click();
    await expect(inHand.getByRole('heading')).toHaveText('M-10');
    // This one had sunk, and its battery was read.
    await inHand.getByRole('button', { name: 'Something else' }).click();
    await inHand.getByRole('button', { name: 'Sunk' }).click();
    await inHand.getByRole('button', { name: 'Rear left' }).click();
    await inHand.getByLabel('Battery, V').fill('many');
    await inHand.getByRole('button', { name: 'Save' }).click();
    await expect(inHand.getByRole('alert')).toHaveText(
      'Volts are a figure like 12.6. Leave it empty if you did not read it.',
    );
    await inHand.getByLabel('Battery, V').fill('12,1');
    await inHand.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Sunk (rear left), 12.1 V').first()).toBeVisible();
    await tap.click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(inHand.getByRole('heading')).toHaveText('M-11');
    await expect(page.getByText('10 of 12 looked at today')).toBeVisible();
    await context.setOffline(false);
    await tap.click();
    await tap.click();
    await expect(page.getByText('Every car was looked at today.')).toBeVisible();
    await expect
      .poll(async () => {
        const { cars } = await (await server.fetch('/api/mornings')).json();
        return cars.map(({ looks }: { looks: readonly unknown[] }) => looks.length).join('');
      })
      .toBe('111111111111');
  },
);

test(
  'a list that was fetched before a look arrived and comes after it brings no car back into hand',
  onlyAt('phone', 'the list is the same at both widths'),
  async ({ page, ownServer: server }) => {
    await signIn(page, server);
    for (let n = 1; n <= 3; n += 1)
      await server.post('/api/cars', {
        id: crypto.randomUUID(),
        details: { ...details, stockNumber: `M-${n}`, standsAt: `Row A, bay ${n}` },
      });
    await page.goto(`${server.origin}/mornings`);
    const inHand = page.getByRole('region', { name: 'Car in hand' });
    const tap = inHand.getByRole('button', { name: 'Started at once, level, no drops' });
    await expect(inHand.getByRole('heading')).toHaveText('M-1');
    const held = { GET: gate(), POST: gate() };
    await page.route('**/api/mornings', async (route) => {
      await held[route.request().method() === 'GET' ? 'GET' : 'POST'].opened;
      await route.continue();
    });
    const list = () =>
      page.waitForRequest((request) => request.method() === 'GET' && request.url().endsWith('/api/mornings'));
    const asked = list();
    held.POST.open();
    await tap.click();
    await asked;
    // The list is asked for; the look at the second car is held up on its way meanwhile.
    held.POST = gate();
    await expect(inHand.getByRole('heading')).toHaveText('M-2');
    await tap.click();
    await expect(inHand.getByRole('heading')).toHaveText('M-3');
    const came = page.waitForResponse((response) => response.url().endsWith('/api/mornings'));
    const after = list();
    held.GET.open();
    await came;
    held.GET = gate();
    held.POST.open();
    await after;
    await expect(page.getByTestId('outbox')).toHaveAccessibleName(/^Saved/);
    await expect(inHand.getByRole('heading')).toHaveText('M-3');
    await tap.click();
    held.GET.open();
    await expect(page.getByText('Every car was looked at today.')).toBeVisible();
    await expect(page.getByText('3 of 3 looked at today')).toBeVisible();
  },
);

test(
  'what is photographed of a morning is seen at once, can be taken out again, and arrives',
  onlyAt('phone', 'the list is the same at both widths'),
  async ({ page, context, ownServer: server }) => {
    await signIn(page, server);
    const car = await makeCar(server);
    await page.goto(`${server.origin}/mornings`);
    await page.getByRole('button', { name: 'Something else' }).click();
    await context.setOffline(true);
    const taken = page.getByRole('list', { name: 'Photos' }).getByRole('img');
    for (const [n, file] of ['hatch-whole-1', 'hatch-whole-2', 'hatch-whole-1'].entries()) {
      await page.locator('input[type=file]').setInputFiles(`demo/pictures/${file}.jpg`);
      await expect(taken).toHaveCount(Math.min(n + 1, 2));
    }
    await expect
      .poll(() =>
        taken.evaluateAll((all) => all.every((each) => 'naturalWidth' in each && each.naturalWidth !== 0)),
      )
      .toBe(true);
    await page.getByRole('button', { name: 'Take out what was taken, 1' }).click();
    await expect(taken).toHaveCount(1);
    await cleanAtBothWidths(page);
    await fitsThumbs(page);
    await page.getByRole('button', { name: 'Sunk' }).click();
    await page.getByRole('button', { name: 'Save' }).click();
    await context.setOffline(false);
    await expect
      .poll(async () => {
        const { looks } = await (await server.fetch(`/api/cars/${car}/mornings`)).json();
        return looks.map(({ photos }: { photos: readonly string[] }) => photos.length);
      })
      .toEqual([1]);
    await page.goto(`${server.origin}/cars/${car}`);
    await page.getByText('1 look', { exact: true }).click();
    const kept = page.getByRole('region', { name: 'The days it stood' }).getByRole('img');
    await expect(kept).toHaveCount(1);
    await expect
      .poll(() => kept.evaluate((each) => 'naturalWidth' in each && each.naturalWidth))
      .toBeGreaterThan(0);
  },
);

test(
  'a clock that was set back is said, and nothing is written',
  onlyAt('phone', 'the same words at any width'),
  async ({ page, ownServer: server }) => {
    await signIn(page, server);
    const car = await makeCar(server);
    await page.goto(`${server.origin}/mornings`);
    await page.evaluate(() =>
      localStorage.setItem('zelk.last-look', new Date(Date.now() + 5 * 86_400_000).toISOString()),
    );
    await page.getByRole('button', { name: 'Started at once, level, no drops' }).click();
    await expect(page.getByText(/The clock of this device was set back/)).toBeVisible();
    const { looks } = await (await server.fetch(`/api/cars/${car}/mornings`)).json();
    expect(looks).toEqual([]);
  },
);

test(
  'what repeats on mornings is confirmed on the walk, and told as one truth',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, ownServer: server }) => {
    await signIn(page, server);
    const car = await makeCar(server);
    const walk = crypto.randomUUID();
    await logged(server, walk, [{ kind: 'walk-begun', body: { carId: car, bodyStyle: 'hatch-5' } }]);
    const now = Date.now();
    const looks = [0, 1].map((hours) => {
      const at = new Date(now - (hours === 0 ? 0 : 20 * 3_600_000)).toISOString();
      return { id: crypto.randomUUID(), car, at, day: at.slice(0, 10), level: 'sunk' };
    });
    // Two mornings, even where twenty hours ago is the same day.
    if (looks[1] && looks[0] && looks[0].day === looks[1].day)
      looks[1].day = new Date(now - 86_400_000).toISOString().slice(0, 10);
    expect((await server.post('/api/mornings', { looks })).ok).toBe(true);
    await page.goto(`${server.origin}/walks/${walk}/functions`);
    const stood = page.getByRole('region', { name: 'The days it stood' });
    await expect(stood.getByText('Had sunk on 2 of the last 2 mornings')).toBeVisible();
    await cleanAtBothWidths(page);
    await stood.getByRole('button', { name: /Confirm/ }).click();
    await expect(stood.getByText('in the report')).toBeVisible();
    await expect
      .poll(async () => {
        const answer = await server.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() });
        const { functions, stood: told } = await answer.json();
        return [functions?.faulty.length, told?.open.length];
      })
      .toEqual([1, 0]);
  },
);

test(
  'an exercise is looked at, marked and answered; the next one follows, and results are one’s own',
  onlyAt('phone', 'both widths are looked at on the way'),
  async ({ page, ownServer: server }) => {
    await signIn(page, server);
    await page.goto(`${server.origin}/practice`);
    const picture = page.getByAltText('Part of a car, to be looked at');
    await expect(picture).toBeVisible();
    expect(
      await picture.evaluate((image: HTMLImageElement) => image.complete && image.naturalWidth),
    ).toBeGreaterThan(600);
    await page.getByRole('button', { name: 'Mark a place in the middle of what is shown' }).click();
    const mark = page.getByRole('region', { name: 'Mark 1' });
    await mark.getByLabel('Its kind').selectOption('scratch');
    await mark.getByLabel('Longest side, mm').fill('-4');
    await expect(mark.getByRole('alert')).toContainText('1 to 3,000');
    await mark.getByLabel('Longest side, mm').fill('40');
    await cleanAtBothWidths(page);
    await fitsThumbs(page);
    await page.getByRole('button', { name: 'That is all I see' }).click();
    const told = page.getByRole('region', { name: 'What was there' });
    await expect(told).toContainText(/You|Right/);
    await expect(told).toContainText('This kind comes round again on');
    await cleanAtBothWidths(page);
    const { results } = await (await server.fetch('/api/practice')).json();
    expect(results.answers).toBe(1);
    await told.getByRole('button', { name: 'Next picture' }).click();
    await page.getByRole('button', { name: 'Nothing there' }).click();
    await page
      .getByRole('region', { name: 'What was there' })
      .getByRole('button', { name: 'Next picture' })
      .click();
    await expect(page.getByRole('heading', { name: 'How you do: 2 pictures' })).toBeVisible();
    await expect(page.getByText(/likely \d+ to \d+ %/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Share them with the managers' }).click();
    await expect(page.getByText('The managers of the yard see these results.')).toBeVisible();
    await page.goto(`${server.origin}/practice/team`);
    await expect(page.getByRole('heading', { name: 'Nell Harrick: 2 pictures' })).toBeVisible();
    await cleanAtBothWidths(page);
  },
);
