import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { styleOf } from '../car';
import type { UsualBand, UsualFor } from '../judge';
import { placesOfWalk, whatIsLeft } from '../readings';
import { type Fact, replay } from '../walk';
import { reportBlocks } from './blocks/reportBlocks';
import { composeReport } from './composeReport';
import { chaptersOf } from './reader/chapters';
import { foldLines } from './reader/foldLines';
import type { ReportInputs } from './reportInputs';

const style = styleOf({ bodyStyle: 'hatch-5' });
const all: Fact[] = [...style.parts.keys()].map((part) => ({ kind: 'part-cleared', body: { part } }));
const odometer: Fact = { kind: 'odometer-read', body: { value: 57_000, unit: 'mi' } };
const chips = (count: number): Fact =>
  ({
    kind: 'finding-noted',
    body: { ...noted(1, 'bonnet').body, kind: 'stone-chip', details: { count } },
  }) as Fact;
const band = (more: Partial<UsualBand> = {}): UsualBand => ({
  measure: 'front-chips',
  low: 4,
  middle: 8,
  high: 14,
  isKnown: true,
  alike: 9,
  cars: 58,
  heavyPercent: 8,
  mostHeavy: 1,
  ...more,
});
const reportOf = (facts: readonly Fact[], more: Partial<ReportInputs> = {}) =>
  composeReport({
    id: idOf(0xd01),
    revision: 1,
    frozenAt: '2026-03-14T11:00:00.000Z',
    signedBy: 'Nell Harrick',
    yard: { name: 'Yard', place: 'Port', phone: '1' },
    car: { ...testCar, year: 2020 },
    walk: WALK,
    entries: entriesOf([begun, ...facts]),
    photos: new Map(),
    ...more,
  });
const linesOf = (report: ReturnType<typeof reportOf>) =>
  reportBlocks(report, 'a'.repeat(64)).flatMap((block) => (block.is === 'text' ? [block.text] : []));

