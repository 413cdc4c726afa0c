import { describe, expect, it } from 'vitest';
import { type Speech, styleOf } from '#core/car';
import { type WalkFigure, whatIsLeft } from '#core/readings';
import { planRoute, usualRoute } from '#core/route';
import { type Fact, replay } from '#core/walk';
import { testCar } from '../../../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../../../tests/builders/entries';
import { holesOf, questionsOf } from './holesOf';

const style = styleOf(testCar);
const holesAfter = (facts: readonly Fact[], poorPhotos: string[] = [], speech: Speech = testCar) => {
  const state = replay(WALK, entriesOf([begun, ...facts]));
  const left = whatIsLeft(state, style, testCar, { today: '2026-03-14', poorPhotos: new Set(poorPhotos) });
  const holes = holesOf(left, style, speech, (part) => part);
  return new Map(
    holes.map(({ title, count, items }) => [
      title,
      { count, names: items.map(({ says }) => says), to: items[0]?.to, items },
    ]),
  );
};

describe('the holes before a report is frozen', () => {
  it('are told in a line each, counted, with the way to close them', () => {
    const holes = holesAfter([]);
    expect(holes.get('Parts not looked at')).toMatchObject({
      names: expect.arrayContaining(['everything at the front']),
      count: planRoute(style, usualRoute).length,
    });
    const treads = holes.get('Tread not read');
    expect(treads).toMatchObject({ count: 4, to: { screen: 'tyres' } });
    expect(treads?.names.toSorted()).toEqual(['tyre-fl', 'tyre-fr', 'tyre-rl', 'tyre-rr']);
    expect(holes.get('Odometer')).toMatchObject({ names: ['not read'], to: { part: 'odometer' } });
    expect(holes.get('Conditions')?.to).toEqual({});
  });

  it('say of a subject nobody has begun just that, and count it once', () => {
    const before = holesAfter([]);
    expect(before.get('Functions not tried')).toMatchObject({ names: ['none was tried'], count: 1 });
    expect(before.get('What comes with it, not counted')).toMatchObject({ names: ['nothing was counted'] });
    const after = holesAfter([{ kind: 'functions-tried', body: { functions: ['horn'], state: 'works' } }]);
    expect(after.get('Functions not tried')?.count).toBeGreaterThan(40);
    expect(after.get('Functions not tried')?.names).not.toContain('Horn');
  });

  it('lead each to its own place', () => {
    const { items = [] } = holesAfter([noted(1, 'roof'), noted(2, 'bonnet')]).get('No close-up') ?? {};
    expect(items.map(({ to }) => to)).toEqual([{ part: 'roof' }, { part: 'bonnet' }]);
    const front = holesAfter([])
      .get('Parts not looked at')
      ?.items.find(({ says }) => says.endsWith('front'));
    expect(style.parts.get(front?.to.part ?? '')?.face).toBe('front');
  });

  it('name findings by their number and part', () => {
    const holes = holesAfter([noted(1, 'roof'), noted(2, 'bonnet')]);
    expect(holes.get('No close-up')).toMatchObject({ names: ['1, roof', '2, bonnet'], to: { part: 'roof' } });
    expect(holes.get('Distance worked out, not walked')?.names).toEqual(['1, roof', '2, bonnet']);
  });

  it('speak once for all poor pictures, and count them', () => {
    const photos = ['a', 'b'].map((sign) => sign.repeat(64));
    const attached = photos.map(
      (photo): Fact => ({ kind: 'photo-attached', body: { photo, role: 'what', part: 'roof' } }),
    );
    expect(holesAfter(attached, photos).get('Photos that may not show what they should')).toMatchObject({
      names: ['soft, shaken, too dark or too bright: look at them again'],
      count: 2,
      to: { screen: 'pictures' },
    });
  });

  it('speak the words of the car’s country, and of one photo as of one', () => {
    const photo = 'a'.repeat(64);
    const facts: Fact[] = [
      { kind: 'tread-read', body: { part: 'tyre-fl', depth: { lowMm: 4, highMm: 4 }, unit: 'mm' } },
      { kind: 'photo-attached', body: { photo, role: 'whole-car' } },
    ];
    const american = holesAfter(facts, [], { country: 'US', steering: 'left' });
    expect(american.has('Brand or size of a tire not noted')).toBe(true);
    expect(american.get('License plates')?.names).toEqual([
      '1 photo on which a license plate may be read: nobody has looked',
    ]);
    const british = holesAfter(facts);
    expect(british.has('Week of make of a tyre not noted')).toBe(true);
    expect(british.has('Number plates')).toBe(true);
  });

  it('do not hold what was said', () => {
    const holes = holesAfter([
      { kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } },
      { kind: 'smell-noted', body: { noticed: [] } },
    ]);
    expect(holes.has('Odometer')).toBe(false);
    expect(holes.has('Smell of the cabin')).toBe(false);
  });
});

