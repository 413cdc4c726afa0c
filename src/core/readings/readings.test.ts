import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, WALK } from '../../../tests/builders/entries';
import { said } from '../../../tests/builders/said';
import { type BodyStyleId, type Car, styleOf } from '../car';
import { mmFrom32nds } from '../measure';
import { checkEntry, coverage, type Entry, type Fact, replay } from '../walk';
import {
  paintTable as paintOf,
  panelsToGauge,
  screenTable as screenOf,
  tyreTable as tyresIn,
  tyresOf,
  wheelTable as wheelsOf,
} from '.';

// As it is told in English.
const tyreTable = (...given: Parameters<typeof tyresIn>) => said(tyresIn(...given));
const wheelTable = (...given: Parameters<typeof wheelsOf>) => said(wheelsOf(...given));
const paintTable = (...given: Parameters<typeof paintOf>) => said(paintOf(...given));
const screenTable = (...given: Parameters<typeof screenOf>) => said(screenOf(...given));

const now = new Date('2026-03-14T10:00:00Z');
const uk = testCar;
const us: Car = { ...testCar, country: 'US', steering: 'left' };
const hatch = styleOf({ bodyStyle: 'hatch-5' });

const walked = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));
const tread = (part: string, mm: number, third?: 'outer' | 'centre' | 'inner'): Fact => ({
  kind: 'tread-read',
  body: { part, depth: { lowMm: mm, highMm: mm }, unit: 'mm', ...(third && { third }) },
});
const tyre = (part: string, more: object): Fact => ({ kind: 'tyre-described', body: { part, ...more } });
const paint = (part: string, ...um: number[]): Fact => ({
  kind: 'paint-read',
  body: { part, um, source: 'gauge' },
});
const found = (n: number, part: string, kind: string, more: object = {}): Fact =>
  ({
    kind: 'finding-noted',
    body: {
      finding: idOf(0xf000 + n),
      part,
      spot: { u: 0.5, v: 0.5 },
      kind,
      suspected: false,
      details: {},
      ...more,
    },
  }) as Fact;
const problemOf = (fact: Fact, bodyStyle: BodyStyleId = 'hatch-5') => {
  const [entry] = entriesOf([fact]) as [Entry];
  const check = checkEntry(entry, { walk: WALK, now, style: styleOf({ bodyStyle }) });
  return check.ok ? 'ok' : check.problem.code;
};

describe('readings in the log', () => {
  it('are refused where they cannot have been taken', () => {
    expect(problemOf(tread('tyre-fl', 4))).toBe('ok');
    expect(problemOf(tread('bonnet', 4))).toBe('not-a-tyre');
    expect(problemOf(tread('tyre-fl', 17))).toBe('too-deep');
    expect(problemOf(tread('tyre-fl', 17), 'tractor')).toBe('ok');
    expect(problemOf(tread('tyre-inner-ml', 9), 'tractor')).toBe('ok');
    expect(problemOf(tread('sparekit', 7))).toBe('ok');
    expect(problemOf(tread('tyre-fl', -1))).toBe('bad-body');
    expect(problemOf(paint('roof', 118))).toBe('ok');
    // A bumper of steel there is; a screen of steel there is not.
    expect(problemOf(paint('bumper-front', 118))).toBe('ok');
    expect(problemOf(paint('windscreen', 118))).toBe('not-metal');
    expect(problemOf(paint('roof', 0))).toBe('bad-body');
    expect(problemOf(paint('roof', 6000))).toBe('bad-body');
    expect(problemOf(tyre('tyre-fl', { made: { week: 54, year: 2020 } }))).toBe('bad-body');
    expect(problemOf({ kind: 'wheel-described', body: { part: 'tyre-fl', rimIn: 17 } })).toBe('not-a-wheel');
    expect(problemOf({ kind: 'wheel-described', body: { part: 'wheel-fl', rimIn: 3 } })).toBe('bad-body');
  });

  it('keep thirds side by side; one figure for the whole takes their place, and the other way round', () => {
    const state = walked(tread('tyre-fl', 5), tread('tyre-fl', 4, 'outer'), tread('tyre-fl', 3, 'inner'));
    expect(Object.keys(state.treads.get('tyre-fl')?.thirds ?? {})).toEqual(['outer', 'inner']);
    expect(state.treads.get('tyre-fl')?.depth.lowMm).toBe(3);
    const again = walked(tread('tyre-fl', 4, 'outer'), tread('tyre-fl', 6));
    expect(again.treads.get('tyre-fl')?.thirds).toEqual({ whole: { lowMm: 6, highMm: 6 } });
  });

  it('of a tyre add up, and null takes one back', () => {
    const state = walked(
      tyre('tyre-fl', { brand: 'Ortal', size: '205/55R16' }),
      tyre('tyre-fl', { brand: null, flags: ['cut'] }),
    );
    expect(state.tyres.get('tyre-fl')).toEqual({ size: '205/55R16', flags: ['cut'] });
  });

  it('are taken off again by undoing their entry', () => {
    const entries = entriesOf([begun, paint('roof', 118, 121), paint('roof', 900)]);
    const undo = entriesOf([{ kind: 'undone', body: { entry: entries[2]?.id as string } }], WALK, 50);
    const state = replay(WALK, [...entries, ...undo]);
    expect(state.paint.get('roof')?.flatMap(({ um }) => um)).toEqual([118, 121]);
  });
});

