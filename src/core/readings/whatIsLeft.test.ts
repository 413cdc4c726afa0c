import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { styleOf } from '../car';
import { planRoute, usualRoute } from '../route';
import { coverage, type Fact, replay } from '../walk';
import { type LeftCode, leftOf, whatIsLeft } from '.';

const style = styleOf(testCar);
const today = '2026-03-14';
const leftAfter = (...facts: Fact[]) =>
  whatIsLeft(replay(WALK, entriesOf([begun, ...facts])), style, testCar, { today });
const codesAfter = (...facts: Fact[]) => new Set(leftAfter(...facts).items.map(({ code }) => code));

describe('what is left', () => {
  it('is everything at first, each with the way to do it', () => {
    const left = leftAfter();
    expect([...left.notBegun]).toEqual(['functions', 'kit', 'papers']);
    expect(leftOf(left, 'part')).toHaveLength(planRoute(style, usualRoute).length);
    expect(leftOf(left, 'tread').map(({ part, screen }) => [part, screen])).toEqual(
      expect.arrayContaining([['tyre-fl', 'tyres']]),
    );
    expect(leftOf(left, 'odometer')).toEqual([{ code: 'odometer', part: 'odometer' }]);
    expect(leftOf(left, 'smell')).toEqual([{ code: 'smell', screen: 'kit' }]);
    expect(leftOf(left, 'papers').map(({ says }) => says)).toContain('keys counted');
    expect(leftOf(left, 'conditions')).toHaveLength(1);
    // Nobody is asked panel by panel for a gauge that was never held to the car.
    expect(leftOf(left, 'paint')).toEqual([]);
  });

  it.each<[LeftCode, Fact]>([
    ['odometer', { kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } }],
    ['smell', { kind: 'smell-noted', body: { noticed: [] } }],
    ['conditions', { kind: 'conditions-noted', body: { light: 'dusk', wet: 'dry', dirt: 'clean' } }],
  ])('no longer holds “%s” once it is said', (code, fact) => {
    expect(codesAfter()).toContain(code);
    expect(codesAfter(fact)).not.toContain(code);
  });

  it('asks for paint panel by panel once a gauge was used', () => {
    const left = leftAfter({
      kind: 'paint-read',
      body: { part: 'roof', um: [110, 112, 114], source: 'gauge' },
    });
    const panels = leftOf(left, 'paint');
    expect(panels.map(({ part }) => part)).toContain('bonnet');
    expect(panels.map(({ part }) => part)).not.toContain('roof');
    expect(panels.every(({ screen }) => screen === 'paint')).toBe(true);
  });

  it('follows a finding from suspicion to its pictures and its distance', () => {
    expect(leftOf(leftAfter(noted(1, 'roof', { kind: 'mark' })), 'unnamed')).toEqual([
      { code: 'unnamed', part: 'roof', finding: 1 },
    ]);
    expect(leftOf(leftAfter(noted(1, 'roof')), 'unnamed')).toEqual([]);
    expect(leftOf(leftAfter(noted(1, 'roof', { suspected: true })), 'second-look')).toEqual([
      { code: 'second-look', part: 'roof' },
    ]);
    const confirmed = leftAfter(noted(1, 'roof'));
    for (const code of ['close-up', 'place-photo', 'distance'] as const)
      expect(leftOf(confirmed, code)).toEqual([{ code, part: 'roof', finding: 1 }]);
    const answered = leftAfter(noted(1, 'roof'), {
      kind: 'notice-answered',
      body: { finding: idOf(0xf001), notice: 'up-close' },
    });
    expect(leftOf(answered, 'distance')).toEqual([]);
    const mended = leftAfter(noted(1, 'roof'), {
      kind: 'put-right',
      body: { finding: idOf(0xf001), says: 'pressed out' },
    });
    expect(leftOf(mended, 'after-photo')).toEqual([{ code: 'after-photo', part: 'roof', finding: 1 }]);
    expect(leftOf(mended, 'close-up')).toEqual([]);
  });

  it('names a test that runs, with when it began', () => {
    const [running] = leftOf(
      leftAfter({ kind: 'timer-begun', body: { function: 'rear-demist' } }),
      'running-test',
    );
    expect(running).toMatchObject({ screen: 'functions', says: 'Heated rear glass', takes: 180 });
    expect(running?.begunAt).toMatch(/^2026-03-14T09:30:01/);
  });

  it('lists pictures that are poor, and those without a place', () => {
    const photo = 'a'.repeat(64);
    const facts: Fact[] = [
      begun,
      { kind: 'photo-attached', body: { photo, role: 'what', part: 'roof' } },
      { kind: 'photo-brought', body: { photo: 'b'.repeat(64) } },
    ];
    const left = whatIsLeft(replay(WALK, entriesOf(facts)), style, testCar, {
      today,
      poorPhotos: new Set([photo, 'c'.repeat(64)]),
    });
    expect(leftOf(left, 'poor-photo')).toEqual([{ code: 'poor-photo', screen: 'pictures', says: photo }]);
    expect(leftOf(left, 'unplaced-photo')).toHaveLength(1);
  });

  it('holds of every walk just what its coverage holds, and leads somewhere from every line', () => {
    fc.assert(
      fc.property(arbitraryLog, (log) => {
        const state = replay(WALK, log);
        const left = whatIsLeft(state, style, testCar, { today });
        const cover = coverage(state, style);
        expect(leftOf(left, 'part').map(({ part }) => part)).toEqual(cover.left.map(({ part }) => part));
        expect(leftOf(left, 'tread').map(({ part }) => part)).toEqual(cover.treadsLeft);
        expect(leftOf(left, 'second-look').map(({ part }) => part)).toEqual(cover.unresolved);
        const photos = left.items.filter(({ code }) => code.endsWith('-photo') || code === 'close-up');
        expect(photos.filter(({ code }) => code !== 'unplaced-photo')).toHaveLength(cover.photosLeft.length);
        for (const { code, part, screen } of left.items)
          if (code !== 'conditions' && code !== 'whole-car-photo') expect(part ?? screen, code).toBeDefined();
      }),
      { numRuns: 60 },
    );
  });
});
