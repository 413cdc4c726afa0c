import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, noted, WALK } from '../../../tests/builders/entries';
import { bodyStyle } from '../car';
import { type RouteRule, schools } from '../route';
import { coverage, type Fact, replay } from '../walk';
import { placesOfWalk } from './placesOfWalk';

const style = bodyStyle('hatch-5');
const stateOf = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));
const places = (...facts: Fact[]) =>
  Object.fromEntries(placesOfWalk(stateOf(...facts), style, testCar).map((row) => [row.place, row]));

describe('the places of a walk', () => {
  it('are each told as n of m, from nothing on', () => {
    const fresh = places();
    for (const { done, of, place } of Object.values(fresh)) {
      expect(done, place).toBe(0);
      // Nothing was found: there is nothing to step back from.
      if (place !== 'step-back') expect(of, place).toBeGreaterThan(0);
    }
    expect(fresh.tyres?.of).toBe(4);
  });

  it('count what was done, and lead to the first part that is left', () => {
    const now = places(
      { kind: 'part-cleared', body: { part: 'dashboard' } },
      { kind: 'tread-read', body: { part: 'tyre-fl', depth: { lowMm: 5, highMm: 5 }, unit: 'mm' } },
      { kind: 'paint-read', body: { part: 'roof', um: [110, 111], source: 'typed' } },
      { kind: 'paint-read', body: { part: 'bonnet', um: [110, 111, 112], source: 'typed' } },
      { kind: 'functions-tried', body: { functions: ['horn', 'starts-cold'], state: 'works' } },
      { kind: 'item-counted', body: { item: 'mats', count: 0 } },
      noted(1),
    );
    expect(now.cabin).toMatchObject({ done: 1 });
    expect(now.cabin?.next).not.toBe('dashboard');
    expect(now.tyres?.done).toBe(1);
    // Two readings say too little of a panel.
    expect(now.paint?.done).toBe(1);
    // The horn is beyond the handful that a walk is held to.
    expect(now.functions?.done).toBe(1);
    expect(now.kit?.done).toBe(1);
    expect(now['step-back']).toMatchObject({ done: 0, of: 1 });
  });

  it('come in the order the route of this walk comes to them', () => {
    const order = (rule: RouteRule) =>
      placesOfWalk(stateOf({ kind: 'route-chosen', body: { rule } }), style, testCar).map(
        ({ place }) => place,
      );
    expect(order(schools['nose-first']).slice(0, 5)).toEqual(['outside', 'boot', 'cabin', 'engine', 'under']);
    expect(order(schools['by-area-with-tape']).slice(0, 5)).toEqual([
      'outside',
      'engine',
      'boot',
      'cabin',
      'under',
    ]);
  });

  it('tell what is missing of pictures, papers, glass, story and equipment', () => {
    const fresh = places();
    expect(fresh.pictures).toMatchObject({ done: 0 });
    const now = places(
      { kind: 'papers-noted', body: { keys: 2 } },
      { kind: 'part-cleared', body: { part: 'windscreen' } },
      { kind: 'photo-attached', body: { photo: 'a'.repeat(64), role: 'whole-car' } },
    );
    expect(now.papers).toMatchObject({ done: 1, of: 7 });
    expect(now.glass?.done).toBe(1);
    // One more is there, one fewer is missing.
    expect(now.pictures).toMatchObject({ done: 1, of: fresh.pictures?.of });
    expect(now.story?.of).toBeGreaterThan(0);
  });

  it('have as many parts left as the walk has, those on no face aside', () => {
    const state = stateOf({ kind: 'part-cleared', body: { part: 'roof' } });
    const rows = placesOfWalk(state, style, testCar).filter(({ place }) =>
      ['outside', 'cabin', 'boot', 'engine', 'under'].includes(place),
    );
    const left = rows.reduce((sum, { done, of }) => sum + of - done, 0);
    const faceless = coverage(state, style).left.filter(({ face }) => face === undefined).length;
    expect(left).toBe(coverage(state, style).left.length - faceless);
  });
});