describe('for its age', () => {
  const rowOf = (count: number, more: Partial<UsualBand> = {}, usual: Partial<UsualFor> = {}) => {
    const report = reportOf([...all, odometer, chips(count)], {
      usual: { bands: [band(more), band({ measure: 'rust', low: 0, high: 1 })], ...usual },
    });
    return report.forItsAge?.rows[0];
  };

  it('holds both figures in one sentence', () => {
    expect(rowOf(9)).toMatchObject({
      standing: 'in-line',
      says: '9 chips at the front; 4 to 14 are usual at 6 years and 57,000 miles',
    });
  });

  it('is better or more only outside the band, and too few to tell where the band is not known', () => {
    expect([2, 4, 14, 15].map((count) => rowOf(count)?.standing)).toEqual([
      'better',
      'in-line',
      'in-line',
      'more',
    ]);
    expect(rowOf(9, { isKnown: false })?.standing).toBe('too-few');
    expect(rowOf(30, { cars: 3 })).toMatchObject({
      standing: 'too-few',
      says: '30 chips at the front; too few of this yard’s own cars yet to say what is usual',
    });
  });

  it('holds a car against none where none is of like age and distance', () => {
    expect(rowOf(30, { alike: 0 })).toMatchObject({
      standing: 'too-few',
      says: '30 chips at the front; none of this yard’s own cars is of like age and distance',
    });
  });

  it('has no door edges free of nicks where nobody looked at an edge', () => {
    const usual = { bands: [band(), band({ measure: 'door-edges', low: 0, high: 3 })] };
    const edges = (...facts: Fact[]) =>
      reportOf([...all, odometer, chips(9), ...facts], { usual }).forItsAge?.rows.find(
        ({ measure }) => measure === 'door-edges',
      );
    expect(edges()?.standing).toBe('not-all-seen');
    const looked: Fact = { kind: 'part-cleared', body: { part: 'door-fl', absent: ['edge-clean'] } };
    expect(edges(looked)?.standing).toBe('in-line');
  });

  it('says nothing where not all was looked at or nobody counted', () => {
    const usual = { bands: [band(), band({ measure: 'rust', low: 0, high: 1 })] };
    const some = reportOf(
      [
        odometer,
        ...all.filter(({ body }) => !('part' in body && body.part?.startsWith('wing'))),
        chips(2),
      ].slice(0, -1),
      { usual },
    );
    expect(some.forItsAge?.rows.find(({ measure }) => measure === 'front-chips')?.standing).toBe(
      'not-all-seen',
    );
    const uncounted = {
      kind: 'finding-noted',
      body: { ...noted(1, 'bonnet').body, kind: 'stone-chip', details: { amount: 'many' } },
    } as Fact;
    const words = reportOf([...all, odometer, uncounted], { usual });
    expect(words.forItsAge?.rows[0]).toMatchObject({
      standing: 'not-counted',
      says: 'how many there are was said in words, not counted',
    });
    expect(words.forItsAge?.rows[0]).not.toHaveProperty('count');
  });

  it('is left out whole where no band says anything, no odometer was read, or the year lies ahead', () => {
    const usual = { bands: [band({ cars: 0, isKnown: false })] };
    expect(reportOf([...all, odometer, chips(9)], { usual })).not.toHaveProperty('forItsAge');
    expect(reportOf([...all, chips(9)], { usual: { bands: [band()] } })).not.toHaveProperty('forItsAge');
    expect(
      reportOf([...all, odometer], { usual: { bands: [band()] }, car: { ...testCar, year: 2031 } }),
    ).not.toHaveProperty('forItsAge');
    expect(reportOf([...all, odometer])).not.toHaveProperty('forItsAge');
  });

  it('asks about a cabin that is worn more, and accuses nobody', () => {
    const worn = ['seat-fl', 'seat-fr', 'steeringwheel', 'bolster-l', 'doorcard-fl']
      .filter((part) => style.parts.has(part))
      .map(
        (part, i): Fact =>
          ({ kind: 'finding-noted', body: { ...noted(i + 1, part).body, kind: 'wear' } }) as Fact,
      );
    expect(worn.length).toBeGreaterThan(1);
    const cabin = band({ measure: 'cabin-wear', low: 0, middle: 0, high: 1 });
    const says = (cabinLikeMiles?: number) =>
      reportOf([...all, odometer, ...worn], {
        usual: { bands: [cabin], ...(cabinLikeMiles && { cabinLikeMiles }) },
      }).forItsAge?.cabin;
    expect(says(120_000)).toBe(
      'The cabin looks more worn than the odometer says: as is usual from 120,000 miles on at its age. Short trips, many riders and hard use wear a cabin too; ask how it was used',
    );
    expect(says()).toContain('more than is usual at any distance at its age');
    expect(reportOf([...all, odometer], { usual: { bands: [cabin] } }).forItsAge?.cabin).toBe(
      'The wear of the cabin fits the odometer',
    );
  });

  it('says when more of them are heavy than usual', () => {
    const heavy = {
      kind: 'finding-noted',
      body: { ...noted(1, 'door-fl').body, details: { severity: 'heavy' } },
    } as Fact;
    const dents = band({ measure: 'side-dings', low: 0, middle: 1, high: 4, mostHeavy: 0 });
    expect(reportOf([...all, odometer, heavy], { usual: { bands: [dents] } }).forItsAge?.rows[0]?.says).toBe(
      '1 dent along the sides; 0 to 4 are usual at 6 years and 57,000 miles; 1 of them is heavy, more than usual',
    );
  });

  it('has its chapter, its line, its drawing and the same sentences on paper', () => {
    const report = reportOf([...all, odometer, chips(20)], { usual: { bands: [band()] } });
    expect(chaptersOf(report).map(({ id }) => id)).toContain('age');
    expect(foldLines(report).get('age')).toBe('more than usual: stone chips at the front');
    expect(linesOf(report)).toContain(
      'Stone chips at the front. More than usual: 20 chips at the front; 4 to 14 are usual at 6 years and 57,000 miles.',
    );
    const drawings = reportBlocks(report, 'a'.repeat(64)).flatMap((block) =>
      block.is === 'drawing' ? [block.drawing.says] : [],
    );
    expect(drawings).toContain('Where this car lies: Stone chips at the front 20, usual 4 to 14.');
  });
});

