import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, START } from '../../../tests/builders/entries';
import { alignPhotos, clockOffset, fitClock, type TimedPhoto, type Visit } from './alignPhotos';
import { proposePlaces } from './proposePlaces';
import { visitsOf } from './visitsOf';

const visit = (part: string, fromS: number, untilS: number, findings: Visit['findings'] = []): Visit => ({
  part,
  fromMs: 1000 * fromS,
  untilMs: 1000 * untilS,
  findings,
});
const photo = (id: string, atS: number): TimedPhoto => ({ id, takenMs: 1000 * atS });
const visits = [
  visit('bonnet', 0, 30),
  visit('wing-fl', 30, 55),
  visit('door-fl', 55, 90),
  visit('bonnet', 90, 120),
];

describe('placing photos by their times', () => {
  it('puts each at the visit during which it was taken, and says so', () => {
    const placed = alignPhotos([photo('a', 10), photo('b', 40), photo('c', 100)], visits, 0);
    expect(placed.map(({ part, reason }) => [part, reason])).toEqual([
      ['bonnet', { code: 'during', secondsIn: 10 }],
      ['wing-fl', { code: 'during', secondsIn: 10 }],
      ['bonnet', { code: 'during', secondsIn: 10 }],
    ]);
    // The last is at the second visit to the bonnet.
    expect(placed[2]?.visit).toBe(3);
  });

  it('keeps a burst together over a stop that was tapped in the midst of it', () => {
    const placed = alignPhotos(
      [photo('a', 27), photo('b', 28.5), photo('c', 29.6), photo('d', 30.4)],
      visits,
      0,
    );
    expect(new Set(placed.map(({ part }) => part))).toEqual(new Set(['bonnet']));
    expect(placed[3]?.reason).toEqual({ code: 'burst' });
    // Half a second either way would have changed it: far from sure.
    expect(placed[3]?.confidence).toBeLessThan(0.5);
  });

  it('names the finding noted nearest in time, and none that is far off', () => {
    const withFindings = [
      visit('door-fl', 0, 300, [
        { id: 'scratch', atMs: 20_000 },
        { id: 'dent', atMs: 60_000 },
      ]),
    ];
    const placed = alignPhotos([photo('a', 18), photo('b', 55), photo('c', 200)], withFindings, 0);
    expect(placed.map(({ finding }) => finding)).toEqual(['scratch', 'dent', undefined]);
  });

  it('puts what was taken outside the walk at its ends, and says by how much', () => {
    const placed = alignPhotos([photo('early', -20), photo('late', 150)], visits, 0);
    expect(placed.map(({ reason }) => reason)).toEqual([
      { code: 'before', seconds: 20 },
      { code: 'after', seconds: 30 },
    ]);
  });

  it('allows for the camera’s clock, set by one photo', () => {
    const offset = clockOffset(1_000_000, 40_000);
    const [placed] = alignPhotos([{ id: 'a', takenMs: 1_000_000 }], visits, offset);
    expect(placed?.part).toBe('wing-fl');
  });

  it('has nothing to say without photos or without a walk', () => {
    expect(alignPhotos([], visits, 0)).toEqual([]);
    expect(alignPhotos([photo('a', 1)], [], 0)).toEqual([]);
  });
});

