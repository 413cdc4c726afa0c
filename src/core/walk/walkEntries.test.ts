import { describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { bodyStyle, styleOf } from '../car';
import { planRoute, schools, usualRoute } from '../route';
import type { PhotoRole } from './choices';
import { coverage, nextLeft, partStatus, routeOf, WHOLE_CAR_PHOTOS } from './coverage';
import type { Fact } from './entries';
import { replay } from './replay';

const stateOf = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));
const style = bodyStyle('hatch-5');
const photo = (role: PhotoRole, about: object = {}): Fact => ({
  kind: 'photo-attached',
  body: { photo: 'a'.repeat(64), role, ...about },
});

describe('the route of a walk', () => {
  it('is the usual one until one is chosen, then the one chosen last', () => {
    expect(routeOf(stateOf(), style)).toBe(planRoute(style, usualRoute));
    const state = stateOf(
      { kind: 'route-chosen', body: { rule: schools['by-area-with-tape'] } },
      { kind: 'route-chosen', body: { rule: schools['panel-run'] } },
    );
    expect(routeOf(state, style)).toBe(planRoute(style, schools['panel-run']));
  });

  it('decides what comes next', () => {
    const chosen = stateOf({ kind: 'route-chosen', body: { rule: schools['panel-run'] } });
    const [first, second] = routeOf(chosen, style);
    expect(nextLeft(chosen, style, first?.part)).toEqual(second);
  });
});

describe('conditions', () => {
  const overcast = { light: 'overcast', wet: 'dry', dirt: 'clean' } as const;
  const rain = { ...overcast, wet: 'wet' } as const;

  it('hold for a side until the whole car is spoken of again', () => {
    const side = stateOf(
      { kind: 'conditions-noted', body: overcast },
      { kind: 'conditions-noted', body: { ...rain, side: 'left' } },
    );
    expect(side.conditions.whole).toEqual(overcast);
    expect(side.conditions.sides.get('left')).toEqual(rain);
    const later = stateOf(
      { kind: 'conditions-noted', body: { ...rain, side: 'left' } },
      { kind: 'conditions-noted', body: overcast },
    );
    expect(later.conditions.sides.size).toBe(0);
  });

  it('are all remembered, since something was looked at under each', () => {
    const state = stateOf(
      { kind: 'conditions-noted', body: rain },
      { kind: 'conditions-noted', body: overcast },
    );
    expect(state.conditionsMet).toEqual([rain, overcast]);
  });
});

describe('the step-back lap', () => {
  const answered: Fact = {
    kind: 'notice-answered',
    body: { finding: idOf(0xf001), notice: 'across-the-bay' },
  };

  it('answers from where a finding is seen, above what was said while logging', () => {
    const { findings, hasSteppedBack, lap } = stateOf(
      noted(1),
      { kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { notice: 'up-close' } } },
      { kind: 'lap-begun', body: { lap: 'step-back' } },
      answered,
    );
    expect(findings[0]).toMatchObject({ isNoticeWalked: true, details: { notice: 'across-the-bay' } });
    expect([hasSteppedBack, lap]).toEqual([true, 'step-back']);
  });

  it('can be taken back like anything else that was said', () => {
    // Entries are numbered from the walk's first: the answer is the third.
    const state = stateOf(noted(1), answered, { kind: 'undone', body: { entry: idOf(3) } });
    expect(state.findings[0]?.isNoticeWalked).toBeUndefined();
    expect(state.findings[0]?.details.notice).toBeUndefined();
  });
});

describe('what an undo button takes back', () => {
  it('is never a move, a route, a lap or a caution read', () => {
    const state = stateOf(
      { kind: 'part-cleared', body: { part: 'bonnet' } },
      { kind: 'stop-reached', body: { part: 'roof' } },
      { kind: 'route-chosen', body: { rule: usualRoute } },
      { kind: 'lap-begun', body: { lap: 'close' } },
      { kind: 'caution-read', body: { caution: 'jack' } },
    );
    expect(state.undoable).toEqual([idOf(2)]);
    expect(state.cautionsRead).toEqual(new Set(['jack']));
  });
});

describe('the photos left', () => {
  it('are four of the whole car, one of the figure, and a close-up of every confirmed finding', () => {
    const { photosLeft } = coverage(stateOf(noted(1), noted(2, 'roof', { suspected: true })), style);
    expect(photosLeft).toEqual([
      { why: 'whole-car', have: 0 },
      { why: 'finding-close-up', part: 'door-fl', finding: idOf(0xf001), number: 1 },
      { why: 'finding-place', part: 'door-fl', finding: idOf(0xf001), number: 1 },
      { why: 'odometer', part: 'odometer' },
    ]);
  });

  it('are one of how it is now where something was put right, and then none of it any more', () => {
    const mended: Fact[] = [
      noted(1),
      { kind: 'put-right', body: { finding: idOf(0xf001), says: 'pressed out' } },
    ];
    const of = (...more: Fact[]) =>
      coverage(stateOf(...mended, ...more), style).photosLeft.flatMap(({ why }) =>
        why.startsWith('finding') ? [why] : [],
      );
    expect(of()).toEqual(['finding-after']);
    expect(of(photo('after', { part: 'door-fl', finding: idOf(0xf001) }))).toEqual([]);
    // Said to be there after all, it wants its pictures like any other.
    const amended: Fact = {
      kind: 'finding-amended',
      body: { finding: idOf(0xf001), changes: { suspected: false } },
    };
    expect(of(amended)).toEqual(['finding-close-up', 'finding-place']);
  });

  it('are none once all are there; a picture of the place is no close-up', () => {
    const whole = Array.from({ length: WHOLE_CAR_PHOTOS }, () => photo('whole-car'));
    const where = photo('where', { part: 'door-fl', finding: idOf(0xf001) });
    const left = (...more: Fact[]) => coverage(stateOf(noted(1), ...whole, where, ...more), style).photosLeft;
    expect(left().map(({ why }) => why)).toEqual(['finding-close-up', 'odometer']);
    expect(
      left(photo('what', { part: 'door-fl', finding: idOf(0xf001) }), photo('what', { part: 'odometer' })),
    ).toEqual([]);
  });
});

describe('parts that extras add', () => {
  it('are left like any other, and cleared', () => {
    const fitted = styleOf({ bodyStyle: 'hatch-5', extras: ['tow-bar'] });
    const state = stateOf({ kind: 'part-cleared', body: { part: 'towbar' } });
    expect(coverage(stateOf(), fitted).left.map(({ part }) => part)).toContain('towbar');
    expect(partStatus(state, 'towbar')).toBe('clear');
    expect(coverage(state, fitted).total).toBe(coverage(state, style).total + 1);
  });
});