describe('the tyres of a car', () => {
  it('are four, five with a spare that was read, six with twins at the back, ten on three axles', () => {
    expect(tyresOf(walked(), hatch)).toHaveLength(4);
    expect(tyresOf(walked(tread('sparekit', 8)), hatch)).toHaveLength(5);
    expect(tyresOf(walked(), styleOf({ bodyStyle: 'pickup', extras: ['twin-rear-wheels'] }))).toHaveLength(6);
    expect(tyresOf(walked(), styleOf({ bodyStyle: 'tractor' }))).toHaveLength(10);
  });

  it('are told apart by law, matched by axle, and summed up in words', () => {
    const state = walked(
      tyre('tyre-fl', { brand: 'Ortal', size: '205/55R16 91V', made: { week: 10, year: 2019 } }),
      tyre('tyre-fr', { brand: 'Venn', size: '205/55R16 91V' }),
      tread('tyre-fl', 1.4),
      tread('tyre-fr', 4.2),
      tread('tyre-rl', 2.5),
      tread('tyre-rr', 2.8, 'outer'),
      tread('tyre-rr', 5, 'centre'),
      tread('tyre-rr', 5, 'inner'),
    );
    const table = tyreTable(state, hatch, uk, now);
    expect(table.law).toBe('uk-eu-car');
    expect(table.summary).toBe('One to replace now, two within the year');
    expect(table.matching.map(({ says }) => says)).toEqual([
      'front axle: Ortal and Venn',
      'front axle: 2.8 mm apart',
    ]);
    const [first] = table.rows;
    expect(first?.made).toBe('week 10 of 2019, 7 years old');
    expect(first?.verdict).toMatchObject({ isLegal: false, mayBeDriven: false });
    const worn = table.rows.find(({ part }) => part === 'tyre-rr');
    expect(worn?.verdict?.reasons.join()).toContain('outer edge');
    expect(table.toBuy).toEqual([
      { count: 1, size: '205/55R16 91V', when: 'now', parts: ['tyre-fl'] },
      {
        count: 2,
        when: 'soon',
        parts: expect.arrayContaining(['tyre-rl', 'tyre-rr']),
      },
    ]);
  });

  it('of a US heavy vehicle have a stricter limit where they steer, and speak 32nds', () => {
    const three = mmFrom32nds(3);
    const state = replay(
      WALK,
      entriesOf([tread('tyre-fl', three), tread('tyre-ml', three), tread('tyre-inner-ml', mmFrom32nds(9))]),
    );
    const table = tyreTable(state, styleOf({ bodyStyle: 'tractor', steering: 'left' }), us, now);
    const row = (part: string) => table.rows.find((each) => each.part === part);
    expect(table.law).toBe('us-heavy');
    expect(row('tyre-fl')).toMatchObject({ limit: '4/32 in', verdict: { isLegal: false } });
    expect(row('tyre-ml')).toMatchObject({ limit: '2/32 in', verdict: { isLegal: true } });
    // Twins side by side should match: 6/32 are 4.8 mm apart.
    expect(table.matching).toEqual([
      { parts: ['tyre-ml', 'tyre-inner-ml'], says: 'middle axle: 6/32 in apart' },
    ]);
    expect(table.summary).toContain('seven not read');
  });

  it('tell the distance left as a range, from where they were fitted', () => {
    // By hand: new 8, limit 1.6. At 4: 4 worn over 10,000, 2.4 left: 6,000. At 5: 3 worn, 3.4 left: 11,333.
    const state = walked(
      { kind: 'odometer-read', body: { value: 50_000, unit: 'mi' } },
      tyre('tyre-fl', { fittedAt: 40_000 }),
      { kind: 'tread-read', body: { part: 'tyre-fl', depth: { lowMm: 4, highMm: 5 }, unit: 'mm' } },
    );
    const [row] = tyreTable(state, hatch, uk, now).rows;
    expect(row?.distance).toBe('6,000 to 11,000 miles');
    expect(row?.share).toBeCloseTo(2.4 / 6.4, 9);
  });

  it('follow a law and a new depth set for the car, and all wheels driven', () => {
    const state = walked(
      { kind: 'tyre-law-chosen', body: { law: 'own', ownMm: 3, newMm: 9, isAllDriven: true } },
      tread('tyre-fl', 2.9),
      tread('tyre-rl', 6),
    );
    const table = tyreTable(state, hatch, uk, now);
    expect(table.lawSays).toContain('3 mm');
    expect(table.rows[0]?.verdict?.isLegal).toBe(false);
    expect(table.matching.map(({ says }) => says)).toEqual(['all four driven: 3.1 mm apart']);
  });
});