describe('what is to be settled before somebody signs', () => {
  const askedAfter = (facts: readonly Fact[], otherWalks: readonly WalkFigure[] = []) => {
    const state = replay(WALK, entriesOf([begun, ...facts]));
    const left = whatIsLeft(state, style, { ...testCar, year: 2017 }, { today: '2026-03-14', otherWalks });
    return questionsOf(left, (part) => part);
  };
  const reads = (value: number): Fact => ({ kind: 'odometer-read', body: { value, unit: 'mi' } });
  const on = (n: number, part: string, more: object): Fact =>
    ({ kind: 'finding-noted', body: { ...noted(n, part).body, ...more } }) as Fact;

  it('is a promise that lacks what is done or by when, with the way to it', () => {
    const promised = { decision: { is: 'promised' } };
    expect(askedAfter([on(1, 'roof', { details: promised })])).toEqual([
      { says: '1, roof: promised, but nobody said what is done and by when', to: { part: 'roof' } },
    ]);
    const cures = [{ cure: 'polish' }];
    expect(askedAfter([on(1, 'roof', { details: { ...promised, cures } })])[0]?.says).toBe(
      '1, roof: promised, but nobody said by when',
    );
    const whole = { decision: { is: 'promised', by: '2026-04-01' }, cures };
    expect(askedAfter([on(1, 'roof', { details: whole })])).toEqual([]);
    // Taken back with what it was promised for.
    expect(
      askedAfter([
        on(1, 'roof', { details: promised }),
        { kind: 'finding-dismissed', body: { finding: idOf(0xf001), why: 'dirt' } },
      ]),
    ).toEqual([]);
  });

  it('is a suspicion, and a part that is clear and faulty', () => {
    expect(askedAfter([on(1, 'roof', { suspected: true })])).toEqual([
      { says: 'roof: a suspicion is not settled', to: { part: 'roof' } },
    ]);
    const clear: Fact = { kind: 'part-cleared', body: { part: 'roof', absent: ['straight'] } };
    expect(askedAfter([on(1, 'roof', { kind: 'dent' }), clear])[0]?.says).toMatch(
      /^roof: said to be “straight/,
    );
  });

  it('is an odometer that another walk, or the age of the car, speaks against', () => {
    const elsewhere = { walk: idOf(0xabc), day: '2025-03-14', value: 52_000, unit: 'mi' } as const;
    expect(askedAfter([reads(48_000)])).toEqual([]);
    expect(askedAfter([reads(48_000)], [elsewhere])[0]).toMatchObject({ to: { screen: 'papers' } });
    expect(askedAfter([reads(55_000)], [elsewhere])).toEqual([]);
    for (const value of [355, 843_550])
      expect(askedAfter([reads(value)])).toEqual([
        { says: expect.stringMatching(/ at 9 years: read it again, or note why$/), to: { part: 'odometer' } },
      ]);
  });
});
