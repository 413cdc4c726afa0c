import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryFacts } from '../../../../tests/builders/arbitraryEntries';
import { begun, entriesOf, idOf, noted, WALK } from '../../../../tests/builders/entries';
import { type EntryKind, entryKinds, entrySchema, type Fact } from '../entries';
import { replay } from '../replay';
import { entryWords, isSilent, noteEntry, nothingSaid } from './allFamilies';
import type { LogSpeech } from './family';

const speech: LogSpeech = {
  vocabulary: 'uk',
  nameOf: (part) => part,
  about: (finding) => `finding ${finding.slice(-1)}`,
  titleOf: (id) => id,
  spotTitle: (spot) => spot,
};
const lineOf = (fact: Fact, spoken = speech) => {
  const [entry] = entriesOf([fact]);
  return entryWords(entry as NonNullable<typeof entry>, spoken);
};

describe.each(entryKinds)('an entry “%s”', (kind) => {
  it('is taken by the schema, noted without harm, and is a line of the log or passed over', () => {
    fc.assert(
      fc.property(arbitraryFacts[kind], (fact) => {
        const [entry] = entriesOf([fact]);
        expect(entrySchema.parse(entry)).toEqual(entry);
        expect(replay(WALK, entriesOf([begun, noted(1), fact])).walk).toBe(WALK);
        expect(lineOf(fact) === '').toBe(isSilent(kind));
      }),
      { numRuns: 20 },
    );
  });

  it('is refused with a field nobody knows', () => {
    const [fact] = fc.sample(arbitraryFacts[kind], 1) as [Fact];
    const [entry] = entriesOf([fact]);
    expect(entrySchema.safeParse({ ...entry, body: { ...fact.body, colour: 'blue' } }).success).toBe(false);
  });
});

describe('the families together', () => {
  it('pass over moves, settings, undos and what becomes of a film, and nothing else', () => {
    const passedOver: EntryKind[] = [
      'walk-begun',
      'route-chosen',
      'lap-begun',
      'caution-read',
      'stop-reached',
      'undone',
      'walk-film-captioned',
      'weak-spots-listed',
      'walk-film-shifted',
      'draft-taken',
      'draft-left-out',
    ];
    expect(entryKinds.filter(isSilent).toSorted()).toEqual(passedOver.toSorted());
  });

  it('begin every walk with nothing said, and share nothing between walks', () => {
    const [one, other] = [nothingSaid(), nothingSaid()];
    expect(one).toEqual(other);
    one.looks.set('bonnet', { status: 'clear', isOwn: true, absent: [], at: '', who: '' });
    one.papers.services.set('x', { works: [] } as never);
    expect(other.looks.size + other.papers.services.size).toBe(0);
  });

  it('leave alone what they know nothing of', () => {
    const state = { walk: WALK, people: [], ...nothingSaid() };
    const [amendment] = entriesOf([
      { kind: 'finding-amended', body: { finding: idOf(0xf009), changes: { count: 3 } } },
    ]);
    noteEntry({ state, findings: new Map() }, amendment as NonNullable<typeof amendment>);
    expect(state.findings).toEqual([]);
  });

  it.each<[Fact, string]>([
    [{ kind: 'part-not-seen', body: { part: 'roof', why: 'too dark' } }, 'roof: not seen, too dark'],
    [
      { kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { note: null, gapMm: 4 } } },
      'finding 1: note taken back, gapMm 4 mm',
    ],
    [
      {
        kind: 'tread-read',
        body: { part: 'tyre-fl', depth: { lowMm: 4, highMm: 5 }, unit: 'mm', third: 'outer' },
      },
      'tyre-fl, outer third: 4 to 5 mm',
    ],
    [{ kind: 'lamps-noted', body: { on: [] } }, 'All warning lamps out'],
    [
      { kind: 'drive-noted', body: { driver: 'Nell', coverConfirmed: true, distance: 4, unit: 'mi' } },
      'Road test: Nell, 4 mi',
    ],
    [{ kind: 'number-read', body: { where: 'plate', text: '' } }, 'Identity plate: taken back'],
    [{ kind: 'item-counted', body: { item: 'mats', count: 3, condition: 'worn' } }, 'Floor mats: 3, worn'],
  ])('word a line: %j', (fact, says) => {
    expect(lineOf(fact)).toBe(says);
  });

  it('word the log in the vocabulary of the car', () => {
    const fact: Fact = { kind: 'item-counted', body: { item: 'repair-kit', count: 1 } };
    expect(lineOf(fact)).toBe('Tyre repair kit: 1');
    expect(lineOf(fact, { ...speech, vocabulary: 'us' })).toBe('Tire repair kit: 1');
  });
});