describe('the wheels of a car', () => {
  const arc = (fromDeg: number, spanDeg: number) => ({
    details: { extent: { form: 'arc', fromDeg, spanDeg } },
  });

  it('sum what is kerbed, overlaps once, on the rim the tyre tells', () => {
    const state = walked(
      tyre('tyre-fl', { size: '225/45R17 94W' }),
      found(1, 'wheel-fl', 'kerbing', arc(350, 40)),
      found(2, 'wheel-fl', 'kerbing', arc(10, 52)),
    );
    const [row] = wheelTable(state, hatch).rows;
    // By hand: 72 degrees of a 17-inch rim, π · 431.8 / 5 = 271.
    expect(row).toMatchObject({ rimIn: 17, damagedMm: 271, wants: 'refinish', findings: [1, 2] });
    expect(row?.rimShare).toBeCloseTo(0.2, 9);
  });

  it('are classed by finish and damage, a crack before all else, four of them as a set', () => {
    const finish = (part: string, of: string): Fact =>
      ({ kind: 'wheel-described', body: { part, finish: of } }) as Fact;
    const wheels = ['wheel-fl', 'wheel-fr', 'wheel-rl', 'wheel-rr'];
    const scuffed = wheels.map((part, i) => found(i + 1, part, 'kerbing', arc(0, 90)));
    const cut = wheels.map((part) => finish(part, 'diamond-cut'));
    expect(wheelTable(walked(...scuffed, ...cut), hatch)).toMatchObject({
      setSays: 'All wheels want refinishing: priced as one set.',
    });
    const light = walked(finish('wheel-fl', 'painted'), found(1, 'wheel-fl', 'kerbing', arc(0, 20)));
    expect(wheelTable(light, hatch).rows[0]?.wants).toBe('touch-in');
    const bent = walked(finish('wheel-fl', 'painted'), found(1, 'wheel-fl', 'wheel-bent'));
    expect(wheelTable(bent, hatch).rows[0]?.says).toContain('do not drive');
  });

  it('are kerbed without a length too: that is no “nothing to do”, and counts for a set', () => {
    const wheels = ['wheel-fl', 'wheel-fr', 'wheel-rl', 'wheel-rr'];
    const bare = (n: number) => wheels.slice(0, n).map((part, i) => found(i + 1, part, 'kerbing'));
    const one = wheelTable(walked(...bare(1)), hatch);
    expect(one.rows[0]).toMatchObject({ wants: 'measure', damagedMm: 0, isUnmeasured: true });
    expect(one.rows[0]?.says).not.toContain('Nothing');
    expect(one.setSays).toBeUndefined();
    const sure = found(4, 'wheel-rr', 'kerbing', arc(0, 90));
    expect(wheelTable(walked(...bare(3), sure), hatch).setSays).toMatch(
      /^All wheels want refinishing: .*the 3 that nobody measured/,
    );
    expect(wheelTable(walked(...bare(4)), hatch).setSays).toMatch(
      /^All wheels are kerbed and none was measured/,
    );
  });

  it('tell of the brake what was seen', () => {
    const seen: Fact = { kind: 'wheel-described', body: { part: 'wheel-fl', lip: 'deep', padMm: 2 } };
    expect(wheelTable(walked(seen), hatch).rows[0]?.brake).toBe(
      'disc lip deep, pad about 2 mm as seen: thin, have it checked',
    );
    expect(said(wheelsOf(walked(seen), hatch), 'us').rows[0]?.brake).toContain('rotor lip');
  });
});

