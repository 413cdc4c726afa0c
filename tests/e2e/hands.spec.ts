import { expect, onlyAt, test } from './server';
import { goTo, partOf, tapPart } from './steps';

const phone = onlyAt('phone', 'a phone has a Back button, and vibrates');
const desk = onlyAt('desk', 'keys are a desk’s');

test(
  'Back closes what is open, last opened first, and only then leaves the walk',
  phone,
  async ({ page, beginWalk }) => {
    const { car, walk } = await beginWalk();
    await page.goto(new URL(`/cars/${car}`, page.url()).href);
    await page.locator(`a[href="/walks/${walk}"]`).first().click();
    await expect(page.getByText(/Stop 1 of/)).toBeVisible();
    await tapPart(page, 'bumper-front');
    await page.getByRole('button', { name: 'Scratch', exact: true }).click();
    await expect(page.getByText(/^Logged on the/)).toBeVisible();
    // The deck drawn higher by hand, over the deck, over the stop.
    await page.getByRole('button', { name: 'More room for what there is to do' }).click();
    await expect(page.getByRole('button', { name: 'More room for the car' })).toBeVisible();
    await page.goBack();
    await expect(page.getByRole('button', { name: 'More room for what there is to do' })).toBeVisible();
    await expect(page.getByText(/^Logged on the/)).toBeVisible();
    await page.goBack();
    await expect(page.getByText(/Stop 1 of/)).toBeVisible();
    await expect(page).toHaveURL(new RegExp(`/walks/${walk}$`));
    await page.goBack();
    await expect(page).toHaveURL(new RegExp(`/cars/${car}$`));
  },
);

test(
  'one comes back to the deck one left the walk by, and its address opens it',
  phone,
  async ({ page, beginWalk }) => {
    const { walk } = await beginWalk();
    await page.getByRole('button', { name: /^Where to/ }).click();
    await expect(page).toHaveURL(/\?deck=where-to$/);
    await page.getByRole('link', { name: /Does it work/ }).click();
    await expect(page.getByRole('heading', { name: 'What matters first' })).toBeVisible();
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'Where to' })).toBeVisible();
    await page.goto(new URL(`/walks/${walk}?deck=left`, page.url()).href);
    await expect(page.getByRole('heading', { name: 'What is left' })).toBeVisible();
  },
);

test('every screen of a walk has the way to all others, one tap away', phone, async ({ page, beginWalk }) => {
  const { walk } = await beginWalk();
  const screens = 'pictures tyres paint glass functions kit papers story questions cues film report'.split(
    ' ',
  );
  for (const screen of screens) {
    await page.goto(new URL(`/walks/${walk}/${screen}`, page.url()).href);
    await page.getByRole('link', { name: 'Where to' }).click();
    await expect(page.getByRole('heading', { name: 'Where to' }), screen).toBeVisible();
  }
});

test(
  'what was said can be taken back for ten seconds, and is felt where the device can',
  phone,
  async ({ page, beginWalk }) => {
    await page.addInitScript(() => {
      const told = window as unknown as { buzzes: number };
      told.buzzes = 0;
      navigator.vibrate = () => {
        told.buzzes++;
        return true;
      };
    });
    await beginWalk();
    const buzzes = () => page.evaluate(() => (window as unknown as { buzzes: number }).buzzes);
    await page.clock.install();
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(page.getByTestId('aloud')).toHaveText(/^Clear\. Next: \S/);
    expect(await buzzes()).toBe(1);
    const undo = page.getByRole('button', { name: 'Undo this' });
    await undo.click();
    await expect(page.getByText(/Stop 1 of .*not looked at/)).toBeVisible();
    // Taking back is no news to be taken back in turn.
    await expect(undo).toBeHidden();
    // Sooner it would be the same tap twice.
    await page.waitForTimeout(400);
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(undo).toBeVisible();
    await page.clock.runFor(10_500);
    await expect(undo).toBeHidden();
    // Switched off, nothing is felt.
    await page.getByRole('button', { name: /^Where to/ }).click();
    await page.getByLabel('Short vibration on Clear and on a finding').uncheck();
    await page.getByRole('button', { name: 'Back to the stop' }).click();
    const before = await buzzes();
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(page.getByText(/Stop 3 of/)).toBeVisible();
    expect(await buzzes()).toBe(before);
  },
);