describe('any placing', () => {
  const walks = fc.array(fc.integer({ min: 3, max: 60 }), { minLength: 1, maxLength: 14 }).map((lengths) => {
    let at = 0;
    return lengths.map((length, i) => {
      at += length;
      return visit(`part-${i}`, at - length, at);
    });
  });
  const shots = fc
    .array(fc.integer({ min: -50, max: 900 }), { maxLength: 25 })
    .map((times) => times.map((at, i) => photo(`p${i}`, at)));

  it('holds every photo once, in order of time, never going back along the walk', () => {
    fc.assert(
      fc.property(walks, shots, (walk, taken) => {
        const placed = alignPhotos(taken, walk, 0);
        expect(placed).toHaveLength(walk.length === 0 ? 0 : taken.length);
        expect(new Set(placed.map(({ photo: id }) => id)).size).toBe(placed.length);
        for (const [i, { visit: at, confidence }] of placed.entries()) {
          expect(at).toBeGreaterThanOrEqual(placed[i - 1]?.visit ?? 0);
          expect(confidence >= 0 && confidence <= 1).toBe(true);
        }
      }),
    );
  });

  it('does not depend on the order photos come in, nor on when the walk was', () => {
    fc.assert(
      fc.property(walks, shots, fc.integer({ min: -1e6, max: 1e6 }), (walk, taken, shiftMs) => {
        const placed = alignPhotos(taken, walk, 0);
        expect(alignPhotos(taken.toReversed(), walk, 0)).toEqual(placed);
        const later = walk.map((each) => ({
          ...each,
          fromMs: each.fromMs + shiftMs,
          untilMs: each.untilMs + shiftMs,
        }));
        expect(alignPhotos(taken, later, shiftMs).map(({ visit: at }) => at)).toEqual(
          placed.map(({ visit: at }) => at),
        );
      }),
    );
  });

  it('costs the fewest points there can be: compared with trying everything', () => {
    const few = fc.array(fc.integer({ min: 0, max: 120 }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(
        walks.filter((walk) => walk.length <= 4),
        few,
        (walk, times) => {
          const taken = times.toSorted((a, b) => a - b).map((at, i) => photo(`p${i}`, at));
          const points = (places: readonly number[]) =>
            places.reduce((sum, at, i) => {
              const { fromMs, untilMs } = walk[at] as Visit;
              const now = (taken[i] as TimedPhoto).takenMs;
              const out = Math.max(0, fromMs - now, now - untilMs) / 1000 / 6;
              const gap = i > 0 ? (now - (taken[i - 1] as TimedPhoto).takenMs) / 1000 : 0;
              const parted = i > 0 && places[i - 1] !== at ? 1.5 * Math.exp(-gap / 4) : 0;
              return sum + out + parted;
            }, 0);
          const all = taken.reduce<number[][]>(
            (lists) =>
              lists.flatMap((list) =>
                walk.flatMap((_, at) => (at >= (list.at(-1) ?? 0) ? [[...list, at]] : [])),
              ),
            [[]],
          );
          const found = points(alignPhotos(taken, walk, 0).map(({ visit: at }) => at));
          expect(found).toBeCloseTo(Math.min(...all.map(points)), 9);
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('the stays of a walk', () => {
  it('run from stop to stop, with the findings noted there', () => {
    const log = entriesOf([
      begun,
      { kind: 'stop-reached', body: { part: 'bonnet' } },
      { kind: 'stop-reached', body: { part: 'door-fl' } },
      noted(1),
      { kind: 'part-cleared', body: { part: 'door-fl' } },
    ]);
    expect(visitsOf(log)).toEqual([
      { part: 'bonnet', fromMs: START + 1000, untilMs: START + 2000, findings: [] },
      {
        part: 'door-fl',
        fromMs: START + 2000,
        untilMs: START + 4000,
        findings: [{ id: idOf(0xf001), atMs: START + 3000 }],
      },
    ]);
  });
});

describe('the clock of a camera', () => {
  it('is found from one photo and its stop, by how all the others lie along the walk', () => {
    const seconds = [1, 8, 31, 38, 56, 64, 91, 99];
    // The camera is three hours and some seconds behind; its first photo is known to be of the first stop.
    const behind = 10_800_000 + 7_000;
    const shots = seconds
      .map((s, i) => photo(`p${i}`, s))
      .map((p) => ({ ...p, takenMs: p.takenMs - behind }));
    const found = fitClock(shots, visits, shots[0] as TimedPhoto, visits[0] as Visit);
    expect(Math.abs(found - behind)).toBeLessThan(15_000);
    const placed = alignPhotos(shots, visits, found).map(({ visit: at }) => at);
    expect(placed).toEqual([0, 0, 1, 1, 2, 2, 3, 3]);
  });
});

describe('proposals', () => {
  const brought = (name: string, time: string) => ({
    sha256: name,
    entry: name,
    takenAt: `1970-01-01T${time}`,
  });

  it('say the whole car before the walk, where and what at a finding, and nothing for another day', () => {
    const door = [visit('door-fl', 60, 300, [{ id: 'dent', atMs: 100_000 }])];
    const proposals = proposePlaces(
      [
        brought('loop', '00:00:20'),
        brought('far', '00:01:32'),
        brought('near', '00:01:41'),
        brought('other', '09:00:00'),
        { sha256: 'timeless', entry: 'timeless' },
      ],
      door,
      0,
    );
    expect(proposals.map(({ photo: id, role, finding }) => [id, role, finding])).toEqual([
      ['loop', 'whole-car', undefined],
      ['far', 'where', 'dent'],
      ['near', 'what', 'dent'],
    ]);
  });
});