describe('the paint of a car', () => {
  const around = (part: string, um: number) => paint(part, um * 0.98, um, um * 1.02);
  const whole = panelsToGauge(walked(), hatch).map(({ id }) => id);

  it('is read on metal panels in walking order; plastic says why not', () => {
    expect(whole).toContain('bonnet');
    expect(whole).not.toContain('bumper-front');
    const table = paintTable(walked(around('roof', 118)), hatch, uk);
    expect(table.rows.find(({ part }) => part === 'bumper-front')).toMatchObject({
      class: 'cannot-read',
      says: expect.stringContaining('Not metal'),
    });
    expect(table.level).toBeUndefined();
  });

  it('is judged against the car and its twin, the eye changing only the wording', () => {
    const thick = whole.map((part) => around(part, part === 'door-fl' ? 205 : 120));
    const plain = paintTable(walked(...thick), hatch, uk);
    const seen = paintTable(
      walked(...thick, found(1, 'door-fl', 'respray-sign', { details: { note: 'haze' } })),
      hatch,
      uk,
    );
    const of = (table: typeof plain) => table.rows.find(({ part }) => part === 'door-fl');
    expect(of(plain)).toMatchObject({ class: 'thicker', twinUm: 120 });
    expect(of(plain)?.says).toContain('likely');
    expect(of(seen)?.says).toContain('The eye agrees: haze (finding 1)');
    expect({ ...of(seen), says: '' }).toEqual({ ...of(plain), says: '' });
    expect(plain.says.join(' ')).toContain('agrees with that level');
  });

  it('counts in coverage once a gauge was used', () => {
    expect(coverage(walked(), hatch)).toMatchObject({ isPaintRead: false });
    const cover = coverage(walked(around('roof', 118), paint('bonnet', 118, 119)), hatch);
    expect(cover.isPaintRead).toBe(true);
    expect(cover.paintLeft).toEqual(whole.filter((part) => part !== 'roof'));
  });

  it('names readings of a practice gauge', () => {
    const state = walked({ kind: 'paint-read', body: { part: 'roof', um: [118], source: 'practice' } });
    expect(paintTable(state, hatch, uk).practice).toBe(1);
  });
});

describe('the screen of a car', () => {
  const chip = (u: number, lengthMm: number) =>
    found(1, 'windscreen', 'glass-chip', { spot: { u, v: 0.5 }, details: { lengthMm } });
  const at = (u: number, car: Car, lengthMm = 12) =>
    screenTable(walked(chip(u, lengthMm)), styleOf({ bodyStyle: 'hatch-5', steering: car.steering }), car)
      ?.rows[0];

  it('knows on which side the driver looks through it', () => {
    const isTurned = hatch.faces.front.mirrored;
    // The driver of a right-hand-drive car sits on the car's right, which is on the left as seen from outside.
    const drivers = isTurned ? 0.76 : 0.24;
    expect(at(drivers, uk)).toMatchObject({ zone: 'driver-band', passes: false });
    expect(at(1 - drivers, uk)).toMatchObject({ zone: 'swept', passes: true });
    expect(at(1 - drivers, { ...uk, steering: 'left' })).toMatchObject({ zone: 'driver-band' });
  });

  it('lets local law decide where no rule is known, and takes an own one', () => {
    expect(at(0.5, us)?.passes).toBeUndefined();
    const planned: Fact = {
      kind: 'screen-planned',
      body: {
        widthMm: 1400,
        heightMm: 800,
        bandMiddleMm: 700,
        bandWidthMm: 300,
        rule: 'own',
        ownBandMm: 5,
        ownSweptMm: 20,
      },
    };
    const table = screenTable(walked(planned, chip(0.5, 6)), hatch, us);
    expect(table?.rows[0]).toMatchObject({ zone: 'driver-band', passes: false });
    expect(table?.rule.says).toContain('5 mm');
  });
});