test(
  'keys lead into the deck, digits choose the kind, and what is next is told',
  desk,
  async ({ page, beginWalk }) => {
    await beginWalk();
    await goTo(page, 'bonnet', 'Bonnet');
    await page.keyboard.press('f');
    const title = page.getByRole('heading', { name: 'What is it?' });
    await expect(title).toBeFocused();
    const first = page.locator('[aria-keyshortcuts="1"]');
    const kind = (await first.textContent())?.replace(/1$/, '') ?? '';
    await page.keyboard.press('1');
    await expect(page.getByRole('heading', { name: new RegExp(kind) })).toBeFocused();
    await page.keyboard.press('Escape');
    await page.keyboard.press('f');
    await expect(title).toBeFocused();
    await page.keyboard.press('0');
    await expect(page.getByRole('heading', { name: new RegExp(kind) })).toBeFocused();
    await page.keyboard.press('c');
    await expect(page.getByTestId('aloud')).toHaveText(/^Clear\. Next: \S/);
    await expect(partOf(page, 'bonnet')).toHaveAccessibleName(/findings 1, 2/);
  },
);

test('another page takes the focus to its name', desk, async ({ page, beginWalk }) => {
  await beginWalk();
  await page.getByRole('link', { name: 'Report' }).click();
  await expect(page.locator('h1').first()).toBeFocused();
  await page.getByRole('link', { name: 'Back to the walk' }).click();
  await expect(page.locator('h1').first()).toBeFocused();
});

test(
  'a walk can be followed by ear: what a screen reader has to read tells the stop, the way on and what was said',
  onlyAt('phone', 'the reading is the same at both widths; a phone is what one walks with'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    const read = (name: 'main' | 'banner') => page.getByRole(name).ariaSnapshot();
    const bar = await read('banner');
    for (const line of ['link "Back to the car"', 'button "Undo"', 'link "Pictures"', 'link "Report"'])
      expect(bar).toContain(line);
    const stop = await read('main');
    for (const line of [
      'button "105 parts left, 5 readings to take, 2 photos missing, ',
      'button "Where to: route, laps and conditions"',
      'button "Places: at Front, 0 of 9 visited"',
      'group "The car: front"',
      'button "Front bumper: not looked at"',
      'region "Front bumper"',
      'heading "Front bumper" [level=2]',
      'Stop 1 of 105 · not looked at',
      'button "Clear"',
      'button "Next stop"',
    ])
      expect(stop).toContain(line);
    // From stop to stop by name alone: what is told aloud is where one then stands.
    const aloud = page.getByTestId('aloud');
    const told: string[] = [];
    for (let i = 0; i < 12; i++) {
      const before = await page.getByRole('heading', { level: 2 }).first().textContent();
      await page.getByRole('button', { name: 'Clear', exact: true }).click();
      await expect(page.getByRole('heading', { level: 2 }).first()).not.toHaveText(before ?? '');
      const next = (await page.getByRole('heading', { level: 2 }).first().textContent()) ?? '';
      await expect(aloud).toHaveText(`Clear. Next: ${next[0]?.toLowerCase()}${next.slice(1)}`);
      told.push(next);
      await page.waitForTimeout(330);
    }
    expect(new Set(told).size).toBe(12);
    // A finding without looking: its kind by name, its answers as groups that say what is chosen.
    await page.getByRole('button', { name: 'Finding', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'What is it?' })).toBeFocused();
    await page.locator('[aria-keyshortcuts="1"]').click();
    await expect(aloud).toHaveText(/: logged\.$/);
    await page.getByRole('group', { name: 'How bad' }).getByRole('button').first().click();
    await page
      .getByRole('group', { name: /^Noticed from/ })
      .getByRole('button', { name: 'Up close' })
      .click();
    const deck = await page.getByRole('region', { name: told.at(-1) ?? '' }).ariaSnapshot();
    expect(deck).toMatch(/group "How bad":\n\s+- text: How bad\n\s+- button "[^"]+" \[pressed\]/);
    expect(deck).toMatch(/button "Up close" \[pressed\]/);
    await page.getByRole('button', { name: 'Done' }).click();
    // What is left, and every place with how far it is.
    await page.getByRole('button', { name: /^92 parts left/ }).click();
    expect(await read('main')).toMatch(/heading "Not looked at \(9\d\)" \[level=3\]/);
    await page.getByRole('button', { name: 'Back to the stop' }).click();
    await page.getByRole('button', { name: /^Where to/ }).click();
    const hub = await read('main');
    for (const line of [/button "Outside 13 of 49"/, /link "Tyres 0 of 4"/, /link "Papers 0 of 7"/])
      expect(hub).toMatch(line);
  },
);
