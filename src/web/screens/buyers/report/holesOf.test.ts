import { describe, expect, it } from 'vitest';
import { type Speech, styleOf } from '#core/car';
import { whatIsLeft } from '#core/readings';
import { planRoute, usualRoute } from '#core/route';
import { type Fact, replay } from '#core/walk';
import { testCar } from '../../../../../tests/builders/car';
import { begun, entriesOf, noted, WALK } from '../../../../../tests/builders/entries';
import { holesOf } from './holesOf';

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
