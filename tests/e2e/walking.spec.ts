import { bodyStyleIds, bodyStyleNames, extrasFor } from '../../src/core/car';
import { schoolIds, schools } from '../../src/core/route';
import type { RunningServer } from '../builders/runningServer';
import { NELL } from './begin';
import { expect, onlyAt, test } from './server';
import {
  addCar,
  goTo,
  openEveryChapter,
  openYard,
  partOf,
  saved,
  sign,
  startWalk,
  tapPart,
  turnTo,
} from './steps';

const entriesOf = async (server: RunningServer, url: string) =>
  (await (await server.fetch(`/api/walks/${url.split('/').at(-1)}`)).json()).entries as {
    kind: string;
    body: { rule?: object; notice?: string; finding?: string };
  }[];

test(
  'every body style is walked, on every route: its map opens, a part clears, a finding is logged',
  onlyAt(
    'phone',
    'bodies and routes are the same at both widths; the drawn car at each has tests of its own',
  ),
  async ({ page, server }) => {
    await openYard(page, server);
    for (const [i, id] of bodyStyleIds.entries()) {
      const route = schoolIds[i % schoolIds.length] as (typeof schoolIds)[number];
      const car = crypto.randomUUID();
      const extras = extrasFor(id);
      await server.post('/api/cars', {
        id: car,
        details: {
          stockNumber: `S-${id}`,
          bodyStyle: id,
          extras,
          make: 'Ostrel',
          model: bodyStyleNames[id].uk,
          year: 2019,
          colour: 'Grey',
          paintTone: 'mid',
          fuel: 'diesel',
          country: 'GB',
          steering: 'right',
        },
      });
      await page.goto(`${server.origin}/cars/${car}`);
      await startWalk(page);
      await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
      await page.getByLabel('Route of this walk').selectOption({ label: schools[route].name });
      await page.getByRole('button', { name: 'Back to the stop' }).click();
      const current = page.locator('[aria-current="true"]');
      const first = (await current.getAttribute('data-part')) as string;
      await page.getByRole('button', { name: 'Clear', exact: true }).click();
      await expect(current).not.toHaveAttribute('data-part', first);
      await page.getByRole('button', { name: 'Finding', exact: true }).click();
      await page.getByRole('button', { name: 'Something else', exact: true }).click();
      await expect(page.getByText(/^Logged on the/)).toBeVisible();
      await page.getByRole('button', { name: 'Done' }).click();
      for (const place of id.startsWith('tractor')
        ? ['Cabin', 'Engine', 'Under']
        : ['Cabin', 'Boot', 'Engine', 'Under']) {
        await turnTo(page, place);
        await expect(page.locator(`[data-face="${place.toLowerCase()}"] [data-part]`).first()).toBeVisible();
      }
    }
  },
);

