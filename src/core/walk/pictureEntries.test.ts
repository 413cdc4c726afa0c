import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { bodyStyle } from '../car';
import type { Measurement } from '../picture';
import { coverage } from './coverage';
import type { Fact } from './entries';
import { pictureOf, picturesNamed } from './families/pictures/state';
import { replay } from './replay';
import { findingLine } from './tellFinding';

const A = 'a'.repeat(64);
const B = 'b'.repeat(64);
const stateOf = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));
const brought = (photo: string, takenAt?: string): Fact => ({
  kind: 'photo-brought',
  body: { photo, ...(takenAt && { takenAt }) },
});
const attached = (
  photo: string,
  more: Partial<Extract<Fact, { kind: 'photo-attached' }>['body']> = {},
): Fact => ({
  kind: 'photo-attached',
  body: { photo, role: 'where', part: 'door-fl', ...more },
});
const style = bodyStyle('hatch-5');

describe('a picture that was brought', () => {
  it('waits until it has a place, and again when that is taken back', () => {
    expect(stateOf(brought(A), brought(B), brought(A)).brought.map(({ sha256 }) => sha256)).toEqual([A, B]);
    expect(stateOf(brought(A), attached(A)).brought).toEqual([]);
    const back: Fact = { kind: 'undone', body: { entry: idOf(3) } };
    expect(stateOf(brought(A), attached(A), back).brought).toHaveLength(1);
  });

  it('is out of everything once set aside, but not forgotten', () => {
    const state = stateOf(
      brought(A),
      attached(B),
      { kind: 'photo-set-aside', body: { photo: A } },
      {
        kind: 'photo-set-aside',
        body: { photo: B },
      },
    );
    expect([state.brought, state.photos]).toEqual([[], []]);
    expect(picturesNamed(state)).toEqual(new Set([A, B]));
  });

  it('sets the camera’s clock', () => {
    const state = stateOf(brought(A, '2026-03-14T14:03:00'), {
      kind: 'camera-clock-set',
      body: { photo: A, takenAt: '2026-03-14T14:03:00', trulyAt: '2026-03-14T13:01:30.000Z' },
    });
    expect(state.cameraOffsetMs).toBe(-(61.5 * 60_000));
  });
});

describe('what is said of a picture', () => {
  const ring = { kind: 'ring', at: { x: 0.5, y: 0.5 }, radius: 0.1 } as const;
  const box = { x: 0, y: 0, width: 0.5, height: 0.5, hides: 'plate' } as const;

  it('takes the place of what was said before, and comes back when undone', () => {
    const facts: Fact[] = [
      attached(A),
      { kind: 'photo-marked', body: { photo: A, marks: [ring] } },
      { kind: 'photo-hidden', body: { photo: A, boxes: [box] } },
      { kind: 'photo-captioned', body: { photo: A, caption: 'Wet' } },
      { kind: 'photo-captioned', body: { photo: A, caption: '' } },
      { kind: 'photo-marked', body: { photo: A, marks: [] } },
    ];
    const said = pictureOf(stateOf(...facts), A);
    expect(said).toMatchObject({ marks: [], boxes: [box] });
    expect(said.caption).toBeUndefined();
    // The second caption and the emptying of the marks are taken back.
    const back = pictureOf(
      stateOf(
        ...facts,
        { kind: 'undone', body: { entry: idOf(6) } },
        { kind: 'undone', body: { entry: idOf(7) } },
      ),
      A,
    );
    expect(back).toMatchObject({ marks: [ring], caption: 'Wet' });
  });

  it('reminds of plates on whole cars and bumpers until someone has looked', () => {
    const left = (...facts: Fact[]) => coverage(stateOf(...facts), style).plates;
    expect(left(attached(A, { role: 'whole-car' }), attached(B, { part: 'bumper-rear' }))).toEqual([A, B]);
    expect(left(attached(A, { part: 'roof' }), attached(B, { part: 'bumper-rear', role: 'what' }))).toEqual(
      [],
    );
    expect(
      left(attached(A, { role: 'whole-car' }), { kind: 'photo-hidden', body: { photo: A, boxes: [] } }),
    ).toEqual([]);
  });

  it('lets one picture show where several findings are', () => {
    const spot = (n: number): Fact => ({
      kind: 'spot-on-photo',
      body: { photo: A, finding: idOf(0xf000 + n), at: { x: 0.1 * n, y: 0.5 } },
    });
    const places = (...facts: Fact[]) =>
      coverage(stateOf(noted(1), noted(2), attached(A), ...facts), style)
        .photosLeft.filter(({ why }) => why === 'finding-place')
        .map((left) => 'number' in left && left.number);
    expect(places()).toEqual([1, 2]);
    expect(places(spot(2))).toEqual([1]);
    expect(places(spot(1), spot(2))).toEqual([]);
    expect(
      places(spot(1), spot(2), {
        kind: 'spot-on-photo',
        body: { photo: A, finding: idOf(0xf001), at: null },
      }),
    ).toEqual([1]);
  });

  it('asks for a picture of a clear tyre, seat and boot floor, not of a clear roof', () => {
    const clear = (part: string): Fact => ({ kind: 'part-cleared', body: { part } });
    const left = (...facts: Fact[]) =>
      coverage(stateOf(...facts), style).photosLeft.flatMap((photo) =>
        photo.why === 'part' ? [photo.part] : [],
      );
    expect(left(clear('tyre-fl'), clear('roof'), clear('seat-fl'), clear('bootfloor')).toSorted()).toEqual([
      'bootfloor',
      'seat-fl',
      'tyre-fl',
    ]);
    expect(left(clear('tyre-fl'), attached(A, { part: 'tyre-fl' }))).toEqual([]);
  });
});

