import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { toTalk } from '../captions';
import { bodyStyle, type SideSpeech } from '../car';
import { type Draft, readTalk } from '../speech';
import { captionsOf, type Fact, replay, type WalkFilm } from '../walk';
import { againstWalk, againstWalkWords } from './againstWalk';
import { draftKey } from './draftKey';
import { readFilm, standingOf } from './filmDrafts';
import { captionFacts } from './filmFacts';
import { bestFrame, frameTimes } from './frameTimes';
import { withoutDraft } from './withoutDraft';

const FILM = idOf(0xf10);
const style = bodyStyle('hatch-5');
const speech: SideSpeech = { country: 'GB', steering: 'right' };
const read = (text: string) => readTalk([{ text }], { style, speech });
const filmWith = (...facts: Fact[]): WalkFilm => {
  const film = replay(WALK, entriesOf([begun, ...facts])).walkFilms.get(FILM);
  if (!film) throw new Error('no film');
  return film;
};

describe('captions in the log', () => {
  it('come back as they were, however many pieces they take', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(40_000), { minLength: 1, maxLength: 1_300 }), (times) => {
        const captions = times.map((startS, i) => ({ text: `line ${i}`, startS, endS: startS + 1 }));
        expect(captionsOf(filmWith(...captionFacts(FILM, idOf(0xf20), captions)))).toEqual(captions);
      }),
      { numRuns: 20 },
    );
  });
});

it('a talk in one paragraph loses no word in the log', () => {
  const talk = Array.from({ length: 900 }, (_, i) => `door number ${i} is clear.`).join(' ');
  const kept = captionsOf(filmWith(...captionFacts(FILM, idOf(0xf20), [{ text: talk }])));
  expect(kept?.length).toBeGreaterThan(5);
  expect(kept?.map(({ text }) => text).join(' ')).toBe(talk);
  expect(kept?.every(({ text }) => text.endsWith('.'))).toBe(true);
  const endless = 'x'.repeat(5_000);
  const cut = captionsOf(filmWith(...captionFacts(FILM, idOf(0xf20), [{ text: endless }])));
  expect(cut?.map(({ text }) => text).join('')).toBe(endless);
});

describe('statements of a film', () => {
  const captions = [
    { text: 'nearside front door has a dent', startS: 3600, endS: 3602 },
    { text: 'the roof is clear', startS: 3605, endS: 3607 },
  ];
  const facts: Fact[] = [
    ...captionFacts(FILM, idOf(0xf20), captions),
    { kind: 'walk-film-shifted', body: { film: FILM, byS: -3600 } },
  ];

  it('carry the second of the film, with the captions shifted as said', () => {
    const drafts = readFilm(filmWith(...facts), { style, speech });
    expect(drafts.map(({ is, at }) => [is, at])).toEqual([
      ['finding', 0],
      ['clear', 5],
    ]);
  });

  it('are known again after a shift, and tell what became of them', () => {
    const before = readFilm(filmWith(...facts.slice(0, -1)), { style, speech });
    const [dent, roof] = before.map(draftKey) as [string, string];
    const finding = noted(1, 'door-fl');
    const log = entriesOf([begun, finding]);
    const film = replay(WALK, [
      ...log,
      ...entriesOf(
        [
          ...facts,
          { kind: 'draft-taken', body: { film: FILM, draft: dent, says: 'x', entries: [log[1]?.id ?? ''] } },
          { kind: 'draft-left-out', body: { film: FILM, draft: roof } },
        ],
        WALK,
        20,
      ),
    ]).walkFilms.get(FILM) as WalkFilm;
    const standing = standingOf(readFilm(film, { style, speech }), film);
    expect(standing.map(({ is }) => is)).toEqual(['taken', 'left-out']);
  });
});

describe('captions that led to nothing', () => {
  it('are told: what was said of something else, and what nobody understood', () => {
    const said = [
      'Starts first time.',
      'Nearside door, a dent',
      'below the handle.',
      '[music]',
      'Lovely day',
    ];
    const captions = said.map((text, i) => ({ text, startS: i * 3, endS: i * 3 + 2.9 }));
    const talk = toTalk(captions);
    expect(withoutDraft(captions, readTalk(talk, { style, speech })).map(({ text }) => text)).toEqual([
      'Starts first time.',
      '[music]',
      'Lovely day',
    ]);
  });
});

describe('a frame for what was said', () => {
  it('is looked for at its second and two seconds round it, within the film', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 900, noNaN: true }),
        fc.double({ min: 1, max: 900, noNaN: true }),
        (at, film) => {
          const times = frameTimes(at, film);
          for (const time of times) {
            expect(time).toBeGreaterThanOrEqual(0);
            expect(time).toBeLessThanOrEqual(film);
          }
          expect(new Set(times).size).toBe(times.length);
        },
      ),
    );
    expect(frameTimes(10, 60)).toEqual([10, 10.5, 9.5, 11, 9, 11.5, 8.5, 12, 8]);
    expect(frameTimes(62, 60)).toEqual([59.95]);
    // Words an hour off have no picture, and not the film's last one.
    expect(frameTimes(3_631, 60)).toEqual([]);
  });

  it('is the sharpest, and the nearer one of those about as sharp', () => {
    const frame = (atS: number, blurPx?: number) => ({ atS, blurPx });
    expect(bestFrame([frame(10, 1.4), frame(10.5, 0.6), frame(12, 0.5)], 10)?.atS).toBe(10.5);
    expect(bestFrame([frame(10, 0.5), frame(12, 0.45)], 10)?.atS).toBe(10);
    expect(bestFrame([frame(10), frame(11, 3)], 10)?.atS).toBe(11);
    expect(bestFrame([], 10)).toBeUndefined();
  });
});

describe('what was said against what is in the walk', () => {
  const walk = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));
  const of = (text: string, ...facts: Fact[]) => {
    const [draft] = read(text) as [Draft];
    const against = againstWalk(draft, walk(...facts), 'uk');
    return against && againstWalkWords(against);
  };
  const clear = (part: string): Fact => ({ kind: 'part-cleared', body: { part } });
  const dent = noted(1, 'door-fl');

  it.each<[string, string, Fact[], string]>([
    ['a fault twice', 'nearside front door has a dent', [dent], 'already, as 1'],
    ['clear where a dent was logged', 'nearside front door is clear', [dent], '1, dent. Which is right?'],
    ['a fault where the walk says clear', 'the roof has a dent', [clear('roof')], 'this part is clear'],
    [
      'a function that does not work',
      'the horn does not work',
      [{ kind: 'functions-tried', body: { functions: ['horn'], state: 'works' } }],
      'The walk says it works',
    ],
    [
      'another figure',
      'sixty one thousand miles exactly on the clock',
      [{ kind: 'odometer-read', body: { value: 47_100, unit: 'mi' } }],
      '47,100',
    ],
  ])('%s is shown', (_name, text, facts, says) => {
    expect(of(text, ...facts)).toContain(says);
  });

  it.each<[string, string, Fact[]]>([
    ['another fault on the same part', 'nearside front door has a scratch', [dent]],
    ['a fault elsewhere', 'the roof has a dent', [dent]],
    ['a denied fault where another was logged', 'no scratches on the nearside front door', [dent]],
  ])('%s is no contradiction', (_name, text, facts) => {
    expect(of(text, ...facts)).toBeUndefined();
  });
});
