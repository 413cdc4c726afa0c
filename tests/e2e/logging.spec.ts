import { expect, onlyAt, test } from './server';
import { goTo, partOf, saved, tapPart, turnTo } from './steps';

test(
  'a clear part takes one tap and a finding two',
  onlyAt('phone', 'taps are counted where there is glass'),
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    let taps = 0;
    await page.exposeFunction('tapped', () => {
      taps++;
    });
    await page.evaluate(() =>
      document.addEventListener('click', () => (window as unknown as { tapped: () => void }).tapped(), true),
    );
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(page.getByText(/Stop 2 of/)).toBeVisible();
    expect(taps).toBe(1);
    await tapPart(page, 'foglamp-r');
    await page.getByRole('button', { name: 'Moisture inside', exact: true }).click();
    await expect(page.getByText(/^Logged on the/)).toBeVisible();
    expect(taps).toBe(3);
    await saved(page);
    const { entries } = await (
      await server.fetch(`/api/walks/${new URL(page.url()).pathname.split('/').at(-1)}`)
    ).json();
    expect(entries.filter((entry: { kind: string }) => entry.kind === 'finding-noted')).toHaveLength(1);
  },
);

test('the spot is where the finger was', async ({ page, server, beginWalk }) => {
  await beginWalk();
  await goTo(page, 'door-fr', 'Offside front door (right)');
  await page.waitForTimeout(300);
  const box = await partOf(page, 'door-fr').boundingBox();
  if (!box) throw new Error('the door is not on the screen');
  // A quarter from the right edge of the screen: on the right side of the car the nose is there.
  await page.mouse.click(box.x + box.width * 0.75, box.y + box.height * 0.4);
  await page.getByRole('button', { name: 'Scratch', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Scratch' })).toBeVisible();
  await saved(page);
  const { entries } = await (
    await server.fetch(`/api/walks/${new URL(page.url()).pathname.split('/').at(-1)}`)
  ).json();
  const { spot } = entries.find((entry: { kind: string }) => entry.kind === 'finding-noted').body;
  expect(spot.u).toBeGreaterThan(0.2);
  expect(spot.u).toBeLessThan(0.3);
  expect(spot.v).toBeGreaterThan(0.33);
  expect(spot.v).toBeLessThan(0.47);
});

test(
  'an American car is spoken of in American',
  onlyAt('phone', 'words do not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk({ country: 'US', style: 'saloon' });
    await goTo(page, 'wing-fl', "Driver's side fender (left)");
    await goTo(page, 'bonnet', 'Hood');
    await goTo(page, 'wheel-fr', 'Passenger side front wheel (right)');
    await tapPart(page, 'wheel-fr');
    await page.getByRole('button', { name: 'Curb rash', exact: true }).click();
    await page.getByLabel('Length').fill('1/2');
    await page.getByLabel('Note').click();
    await expect(page.getByRole('heading', { name: 'Curb rash, 0.5 in (12.7 mm) long' })).toBeVisible();
    await page.getByRole('button', { name: 'Done' }).click();
    await goTo(page, 'tyre-fl', "Driver's side front tire (left)");
    await page.getByLabel('Tread depth, 32nds of an inch').fill('6');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('Read: 6/32 in')).toBeVisible();
  },
);

test(
  'a suspicion stays open until it is confirmed or dismissed',
  onlyAt('phone', 'the deck is the same at both widths'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await goTo(page, 'roof', 'Roof');
    await tapPart(page, 'roof');
    await page.getByLabel(/Not sure yet/).check();
    await page.getByRole('button', { name: 'Dent', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Confirm it' })).toBeVisible();
    await page.getByRole('button', { name: 'Done' }).click();
    await page.getByRole('button', { name: /parts left/ }).click();
    await expect(page.getByText('Second look wanted (1)')).toBeVisible();
    await page.getByRole('listitem').getByRole('button', { name: 'Roof', exact: true }).last().click();
    await page.getByRole('button', { name: /^Finding 1/ }).click();
    await page.getByRole('button', { name: 'It was nothing' }).click();
    await page.getByRole('button', { name: 'a reflection' }).click();
    await expect(page.getByText('Not a fault: a reflection')).toBeVisible();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(partOf(page, 'roof')).toHaveAccessibleName('Roof: looked at');
  },
);

test(
  'what a wipe takes away is offered as dirt, not damage',
  onlyAt('phone', 'the deck is the same at both widths'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await goTo(page, 'bonnet', 'Bonnet');
    await tapPart(page, 'bonnet');
    await page.getByRole('button', { name: 'Stone chip', exact: true }).click();
    await page.getByRole('button', { name: 'gone', exact: true }).click();
    await expect(page.getByText('What a wipe takes away is dirt, not damage.')).toBeVisible();
    await page.getByRole('button', { name: 'It was dirt' }).click();
    await expect(page.getByText('Not a fault: dust or dirt')).toBeVisible();
    await page.getByRole('button', { name: 'It is one after all' }).click();
    await expect(page.getByText('Not a fault')).toHaveCount(0);
  },
);

test(
  'what cannot be read stays in the box with a word on how to write it',
  onlyAt('phone', 'the deck is the same at both widths'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await goTo(page, 'tyre-fl', 'Nearside front tyre (left)');
    await page.getByLabel('Tread depth, mm').fill('deep');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText(/not a depth Zelk can read/)).toBeVisible();
    await expect(page.getByLabel('Tread depth, mm')).toHaveValue('deep');
    await page.getByLabel('Tread depth, mm').fill('1');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText(/Do not drive until a qualified person/)).toBeVisible();
  },
);

test('the car turns with you, and a part can be seen large or in its side', async ({ page, beginWalk }) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await beginWalk();
  await expect(page.getByText('Front', { exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Walk on round the car' }).click();
  await expect(page.getByText('Nearside (left)').first()).toBeVisible();
  await turnTo(page, 'Top');
  await expect(partOf(page, 'roof')).toBeVisible();
  // Turned there, its part is in hand: what the large button clears is what the map shows.
  await expect(page.getByRole('heading', { name: 'Roof' })).toBeVisible();
  await expect(partOf(page, 'roof')).toHaveAttribute('aria-current', 'true');
});