describe('a size taken from a picture', () => {
  const card: Measurement['scale'] = {
    by: 'card',
    corners: [
      [0, 0],
      [856, 0],
      [856, 539.8],
      [0, 539.8],
    ],
  };
  const line: Measurement['scale'] = { by: 'line', from: [0, 0], to: [100, 0], lengthMm: 23.25 };
  const measure = (
    of: 'length' | 'area',
    value: number,
    plusMinus: number,
    scale: Measurement['scale'] = card,
  ): Fact => ({
    kind: 'picture-measured',
    body: {
      photo: A,
      finding: idOf(0xf001),
      measurement: {
        scale,
        mark:
          of === 'length'
            ? { of, from: [0, 0], to: [50, 0] }
            : {
                of,
                corners: [
                  [0, 0],
                  [9, 0],
                  [9, 9],
                ],
              },
        zoom: 1,
      },
      value,
      plusMinus,
    },
  });
  const first = (...facts: Fact[]) =>
    stateOf(noted(1), ...facts).findings[0] as Parameters<typeof findingLine>[0];

  it('is the finding’s, said with how sure it is, until someone types another', () => {
    expect(findingLine(first(measure('length', 42.34, 1.16)), 'uk')).toBe(
      'Dent, 42.3 mm across ± 1.2 mm (by a card)',
    );
    expect(findingLine(first(measure('length', 42.34, 1.16)), 'us')).toBe(
      'Dent, 1.67 in (42.3 mm) across ± 1.2 mm (by a card)',
    );
    const typed: Fact = {
      kind: 'finding-amended',
      body: { finding: idOf(0xf001), changes: { lengthMm: 40 } },
    };
    expect(findingLine(first(measure('length', 42.34, 1.16), typed), 'uk')).toBe('Dent, 40 mm across');
    const noted: Fact = {
      kind: 'finding-amended',
      body: { finding: idOf(0xf001), changes: { note: 'soft' } },
    };
    expect(findingLine(first(measure('length', 42.34, 1.16), noted), 'uk')).toContain('± 1.2 mm');
  });

  it('by a length on the photo has no ±, whatever was written down, and says why', () => {
    // A true 50 mm seen 35 degrees aslant; an earlier Zelk wrote ± 0.59 to it.
    expect(findingLine(first(measure('length', 36.2, 0.59, line)), 'uk')).toBe(
      'Dent, about 36 mm across (by a length on the photo, true only if seen straight on)',
    );
  });

  it('says what makes it doubtful', () => {
    const far = measure('length', 40, 2) as Extract<Fact, { kind: 'picture-measured' }>;
    far.body.measurement.mark = { of: 'length', from: [4000, 0], to: [4400, 0] };
    expect(findingLine(first(far), 'uk')).toBe('Dent, 40 mm across ± 2 mm (by a card, far from the card)');
  });

  it('may be an area', () => {
    expect(findingLine(first(measure('area', 1568, 61)), 'uk')).toBe('Dent, 16 cm² ± 61 mm² (by a card)');
  });
});

it('every log, whatever is said of pictures in it, replays the same in any order', () => {
  const said = fc.array(
    fc.constantFrom<Fact>(
      brought(A),
      brought(B),
      attached(A),
      { kind: 'photo-set-aside', body: { photo: A } },
      { kind: 'photo-captioned', body: { photo: B, caption: 'x' } },
      { kind: 'spot-on-photo', body: { photo: A, finding: idOf(0xf001), at: { x: 0.2, y: 0.2 } } },
      { kind: 'cover-chosen', body: { photo: A } },
      { kind: 'photo-hidden', body: { photo: A, boxes: [] } },
    ),
    { maxLength: 12 },
  );
  fc.assert(
    fc.property(arbitraryLog, said, (log, more) => {
      const all = [...log, ...entriesOf(more, WALK, 500)];
      const state = replay(WALK, all);
      expect(replay(WALK, all.toReversed())).toEqual(state);
      const placed = new Set(state.photos.map(({ sha256 }) => sha256));
      for (const { sha256 } of state.brought)
        expect(placed.has(sha256) || state.setAside.has(sha256)).toBe(false);
      if (state.cover) expect(placed.has(state.cover)).toBe(true);
    }),
    { numRuns: 60 },
  );
});