test(
  'a route is chosen, changed by dragging and by keys, kept, and walked',
  onlyAt('phone', 'the editor is the same list at both widths'),
  async ({
    page,
    // Which route a person likes best holds for the whole yard.
    ownServer: server,
  }) => {
    await openYard(page, server);
    await addCar(page);
    await page.getByRole('link', { name: 'Routes' }).click();
    for (const id of schoolIds) await expect(page.getByText(schools[id].name, { exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Copy and change' }).nth(1).click();
    await page.getByLabel('Name', { exact: true }).fill('Mine, tail first');
    await page.getByRole('button', { name: 'Start at the rear left' }).click();
    await page.getByRole('radio', { name: /^By area all panels/ }).check();
    // Dragged by the pointer, then put one further by the arrow button.
    const [from, to] = [
      page.getByRole('button', { name: 'Drag Cabin' }),
      page.getByRole('button', { name: 'Drag Roof and top' }),
    ];
    await from.scrollIntoViewIfNeeded();
    const [a, b] = [await from.boundingBox(), await to.boundingBox()];
    if (!a || !b) throw new Error('the list is not on the screen');
    await page.mouse.move(a.x + 20, a.y + 20);
    await page.mouse.down();
    await page.mouse.move(a.x + 20, a.y - 10, { steps: 4 });
    await page.mouse.move(b.x + 20, b.y + 10, { steps: 8 });
    await page.mouse.up();
    const first = page.locator('[aria-label="Route editor"] ol li').first();
    await expect(first).toContainText('Cabin');
    await page.getByRole('button', { name: 'Cabin: later' }).click();
    await expect(first).toContainText('Roof and top');
    await page.getByLabel('What to do there').fill('Whistle twice');
    await page.getByLabel('Where').selectOption({ label: 'Rear' });
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await page.getByLabel(/Mine, tail first/).click();
    await expect(page.getByLabel(/Mine, tail first/)).toBeChecked();
    // Choices are sent one after another.
    await expect
      .poll(async () => {
        const { saved: own = [], preferred } = await (
          await server.fetch(`/api/people/${NELL}/routes`)
        ).json();
        return own.find(({ id }: { id: string }) => id === preferred)?.rule.name;
      })
      .toBe('Mine, tail first');
    await page.reload();
    await expect(page.getByLabel(/Mine, tail first/)).toBeChecked();
    await page.goto(server.origin);
    // Whoever starts before the yard has said which route is preferred walks that one all the same.
    await page.route(/\/api\/people\/[^/]+\/routes$/, async (route) => {
      await new Promise((resolve) => setTimeout(resolve, 1000));
      await route.continue();
    });
    await page.getByRole('link', { name: /E-1/ }).first().click();
    await startWalk(page);
    await expect(page.getByText('Whistle twice')).toBeVisible();
    // Off the route, the nearest part left comes next.
    await goTo(page, 'roof', 'Roof');
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByLabel('Route of this walk').selectOption({ label: 'Low, then high' });
    await saved(page);
    const chosen = (await entriesOf(server, page.url().split('?')[0] ?? '')).filter(
      ({ kind }) => kind === 'route-chosen',
    );
    expect(chosen).toHaveLength(2);
    expect(chosen[0]?.body.rule).toMatchObject({ name: 'Mine, tail first', start: 'rl', order: 'by-area' });
  },
);

test(
  'conditions are noted, advise at the stops, and tell the reader what they may have hidden',
  onlyAt('phone', 'the deck is the same at both widths'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await page.getByRole('button', { name: 'Note light, wet and dirt first' }).click();
    await expect(page.getByRole('button', { name: 'Choose one of each' })).toBeDisabled();
    await page.getByRole('button', { name: 'dusk' }).click();
    await page.getByRole('button', { name: 'wet', exact: true }).click();
    await page.getByRole('button', { name: 'dirty', exact: true }).click();
    await page.getByRole('button', { name: 'Note them' }).click();
    await expect(page.getByText('Wet: wipe it dry before you log a mark here.')).toBeVisible();
    // Only this side dried.
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByRole('button', { name: /dusk; wet; dirty/ }).click();
    await page.getByRole('button', { name: 'dry', exact: true }).click();
    await page.getByLabel(/Only for this side/).check();
    await page.getByRole('button', { name: 'Note them' }).click();
    await expect(page.getByText('Dirty: wipe before you log.')).toBeVisible();
    // A caution is read once and gone for the walk.
    await page.getByRole('button', { name: 'Caution read' }).click();
    await expect(page.getByRole('button', { name: 'Caution read' })).toHaveCount(0);
    await goTo(page, 'floor', 'Floor');
    await expect(page.getByText(/Never go under a car on a jack/)).toBeVisible();
    await saved(page);
    await page.getByRole('link', { name: 'Report' }).click();
    await sign(page);
    await openEveryChapter(page);
    await expect(page.getByText(/Water on the paint hides swirls and ripples/)).toBeVisible();
    await expect(page.getByText('Dusk; wet; dirty.', { exact: true })).toBeVisible();
  },
);

test('chips are peppered, a scratch is dragged along, an arc round the rim, an area boxed', async ({
  page,
  beginWalk,
}) => {
  await beginWalk();
  const boxOf = async (id: string) => {
    await page.waitForTimeout(300);
    const box = await partOf(page, id).boundingBox();
    if (!box) throw new Error(`${id} is not on the screen`);
    return box;
  };
  const drag = async ([first = [0, 0], ...others]: (readonly [number, number])[]) => {
    await page.mouse.move(...first);
    await page.mouse.down();
    for (const point of others) await page.mouse.move(...point, { steps: 3 });
    await page.mouse.up();
  };
  const log = async (id: string, name: string, kind: string) => {
    await goTo(page, id, name);
    await tapPart(page, id);
    await page.getByRole('button', { name: kind, exact: true }).click();
    return boxOf(id);
  };

  const bonnet = await log('bonnet', 'Bonnet', 'Stone chip');
  for (const [u, v] of [
    [0.3, 0.4],
    [0.4, 0.5],
    [0.6, 0.6],
  ] as const) {
    await page.mouse.click(bonnet.x + bonnet.width * u, bonnet.y + bonnet.height * v);
    await page.waitForTimeout(60);
  }
  await expect(page.getByRole('heading', { name: /Stone chip × 4/ })).toBeVisible();
  await expect(page.getByText(/^Spread over/)).toBeVisible();
  await page.getByRole('button', { name: 'One fewer' }).click();
  await expect(page.getByRole('heading', { name: /Stone chip × 3/ })).toBeVisible();

  // A count set by hand is added to, not replaced by the number of dots.
  await page.getByRole('button', { name: 'One more' }).click();
  await page.mouse.click(bonnet.x + bonnet.width * 0.5, bonnet.y + bonnet.height * 0.3);
  await expect(page.getByRole('heading', { name: /Stone chip × 5/ })).toBeVisible();

  const door = await log('door-fl', 'Nearside front door (left)', 'Scratch');
  await drag([
    [door.x + door.width * 0.2, door.y + door.height * 0.5],
    [door.x + door.width * 0.7, door.y + door.height * 0.5],
  ]);
  await expect(page.getByRole('heading', { name: /Scratch, (4[6-9]|5[0-4])\d mm long/ })).toBeVisible();

  const rear = await log('door-rl', 'Nearside rear door (left)', 'Scuff');
  await drag([
    [rear.x + rear.width * 0.3, rear.y + rear.height * 0.3],
    [rear.x + rear.width * 0.5, rear.y + rear.height * 0.4],
  ]);
  await expect(page.getByRole('heading', { name: /Scuff, \d+ mm × \d+ mm/ })).toBeVisible();

  // On the right side of the car too the clock runs as the person standing there sees it.
  const wheel = await log('wheel-fr', 'Offside front wheel (right)', 'Kerbing');
  const at = (deg: number) =>
    [
      wheel.x + wheel.width * (0.5 + 0.46 * Math.sin((deg * Math.PI) / 180)),
      wheel.y + wheel.height * (0.5 - 0.46 * Math.cos((deg * Math.PI) / 180)),
    ] as const;
  await drag(Array.from({ length: 10 }, (_, i) => at(90 + i * 10)));
  await expect(
    page.getByRole('heading', { name: /about a quarter of the rim, from 3 to 6 o’clock/ }),
  ).toBeVisible();

  // Typed over by number.
  await page.getByLabel('Length').fill('300');
  await page.getByLabel('Note').click();
  await expect(page.getByRole('heading', { name: /Kerbing, 300 mm/ })).toBeVisible();
  await page.getByLabel('Length').fill('-5');
  await page.getByLabel('Note').click();
  await expect(page.getByText('A size must be more than 0.')).toBeVisible();
});

test(
  'a finding is repeated, remembered and mirrored; a gap is measured against the other side',
  onlyAt('phone', 'the deck is the same at both widths'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await goTo(page, 'door-fl', 'Nearside front door (left)');
    await tapPart(page, 'door-fl');
    await page.getByRole('button', { name: 'Dent', exact: true }).click();
    await page.getByRole('button', { name: 'One step back', exact: true }).click();
    await page.getByLabel('Across').fill('30');
    await page.getByLabel('Note').click();
    await page.getByRole('button', { name: 'The same on the offside front door (right)' }).click();
    await expect(page.getByText('Logged on the offside front door (right)')).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Dent, 30 mm across' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'One step back', exact: true })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    await page.getByRole('button', { name: 'Done' }).click();
    await goTo(page, 'door-rl', 'Nearside rear door (left)');
    await tapPart(page, 'door-rl');
    await page.getByRole('button', { name: /^Same again: Dent, 30 mm across/ }).click();
    await expect(page.getByRole('heading', { name: 'Dent, 30 mm across' })).toBeVisible();
    await page.getByRole('button', { name: 'Done' }).click();
    await tapPart(page, 'door-rl');
    await page.getByRole('button', { name: 'Uneven gap', exact: true }).click();
    await page.getByLabel('Gap here').fill('6');
    await page.getByLabel('On the other side').fill('3.5');
    await page.getByLabel('Stands proud by').fill('2');
    await page.getByLabel('Note').click();
    await expect(
      page.getByRole('heading', {
        name: 'Uneven gap, 6 mm here, 3.5 mm on the other side; stands 2 mm proud',
      }),
    ).toBeVisible();
  },
);

test(
  'the step-back lap asks side by side from where each finding is seen',
  onlyAt('phone', 'the deck is the same at both widths'),
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    for (const [id, name] of [
      ['door-fl', 'Nearside front door (left)'],
      ['door-rl', 'Nearside rear door (left)'],
      ['bonnet', 'Bonnet'],
    ] as const) {
      await goTo(page, id, name);
      await tapPart(page, id);
      await page.getByRole('button', { name: 'Dent', exact: true }).click();
      // A guess is no answer; tapping it is.
      const far = page.getByRole('button', { name: 'Across the bay', exact: true });
      // Nothing is guessed of what nobody has sized or called bad.
      await expect(page.locator('[data-guess]')).toHaveCount(0);
      await page.getByRole('button', { name: 'shallow', exact: true }).click();
      await expect(page.locator('[data-guess]')).toHaveText('Up close');
      if (id === 'door-rl') await far.click();
      await page.getByRole('button', { name: 'Done' }).click();
    }
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByRole('button', { name: 'Step-back lap' }).click();
    await expect(page.getByRole('heading', { name: 'Step back: front' })).toBeVisible();
    await page.getByRole('button', { name: 'Finding 3: Across the bay' }).click();
    await page.getByRole('button', { name: 'Nearside (left)' }).click();
    await expect(page.getByRole('heading', { name: 'Step back: nearside (left)' })).toBeVisible();
    // What was said while logging is marked, and the button for the rest leaves it alone.
    await expect(page.getByRole('button', { name: 'Finding 2: Across the bay' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    await page.getByRole('button', { name: 'The one left: only up close' }).click();
    await expect(page.getByRole('button', { name: 'All answered' })).toBeDisabled();
    await page.getByRole('button', { name: 'Finding 1: One step back' }).click();
    await page.getByRole('button', { name: 'Lap done' }).click();
    await saved(page);
    const answers = (await entriesOf(server, page.url().split('?')[0] ?? '')).filter(
      ({ kind }) => kind === 'notice-answered',
    );
    expect(answers.map(({ body }) => body.notice)).toEqual(['across-the-bay', 'up-close', 'one-step-back']);
    expect(new Set(answers.map(({ body }) => body.finding)).size).toBe(2);
  },
);

test(
  'film is an answer where there is film, and an earlier repair says how well it was done',
  onlyAt('phone', 'the deck is the same at both widths'),
  async ({ page, beginWalk }) => {
    await beginWalk({ extras: ['film'] });
    await goTo(page, 'bonnet', 'Bonnet');
    await tapPart(page, 'bonnet');
    await page.getByRole('button', { name: 'Stone chip', exact: true }).click();
    await page.getByRole('button', { name: 'under film, cannot tell' }).click();
    await expect(page.getByRole('button', { name: 'under film, cannot tell' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    await page.getByRole('button', { name: 'Done' }).click();
    await page.getByRole('button', { name: 'Finding', exact: true }).click();
    await page.getByRole('button', { name: 'Earlier repair', exact: true }).click();
    await page.getByRole('button', { name: 'plain to see' }).click();
    await expect(page.getByRole('button', { name: 'plain to see' })).toHaveAttribute('aria-pressed', 'true');
  },
);

test(
  'every group of kinds is offered where it belongs',
  onlyAt('phone', 'what is offered follows from the part'),
  async ({ page, beginWalk }) => {
    await beginWalk({ extras: ['film', 'leather-trim', 'stripes'] });
    for (const [id, name, kind, absent] of [
      ['bonnet', 'Bonnet', 'Film edge lifting', 'Kerbing'],
      ['windscreen', 'Windscreen', 'Chip in the glass', 'Dent'],
      ['wheel-fl', 'Nearside front wheel (left)', 'Coating flaking', 'Stain'],
      ['seat-fl', 'Nearside front seat cushion (left)', 'Leather cracked', 'Rust'],
      ['fluids', 'Fluids as seen', 'Leak or fluid mark', 'Scratch'],
      ['stripe-l', 'Nearside side stripe (left)', 'Stripe dried, cracked or lifting', 'Dent'],
      ['door-fl', 'Nearside front door (left)', 'Door-edge nick', 'Leather cracked'],
      ['smell', 'Smell of the cabin', 'Smell noticed', 'Scratch'],
    ] as const) {
      await goTo(page, id, name);
      await page.getByRole('button', { name: 'Finding', exact: true }).click();
      await expect(page.getByRole('button', { name: absent, exact: true })).toHaveCount(0);
      await page.getByRole('button', { name: kind, exact: true }).click();
      await expect(page.getByText(/^Logged on the/)).toBeVisible();
      await page.getByRole('button', { name: 'Done' }).click();
    }
  },
);

test(
  'a whole walk goes by keys alone: arrows to neighbours, clear, findings, nothing left',
  onlyAt('desk', 'keys are for desks and tablets'),
  async ({ page, beginWalk }) => {
    test.setTimeout(180_000);
    await beginWalk({ style: 'coupe' });
    await partOf(page, 'bumper-front').focus();
    await page.keyboard.press('ArrowUp');
    const here = page.locator('[aria-current="true"]');
    await expect(here).not.toHaveAttribute('data-part', 'bumper-front');
    await expect(here).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'What is it?' })).toBeVisible();
    await page.keyboard.press('Escape');
    for (let i = 0; i < 150; i++) {
      if (await page.getByRole('heading', { name: 'What is left' }).isVisible()) break;
      await page.keyboard.press('c');
      await page.waitForTimeout(320);
    }
    await expect(page.getByText('Not looked at')).toHaveCount(0);
    await expect(page.getByRole('button', { name: /^0 parts left/ })).toBeVisible();
  },
);

test(
  'the map comes nearer by wheel and moves by dragging; a drag is no tap',
  onlyAt('desk', 'fingers on glass have a test of their own'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    const map = page.locator('[data-face="front"]');
    await page.waitForTimeout(400);
    const width = async () => Number((await map.getAttribute('viewBox'))?.split(' ')[2]);
    const before = await width();
    const box = await partOf(page, 'bonnet').boundingBox();
    if (!box) throw new Error('the bonnet is not on the screen');
    const at = [box.x + box.width / 2, Math.max(box.y + box.height / 2, 330)] as const;
    await page.mouse.move(...at);
    await page.mouse.wheel(0, -400);
    await expect.poll(width).toBeLessThan(before * 0.75);
    const place = await map.getAttribute('viewBox');
    await page.mouse.down();
    await page.mouse.move(at[0] + 60, at[1] + 30, { steps: 5 });
    await page.mouse.up();
    expect(await map.getAttribute('viewBox')).not.toBe(place);
    await expect(page.getByText(/Stop 1 of/)).toBeVisible();
  },
);

test(
  'a line that cannot be meant is asked about, and nothing is logged',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, server, beginWalk }) => {
    await beginWalk();
    await page.getByRole('button', { name: 'Finding', exact: true }).click();
    const line = page.getByLabel('Or say it in one line');
    await line.fill('door dent');
    await expect(page.getByText(/Which door: nearside \(left\) or offside \(right\)\?/)).toBeVisible();
    await page.getByRole('button', { name: 'Offside rear door (right)', exact: true }).click();
    await expect(page.getByRole('list', { name: 'Heard' })).toContainText('Offside rear door (right): Dent');
    await line.fill('left right door dent');
    await expect(page.getByText('You said two places in a row: which one is it?')).toBeVisible();
    await line.fill('hardtop scratch');
    await page.getByRole('button', { name: 'Ask me' }).click();
    await expect(page.getByRole('alert')).toContainText('This car has no such part');
    await line.fill('x'.repeat(5000));
    await page.getByRole('button', { name: 'Ask me' }).click();
    await expect(page.getByRole('alert')).toContainText('at most 1,500 characters');
    await saved(page);
    const noted = (await entriesOf(server, page.url().split('?')[0] ?? '')).filter(
      ({ kind }) => kind === 'finding-noted',
    );
    expect(noted).toHaveLength(0);
  },
);
