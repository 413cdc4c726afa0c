import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { bodyStyle, bodyStyleIds } from '../car';
import { planRoute, usualRoute } from '../route';
import { coverage, nextLeft, partStatus } from './coverage';
import type { Fact } from './entries';
import { replay } from './replay';

const style = bodyStyle('hatch-5');
const stateOf = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));

describe('the first route', () => {
  it.each(bodyStyleIds)('visits every part of a %s exactly once', (id) => {
    const stops = planRoute(bodyStyle(id), usualRoute).map((stop) => stop.part);
    expect(new Set(stops).size).toBe(stops.length);
    expect(new Set(stops)).toEqual(new Set(bodyStyle(id).parts.keys()));
  });

  it('goes down the left side and comes back up the right', () => {
    const stops = planRoute(style, usualRoute).map((stop) => stop.part);
    const order = [
      'bumper-front',
      'wing-fl',
      'door-fl',
      'quarter-rl',
      'rearglass',
      'quarter-rr',
      'door-fr',
      'wing-fr',
      'roof',
      'odometer',
    ];
    expect(order.map((part) => stops.indexOf(part))).toEqual(
      order.map((part) => stops.indexOf(part)).toSorted((a, b) => a - b),
    );
  });
});

describe('coverage', () => {
  it('counts looked at, not seen and left to the whole, whatever was said', () => {
    fc.assert(
      fc.property(arbitraryLog, (log) => {
        const cover = coverage(replay(WALK, log), style);
        const unseen = cover.visited - cover.looked;
        expect(cover.looked + unseen + cover.left.length).toBe(cover.total);
        expect(unseen).toBeLessThanOrEqual(cover.notSeen.length);
      }),
    );
  });

  it('never shows a dismissed suspicion as a finding', () => {
    fc.assert(
      fc.property(arbitraryLog, (log) => {
        const state = replay(WALK, log);
        for (const part of style.parts.keys()) {
          const standing = state.findings.filter(
            (finding) => finding.part === part && finding.standing.status !== 'dismissed',
          );
          if (standing.length === 0)
            expect(['findings', 'second-look']).not.toContain(partStatus(state, part));
        }
      }),
    );
  });

  it('asks for a second look while a suspicion is open', () => {
    const open = stateOf(noted(1, 'roof', { suspected: true }));
    expect(partStatus(open, 'roof')).toBe('second-look');
    expect(coverage(open, style).unresolved).toEqual(['roof']);
    const confirmed = stateOf(noted(1, 'roof', { suspected: true }), {
      kind: 'finding-amended',
      body: { finding: idOf(0xf001), changes: { suspected: false } },
    });
    expect(partStatus(confirmed, 'roof')).toBe('findings');
  });

  it('lists tyres without a depth and a missing odometer', () => {
    const state = stateOf({
      kind: 'tread-read',
      body: { part: 'tyre-rl', depth: { lowMm: 4, highMm: 5 }, unit: 'mm' },
    });
    expect(coverage(state, style).treadsLeft.toSorted()).toEqual(['tyre-fl', 'tyre-fr', 'tyre-rr']);
    expect(coverage(state, style).odometerLeft).toBe(true);
  });

  it('finds the next part left, going round past the end', () => {
    const route = planRoute(style, usualRoute).map((stop) => stop.part);
    const all = route.slice(1).map((part): Fact => ({ kind: 'part-cleared', body: { part } }));
    expect(nextLeft(stateOf(...all), style, 'odometer')?.part).toBe(route[0]);
    expect(
      nextLeft(stateOf(...all, { kind: 'part-cleared', body: { part: route[0] as string } }), style, 'roof'),
    ).toBeUndefined();
  });
});
