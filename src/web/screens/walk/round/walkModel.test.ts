import { describe, expect, it } from 'vitest';
import { bodyStyle } from '#core/car';
import { planRoute, usualRoute } from '#core/route';
import { type Fact, replay } from '#core/walk';
import { testCar } from '../../../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../../../tests/builders/entries';
import type { OpenWalk } from '../../../sync/useWalk';
import { logLines } from './logLines';
import { conditionsAt, formOf, leftFrom, partTouchedBy, progressOf, toMapFinding } from './walkModel';

const style = bodyStyle('hatch-5');
const route = planRoute(style, usualRoute).map((stop) => stop.part);

function walkOf(...facts: Fact[]): OpenWalk {
  const entries = entriesOf([begun, ...facts]);
  return {
    page: { walk: WALK, car: testCar, entries, photos: [], reports: [] },
    entries,
    state: replay(WALK, entries),
    style,
    record: () => [],
  };
}
const clear = (part: string): Fact => ({ kind: 'part-cleared', body: { part } });

describe('what is left', () => {
  it('is listed in walking order from where one stands', () => {
    const { state } = walkOf(clear('roof'));
    const left = leftFrom(state, style, 'door-rl').map((stop) => stop.part);
    expect(left[0]).toBe('door-rl');
    expect(left).not.toContain('roof');
    expect(left.at(-1)).toBe(route[route.indexOf('door-rl') - 1]);
    expect(left).toHaveLength(route.length - 1);
  });

  it('adds up face by face', () => {
    const { state } = walkOf(
      clear('bonnet'),
      { kind: 'part-not-seen', body: { part: 'grille', why: 'wet' } },
      noted(1, 'door-rr'),
    );
    const progress = progressOf(state, style);
    expect([progress.front.visited, progress.left.visited, progress.right.visited]).toEqual([2, 0, 1]);
    const total = Object.values(progress).reduce((sum, face) => sum + face.total, 0);
    expect(total).toBe(route.length);
  });
});

describe('strips on the map', () => {
  it('carry the number, the distance and whether it is certain', () => {
    const { state } = walkOf(noted(1, 'roof', { suspected: true }), {
      kind: 'finding-amended',
      body: { finding: idOf(0xf001), changes: { notice: 'one-step-back' } },
    });
    expect(state.findings.map((finding) => toMapFinding(finding, style.parts.get(finding.part)))).toEqual([
      {
        id: idOf(0xf001),
        number: 1,
        part: 'roof',
        spot: { u: 0.5, v: 0.5 },
        notice: 'one-step-back',
        standing: 'suspected',
      },
    ]);
  });
});

describe('taking something back', () => {
  it('leads to the part it was about', () => {
    const walk = walkOf(
      clear('bonnet'),
      noted(1, 'door-fl'),
      {
        kind: 'finding-amended',
        body: { finding: idOf(0xf001), changes: { count: 2 } },
      },
      { kind: 'odometer-read', body: { value: 1, unit: 'mi' } },
    );
    expect([2, 3, 4, 5, 99].map((n) => partTouchedBy(walk, idOf(n)))).toEqual([
      'bonnet',
      'door-fl',
      'door-fl',
      undefined,
      undefined,
    ]);
  });
});

describe('the log in words', () => {
  it('tells each thing said, latest first, and leaves out the walking between', () => {
    const lines = logLines(
      walkOf(
        clear('bonnet'),
        { kind: 'stop-reached', body: { part: 'roof' } },
        noted(1, 'door-fl'),
        {
          kind: 'finding-amended',
          body: { finding: idOf(0xf001), changes: { lengthMm: 12, notice: 'up-close' } },
        },
        { kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { lengthMm: null } } },
        { kind: 'finding-dismissed', body: { finding: idOf(0xf001), why: 'water' } },
        { kind: 'photo-attached', body: { photo: 'a'.repeat(64), role: 'whole-car' } },
        { kind: 'tread-read', body: { part: 'tyre-fl', depth: { lowMm: 4, highMm: 5 }, unit: 'mm' } },
        { kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } },
        { kind: 'part-not-seen', body: { part: 'sill-r', why: 'wet' } },
      ),
    );
    expect(lines.map((entry) => entry.says)).toEqual([
      'Offside sill (right): not seen, wet',
      'Odometer: 48,213 miles',
      'Nearside front tyre (left): 4 to 5 mm',
      'Photo of the whole car',
      'Nearside front door (left), dent: it was water',
      'Nearside front door (left), dent: length taken back',
      'Nearside front door (left), dent: length 12 mm, noticed from up close',
      'Nearside front door (left), dent: logged',
      'Bonnet: clear',
    ]);
  });

  it('knows how to take a thing back, and how to bring it back', () => {
    const undo: Fact = { kind: 'undone', body: { entry: idOf(2) } };
    const [before] = logLines(walkOf(clear('bonnet')));
    expect(before).toMatchObject({ undone: false, undo: idOf(2) });
    const [after] = logLines(walkOf(clear('bonnet'), undo));
    expect(after).toMatchObject({ undone: true, undo: idOf(3) });
  });
});

describe('how a finding is drawn', () => {
  it.each([
    ['stone-chip', 'bonnet', 'dots'],
    ['scratch', 'door', 'line'],
    ['dent', 'door', 'line'],
    ['scuff', 'bumper-front', 'box'],
    ['kerbing', 'wheel', 'arc'],
    ['gap', 'door', undefined],
    ['loose', 'door', undefined],
  ] as const)('%s on a %s: %s', (kind, part, form) => expect(formOf(kind, { kind: part })).toBe(form));
});

describe('the conditions where one stands', () => {
  it('are those of the side, else those of the whole car', () => {
    const { state } = walkOf(
      { kind: 'conditions-noted', body: { light: 'overcast', wet: 'dry', dirt: 'clean' } },
      { kind: 'conditions-noted', body: { light: 'dusk', wet: 'dry', dirt: 'clean', side: 'rear' } },
    );
    expect(conditionsAt(state, 'rear')?.light).toBe('dusk');
    expect(conditionsAt(state, 'left')?.light).toBe('overcast');
    expect(conditionsAt(walkOf().state, 'left')).toBeUndefined();
  });
});
