import { makeCar } from './begin';
import { fitsSideways, fitsThumbs, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { addCar, openYard, partOf, saved, sign, startWalk, tapPart, turnTo } from './steps';

test('every screen is free of axe findings and never scrolls sideways', async ({
  page,
  // It begins with an empty yard.
  ownServer: server,
}) => {
  await openYard(page, server);
  const check = async () => {
    await noAxeFindings(page);
    await fitsSideways(page);
    await fitsThumbs(page);
  };
  await expect(page.getByText('No cars yet.')).toBeVisible();
  await check();
  await page.getByRole('link', { name: 'Add car' }).click();
  await page.getByLabel(/17 characters/).fill('1M8GDM9A1KP042788');
  await check();
  await page.goto(server.origin);
  await addCar(page);
  await check();
  await startWalk(page);
  await check();
  await tapPart(page, 'bumper-front');
  await check();
  await page.getByRole('button', { name: 'Scuff', exact: true }).click();
  await check();
  await page.getByRole('button', { name: 'Done' }).click();
  for (const deck of [/parts left/, /what was logged/i, 'Route, laps and conditions', 'Step-back lap']) {
    await page.getByRole('button', { name: deck }).click();
    await check();
  }
  await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
  await page.getByRole('button', { name: 'Note light, wet and dirt' }).click();
  await check();
  await page.getByRole('button', { name: 'Back to the stop' }).click();
  await turnTo(page, 'Cabin');
  await check();
  await saved(page);
  await page.getByRole('link', { name: 'Report' }).click();
  await check();
  await sign(page);
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByTestId('share-link').textContent();
  await check();
  await page.goto(link ?? '');
  await expect(page.getByRole('heading', { name: /Fenlark/ })).toBeVisible();
  await check();
});

test('routes and the words that are understood are free of axe findings too', async ({ page, server }) => {
  await openYard(page, server);
  await page.goto(`${server.origin}/routes`);
  await page.getByRole('button', { name: 'Copy and change' }).first().click();
  await expect(page.getByRole('button', { name: 'Drag Cabin' })).toBeVisible();
  await noAxeFindings(page);
  await fitsSideways(page);
  await page.goto(`${server.origin}/help/what-to-say`);
  for (const title of ['Where: side and end', 'What is wrong', 'Words that hold it together'])
    await page.getByText(title, { exact: true }).click();
  await expect(page.getByRole('definition').filter({ hasText: 'nearside' }).first()).toBeVisible();
  await noAxeFindings(page);
  await fitsSideways(page);
});

test(
  'the stock list searches, and a car can be edited',
  onlyAt('desk', 'the list and the form are the same markup at both widths'),
  async ({ page, ownServer: server }) => {
    await openYard(page, server);
    await addCar(page, { stock: 'E-77' });
    await page.getByRole('link', { name: 'Edit' }).click();
    await page.getByLabel('Colour').fill('Moss green');
    await page.getByRole('button', { name: 'Save changes' }).click();
    await expect(page.getByText('Moss green (mid)')).toBeVisible();
    await page.goto(server.origin);
    const search = page.getByLabel('Search the stock list');
    await search.fill('moss 77');
    await expect(page.getByRole('link', { name: /Fenlark Tessel/ })).toBeVisible();
    await search.fill('no such car');
    await expect(page.getByText('No car matches “no such car”.')).toBeVisible();

    // What is shown stays so over a look at a car, and when the page is opened anew.
    await search.fill('moss');
    await page.getByRole('button', { name: 'Not walked' }).click();
    await page.getByRole('link', { name: /Fenlark Tessel/ }).click();
    await expect(page.getByRole('link', { name: 'Edit' })).toBeVisible();
    await page.goBack();
    await page.reload();
    await expect(search).toHaveValue('moss');
    await expect(page.getByRole('link', { name: /Fenlark Tessel/ })).toBeVisible();
    await page.getByRole('button', { name: 'Being walked' }).click();
    await expect(page.getByText('No car of these matches “moss”.')).toBeVisible();
    await search.fill('');
    await expect(page.getByText('No car is being walked.')).toBeVisible();
    await page.getByRole('button', { name: /^All \d+$/ }).click();
    await page.getByLabel('Order of the list').selectOption('Longest here first');
    await expect(page).toHaveURL(/order=oldest/);
    await expect(page.getByRole('link', { name: /came today/ })).toBeVisible();

    // A view one wants again is kept by a name, chosen by a tap, and forgotten when it is told so.
    await page.getByRole('button', { name: 'Keep this view' }).click();
    await page.getByLabel('Name of this view').fill('Old stock');
    await page.keyboard.press('Enter');
    await page.goto(server.origin);
    await page.getByRole('button', { name: 'Old stock', exact: true }).click();
    await expect(page).toHaveURL(/order=oldest/);
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Forget the view Old stock' }).click();
    await expect(page.getByRole('button', { name: 'Old stock', exact: true })).toHaveCount(0);

    // By keys alone: from the search into the list and back.
    await search.focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('link', { name: /Fenlark Tessel/ })).toBeFocused();
    await page.keyboard.press('ArrowUp');
    await expect(search).toBeFocused();
  },
);

