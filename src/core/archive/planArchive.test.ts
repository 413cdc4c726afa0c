import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { bodyStyle } from '../car';
import { composeReport } from '../report';
import type { Fact } from '../walk';
import { planArchive } from './planArchive';
import { photoNamedIn, xmpOf } from './xmp';

const shaOf = (n: number) => n.toString(16).padStart(64, '0');
const photo = (n: number, more: Partial<Extract<Fact, { kind: 'photo-attached' }>['body']>): Fact => ({
  kind: 'photo-attached',
  body: { photo: shaOf(n), role: 'where', ...more },
});
const planOf = (facts: readonly Fact[], unplaced: readonly string[] = []) =>
  planArchive(
    composeReport({
      id: idOf(0xd0c),
      revision: 1,
      frozenAt: '2026-03-14T11:00:00.000Z',
      signedBy: '',
      yard: { name: 'Yard', place: '', phone: '' },
      car: testCar,
      walk: WALK,
      entries: entriesOf([begun, ...facts]),
      photos: new Map(),
    }),
    bodyStyle('hatch-5'),
    testCar,
    unplaced,
  );

describe('the names of a walk’s pictures', () => {
  it('tell place, side, fault and size, in folders as walked', () => {
    const facts: Fact[] = [
      photo(1, { role: 'whole-car' }),
      noted(1, 'door-rl'),
      { kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { lengthMm: 12 } } },
      photo(2, { role: 'what', part: 'door-rl', finding: idOf(0xf001) }),
      photo(3, { part: 'door-rl', finding: idOf(0xf001) }),
      photo(4, { part: 'tyre-fr' }),
      photo(5, { part: 'odometer' }),
    ];
    expect(planOf(facts, [shaOf(9)]).map(({ path }) => path)).toEqual([
      '01-whole-car/001-whole-car.jpg',
      '02-left/002-left-rear-door-dent-12mm-where.jpg',
      '02-left/003-left-rear-door-dent-12mm-close.jpg',
      '03-wheels-right/004-right-front-tyre-where.jpg',
      '04-cabin/005-odometer-where.jpg',
      '05-without-a-place/006.jpg',
    ]);
  });

  it('are never the same twice, however alike the pictures are', () => {
    const many = Array.from({ length: 30 }, (_, i) => photo(i + 1, { part: 'roof' }));
    const paths = planOf(many).map(({ path }) => path);
    expect(new Set(paths).size).toBe(30);
    for (const path of paths) expect(path).toMatch(/^\d\d-[a-z-]+\/\d{3}-[a-z0-9.-]+\.jpg$/);
  });
});

describe('what is written inside a picture', () => {
  const picture = {
    sha256: shaOf(7),
    title: 'A & "B" <c>',
    caption: 'Dent\u0007, 12 mm',
    keywords: ['left', 'dent'],
    part: 'Nearside door (left)',
    finding: 3,
  };

  it('is well-formed whatever people typed, and names the photo it is a copy of', () => {
    const xmp = xmpOf(picture);
    expect(xmp).toContain('A &amp; &quot;B&quot; &lt;c&gt;');
    expect(xmp).not.toContain('\u0007');
    expect(photoNamedIn(xmp)).toBe(picture.sha256);
    expect(photoNamedIn('zelk:photo="nothing"')).toBeUndefined();
  });
});