describe('weak spots', () => {
  const spot = (part: string, more: object = {}) => ({
    spot: 'arch-lip',
    part,
    title: 'Rust on the lip',
    look: 'bubbles',
    how: 'feel' as const,
    fine: 'no rust on the lips',
    kinds: ['rust' as const],
    ...more,
  });
  const listed = (...spots: ReturnType<typeof spot>[]): Fact => ({
    kind: 'weak-spots-listed',
    body: { spots },
  });
  const answered = (
    part: string,
    answer: 'not-there' | 'there' | 'could-not-tell',
    more: object = {},
  ): Fact => ({
    kind: 'weak-spot-answered',
    body: { spot: 'arch-lip', part, answer, ...more },
  });
  const rust = (n: number, part: string, suspected = false): Fact =>
    ({ kind: 'finding-noted', body: { ...noted(n, part, { suspected }).body, kind: 'rust' } }) as Fact;
  const four = listed(spot('arch-fl'), spot('arch-fr'), spot('arch-rl'), spot('arch-rr'));

  it('looked for and not there are told so, with where when not everywhere', () => {
    const everywhere = ['arch-fl', 'arch-fr', 'arch-rl', 'arch-rr'].map((part) =>
      answered(part, 'not-there'),
    );
    expect(reportOf([four, ...everywhere]).weakSpots).toMatchObject({
      notThere: ['No rust on the lips'],
      left: [],
    });
    expect(linesOf(reportOf([four, ...everywhere]))).toContain(
      'Looked for because such cars have it, and not there: no rust on the lips.',
    );
    const two = reportOf([
      four,
      answered('arch-fl', 'not-there'),
      answered('arch-fr', 'could-not-tell', { why: 'wet' }),
    ]);
    expect(two.weakSpots?.notThere[0]).toContain('No rust on the lips (');
    expect(two.weakSpots?.couldNotTell[0]).toContain(': wet');
    expect(two.weakSpots?.left).toHaveLength(1);
    expect(two.weakSpots?.left[0]).toContain('Rust on the lip (');
  });

  it('are never “not there” beside a fault of their kind, whatever was answered', () => {
    const { weakSpots } = reportOf([
      listed(spot('arch-fl')),
      answered('arch-fl', 'not-there'),
      rust(1, 'arch-fl'),
    ]);
    expect(weakSpots).toMatchObject({ notThere: [], found: [{ says: 'Rust on the lip', findings: [1] }] });
    const guessed = reportOf([listed(spot('arch-fl')), rust(1, 'arch-fl', true)]);
    expect(guessed.weakSpots?.found).toEqual([{ says: 'suspected: Rust on the lip', findings: [1] }]);
  });

  it('are asked again once the finding that said so was dismissed', () => {
    const facts = [
      listed(spot('arch-fl')),
      rust(1, 'arch-fl'),
      answered('arch-fl', 'there', { finding: idOf(0xf001) }),
      { kind: 'finding-dismissed', body: { finding: idOf(0xf001), why: 'dirt' } } as Fact,
    ];
    expect(reportOf(facts).weakSpots).toMatchObject({ notThere: [], found: [], left: ['Rust on the lip'] });
  });

  it('count in what is left, until they are answered', () => {
    const left = (...facts: Fact[]) =>
      whatIsLeft(replay(WALK, entriesOf([begun, ...facts])), style, testCar, {
        today: '2026-03-14',
      }).items.filter(({ code }) => code === 'weak-spot');
    expect(left(four)).toHaveLength(4);
    expect(left(four, answered('arch-fl', 'not-there'))).toHaveLength(3);
    expect(left()).toHaveLength(0);
    const place = (...facts: Fact[]) =>
      placesOfWalk(replay(WALK, entriesOf([begun, ...facts])), style, testCar).find(
        (each) => each.place === 'weak-spots',
      );
    expect(place(four, answered('arch-fl', 'not-there'))).toEqual({
      place: 'weak-spots',
      done: 1,
      of: 4,
      next: 'arch-fr',
    });
    expect(place()).toBeUndefined();
  });

  it('keep their words: a later list asks other things, and answers that came first wait for it', () => {
    const early = reportOf([
      answered('arch-fl', 'not-there'),
      listed(spot('arch-fl', { fine: 'lips sound' })),
    ]);
    expect(early.weakSpots?.notThere).toEqual(['Lips sound']);
    expect(reportOf([four, listed()])).not.toHaveProperty('weakSpots');
  });
});

describe('the days it stood', () => {
  const look = (n: number, more: object = {}) => ({
    at: `2026-03-${String(n).padStart(2, '0')}T07:30:00.000Z`,
    day: `2026-03-${String(n).padStart(2, '0')}`,
    start: 'at-once' as const,
    level: 'level' as const,
    ...more,
  });

  it('are told in a sentence, by nobody’s name, and asked about where something repeats', () => {
    const report = reportOf([], {
      mornings: [look(1), look(2, { level: 'sunk' }), look(4, { level: 'sunk' })],
    });
    expect(report.stood).toMatchObject({
      says: 'Stood 4 days, looked at on 3 mornings: started at once every time, had sunk on 2 of 3 mornings.',
      open: ['Had sunk on 2 of the last 3 mornings'],
    });
    expect(linesOf(report)).toContain('Not confirmed yet: had sunk on 2 of the last 3 mornings.');
  });

  it('are no question any more once the fault was confirmed, and one truth with the tests over night', () => {
    const confirmed: Fact = {
      kind: 'functions-tried',
      body: { functions: ['suspension-overnight'], state: 'faulty', says: 'sinks at the rear' },
    };
    const report = reportOf([confirmed], {
      mornings: [look(1, { level: 'sunk' }), look(2, { level: 'sunk' })],
    });
    expect(report.stood?.open).toEqual([]);
    expect(report.stood?.says).toContain('had sunk on 3 of 3 mornings');
    // Put down from the mornings, it is no further one.
    const fromThem: Fact = { ...confirmed, body: { ...confirmed.body, from: 'mornings' } } as Fact;
    const once = reportOf([fromThem], { mornings: [look(1, { level: 'sunk' }), look(2, { level: 'sunk' })] });
    expect(once.stood).toMatchObject({ open: [] });
    expect(once.stood?.says).toContain('had sunk on 2 of 2 mornings');
    const works: Fact = {
      kind: 'functions-tried',
      body: { functions: ['battery-overnight'], state: 'works' },
    };
    expect(reportOf([works], { mornings: [look(1)] }).stood?.says).toBe(
      'Stood 14 days, looked at on 2 mornings: started at once on the one morning it was tried, stood level on the one morning this was looked at, battery held over night on the one morning it was tested.',
    );
  });

  it('are left out where nobody looked', () => {
    expect(reportOf([], { mornings: [] })).not.toHaveProperty('stood');
  });
});