test(
  'more cars than a page holds are listed as one scrolls, and the last is reached by keys',
  onlyAt('desk', 'the list is the same markup at both widths'),
  async ({ page, ownServer: server }) => {
    await openYard(page, server);
    for (let i = 0; i < 120; i++) await makeCar(server);
    await page.goto(server.origin);
    const rows = page.getByRole('listitem').getByRole('link', { name: /Fenlark Tessel/ });
    await expect(rows.first()).toBeVisible();
    const before = await rows.count();
    expect(before).toBeLessThan(120);
    // No button is pressed: what is near its end is asked for.
    await expect
      .poll(async () => {
        // The list grows under it: the row may have been drawn anew meanwhile.
        await rows
          .last()
          .scrollIntoViewIfNeeded()
          .catch(() => undefined);
        return rows.count();
      })
      .toBe(120);
    await rows.nth(117).focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await expect(rows.nth(119)).toBeFocused();
    await page.keyboard.press('ArrowDown');
    await expect(rows.nth(119)).toBeFocused();
  },
);

test(
  'a form that lacks something says what, and loses nothing',
  onlyAt('desk', 'the form is the same markup at both widths'),
  async ({ page, server }) => {
    await openYard(page, server);
    await page.getByRole('link', { name: 'Add car' }).click();
    await page.getByLabel('Make').fill('Fenlark');
    await page.getByLabel('Year of first use').fill('next');
    await page.getByRole('button', { name: 'Add the car' }).click();
    await expect(page.getByText('Type the stock number.')).toBeVisible();
    await expect(page.getByText('Type the year as four figures, like 2018.')).toBeVisible();
    await expect(page.getByLabel('Make')).toHaveValue('Fenlark');
  },
);

test(
  'an identity number is checked as it is typed, and a slip is located and mended',
  onlyAt('desk', 'the form is the same markup at both widths'),
  async ({ page, server }) => {
    await openYard(page, server);
    await page.getByRole('link', { name: 'Add car' }).click();
    await page.getByLabel('Country').selectOption({ label: 'United States' });
    const field = page.getByLabel(/17 characters/);
    await field.fill('1m8gdm');
    await expect(page.getByText('6 of 17 characters.')).toBeVisible();
    await field.fill('1M8GDM9AXKPO42788');
    await expect(page.getByText('Character 12 is O, which is never used: it is probably 0.')).toBeVisible();
    await field.fill('1MBGDM9AXKP042788');
    await expect(page.getByText(/check digit \(character 9\) is X, but/)).toBeVisible();
    await page.getByRole('button', { name: 'Character 3: B → 8' }).click();
    await expect(page.getByText('All 17 characters agree with the check digit.')).toBeVisible();
    await page.getByLabel('Country').selectOption({ label: 'United Kingdom' });
    await field.fill('1M8GDM9A1KP042788');
    await expect(page.getByText(/Not every country uses it/)).toBeVisible();
  },
);

test(
  'the walk can be driven by keyboard alone',
  onlyAt('desk', 'keys are for desks and tablets'),
  async ({ page, beginWalk }) => {
    await beginWalk({ style: 'saloon' });
    await page.keyboard.press('c');
    await expect(page.getByText(/Stop 2 of/)).toBeVisible();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByText(/Stop 3 of/)).toBeVisible();
    await page.keyboard.press('f');
    await expect(page.getByRole('heading', { name: 'What is it?' })).toBeVisible();
    await page.keyboard.press('Escape');
    // Undo leads back to the part it is about.
    await page.keyboard.press('u');
    await expect(page.getByText(/Stop 1 of .* not looked at/)).toBeVisible();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toContainText('this part is clear, walk on');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await partOf(page, 'bumper-front').focus();
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Scuff', exact: true }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText(/^Logged on the/)).toBeVisible();
  },
);

test(
  'everything logged can be undone one by one, and brought back',
  onlyAt('phone', 'the log is the same list at both widths'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    // Two taps in one breath are one.
    await page.getByRole('button', { name: 'Clear', exact: true }).dblclick();
    await expect(page.getByText(/Stop 2 of/)).toBeVisible();
    await page.waitForTimeout(350);
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(page.getByText(/Stop 3 of/)).toBeVisible();
    await page.getByRole('button', { name: 'What was logged' }).click();
    const lines = page.getByRole('listitem');
    await expect(lines).toHaveCount(2);
    await lines.nth(1).getByRole('button', { name: 'Undo' }).click();
    await expect(lines.nth(1).getByRole('button', { name: 'Bring back' })).toBeVisible();
    await expect(partOf(page, 'bumper-front')).toHaveAccessibleName(/not looked at/);
    await lines.nth(1).getByRole('button', { name: 'Bring back' }).click();
    await expect(partOf(page, 'bumper-front')).toHaveAccessibleName(/clear/);
  },
);

test(
  'a walk is exported here and imported into another Zelk',
  onlyAt('desk', 'what travels is a file'),
  async ({ page, server, beginWalk, another }) => {
    const { car } = await beginWalk();
    await page.getByRole('button', { name: 'Photo', exact: true }).click();
    await page.getByTestId('photo-file').setInputFiles('demo/pictures/hatch-whole-1.jpg');
    await expect(page.getByRole('img', { name: 'where it is' })).toBeVisible();
    await saved(page);
    await page.getByRole('link', { name: 'Report' }).click();
    await sign(page);
    await expect(page.getByText('Report, revision 1', { exact: true })).toBeVisible();
    await page.goto(`${server.origin}/cars/${car}`);
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Export walk' }).click();
    const file = await (await download).path();

    await page.context().addCookies(another.cookies);

    await page.goto(`${another.origin}/import`);
    await page
      .locator('input[type=file]')
      .first()
      .setInputFiles({
        name: 'x.json',
        mimeType: 'application/json',
        buffer: Buffer.from('{"format":"zelk-walk","version":9}'),
      });
    await expect(page.getByText(/written by a newer Zelk/)).toBeVisible();
    await page.locator('input[type=file]').first().setInputFiles(file);
    await expect(page.getByText('1 reports came in')).toBeVisible();
    await page.locator('input[type=file]').nth(1).setInputFiles('demo/pictures/hatch-whole-1.jpg');
    await expect(page.getByText('1 pictures came in.')).toBeVisible();
    await page.getByRole('link', { name: 'Open the car' }).click();
    await page.getByRole('link', { name: 'Report' }).click();
    await expect(page.getByText('Frozen before')).toBeVisible();
  },
);
