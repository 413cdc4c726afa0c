import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { captionIssueWords, captionNoteWords } from './captionWords';
import { MOST_CAPTIONS, readCaptions } from './readCaptions';
import { shiftsFor } from './shifts';
import { toTalk } from './toTalk';

const read = async (text: string) => {
  const told = await readCaptions(text);
  if (!told.ok) throw new Error(captionIssueWords(told.issue));
  return told;
};
const talk = async (text: string) => toTalk((await read(text)).captions);
const issueOf = async (text: string) => {
  const told = await readCaptions(text);
  return told.ok ? 'taken' : told.issue.code;
};

/** The same two statements in every form they come in. */
const forms: [string, string, string][] = [
  [
    'WebVTT',
    'webvtt',
    'WEBVTT\n\nNOTE made by a machine\n\n1\n00:00:01.500 --> 00:00:04.000 align:start\nnearside <b>front</b> door\n\n00:01:04.000 --> 00:01:05.000\nhas a dent\n',
  ],
  [
    'SubRip with Windows line ends and a byte order mark',
    'subrip',
    '\uFEFF1\r\n00:00:01,500 --> 00:00:04,000\r\nnearside front door\r\n\r\n2\r\n00:01:04,000 --> 00:01:05,000\r\nhas a dent\r\n',
  ],
  [
    'JSON with segments',
    'json',
    JSON.stringify({
      language: 'en',
      segments: [
        { id: 0, start: 1.5, end: 4, text: ' nearside front door' },
        { id: 1, start: 64, end: 65, text: ' has a dent' },
      ],
    }),
  ],
  [
    'JSON with chunks',
    'json',
    JSON.stringify({
      chunks: [
        { timestamp: [1.5, 4], text: 'nearside front door' },
        { timestamp: [64, null], text: 'has a dent' },
      ],
    }),
  ],
  ['a text with times', 'timed-text', '[0:01.5] nearside front door\n[1:04] has a dent'],
  ['a text with times on lines of their own', 'timed-text', '0:01.5\nnearside front door\n1:04\nhas a dent'],
];

describe('captions', () => {
  it.each(forms)('of %s are read', async (_name, format, file) => {
    const told = await read(file);
    expect(told.format).toBe(format);
    expect(told.notes).toEqual([]);
    expect(toTalk(told.captions)).toEqual([
      { text: 'nearside front door', at: 1.5 },
      { text: 'has a dent', at: 64 },
    ]);
  });

  it('of JSON begin anew where its words pause', async () => {
    const word = (said: string, start: number) => ({ word: said, start, end: start + 0.3 });
    const words = [word('front', 1), word('door', 1.4), word('clear', 4), word('now', 4.4)];
    const file = JSON.stringify([{ start: 1, end: 5, text: 'front door clear now', words }]);
    expect(await talk(file)).toEqual([
      { text: 'front door', at: 1 },
      { text: 'clear now', at: 4 },
    ]);
  });

  it('of a plain text are its lines, without times', async () => {
    const told = await read('nearside front door\nhas a dent');
    expect(told.notes.map(captionNoteWords).join()).toContain('no times');
    expect(toTalk(told.captions)).toEqual([{ text: 'nearside front door' }, { text: 'has a dent' }]);
  });

  it('out of order are put in order, and it is said', async () => {
    const told = await read('[1:04] has a dent\n[0:01] nearside front door');
    expect(told.captions.map(({ startS }) => startS)).toEqual([1, 64]);
    expect(told.notes).toEqual([{ code: 'put-in-order', count: 1 }]);
  });

  it('whose times are damaged stay where they stood', async () => {
    const file =
      'WEBVTT\n\n00:01.000 --> 00:02.000\none\n\n00:99:99 --> bad\ntwo\n\n00:05.000 --> 00:06.000\nthree\n';
    const told = await read(file);
    expect(told.captions.map(({ text }) => text)).toEqual(['one', 'two', 'three']);
    expect(told.notes).toEqual([{ code: 'time-unreadable', count: 1 }]);
  });

  it('are counted where they overlap', async () => {
    const told = await read('WEBVTT\n\n00:01.000 --> 00:04.000\none\n\n00:02.000 --> 00:05.000\ntwo\n');
    expect(told.notes).toEqual([{ code: 'overlaps', count: 1 }]);
  });

  it.each<[string, string, string]>([
    ['nothing', '  \n', 'empty'],
    ['a head alone', 'WEBVTT - made by a machine\n\n', 'empty'],
    ['only times', 'WEBVTT\n\n00:01.000 --> 00:04.000\n[music]\n', 'no-words'],
    ['a film', '\0\0\0 ftypisom', 'not-text'],
    ['JSON that was cut', '{"segments":[{"start":1', 'json-broken'],
    ['JSON of something else', '{"cars":[1,2]}', 'json-unknown'],
    ['a million lines', 'a line\n'.repeat(1_000_000), 'too-long'],
    ['too many captions', '00:01.000 --> 00:02.000\nx\n\n'.repeat(MOST_CAPTIONS + 1), 'too-long'],
    [
      'a book',
      Array.from({ length: 2_000 }, (_, i) => `${i} ${'word '.repeat(30)}`).join('\n'),
      'too-many-words',
    ],
  ])('of %s are refused in words', async (_name, file, code) => {
    expect(await issueOf(file)).toBe(code);
    const told = await readCaptions(file);
    expect(told.ok ? '' : captionIssueWords(told.issue)).toMatch(/\. |\.$/);
  });

  it('of any text never throw, and never lose a word between times', async () => {
    const line = fc.array(fc.constantFrom('door', 'dent', 'clear', 'roof'), { minLength: 1, maxLength: 6 });
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(9_000), line), { minLength: 1, maxLength: 40 }),
        async (said) => {
          const stamp = (s: number) =>
            `${String(Math.floor(s / 3600)).padStart(2, '0')}:${String(Math.floor(s / 60) % 60).padStart(2, '0')}:${String(s % 60).padStart(2, '0')}.000`;
          const file = said.map(([at, words]) => `${stamp(at)} --> ${stamp(at + 2)}\n${words.join(' ')}\n`);
          const told = await read(`WEBVTT\n\n${file.join('\n')}`);
          const sorted = said.toSorted((a, b) => a[0] - b[0]);
          expect(told.captions.map(({ text, startS }) => [startS, text])).toEqual(
            sorted.map(([at, words]) => [at, words.join(' ')]),
          );
        },
      ),
      { numRuns: 40 },
    );
    await fc.assert(fc.asyncProperty(fc.string(), async (text) => void (await readCaptions(text))));
  });
});

describe('captions beside a film', () => {
  const captions = (first: number, last: number) => [
    { text: 'a', startS: first, endS: first + 2 },
    { text: 'b', startS: last, endS: last + 2 },
  ];
  it('that fit are left as they are', () => {
    expect(shiftsFor(captions(1, 90), 95)).toEqual([]);
    expect(shiftsFor([{ text: 'no times' }], 95)).toEqual([]);
  });
  it('an hour off, as film clocks count, are offered an hour back first', () => {
    expect(shiftsFor(captions(3600.5, 3690), 95)).toEqual([
      { byS: -3600, because: 'whole-hours' },
      { byS: -3597, because: 'last-at-end' },
    ]);
  });
  it('that belong to a longer film cannot be shifted to fit', () => {
    expect(shiftsFor(captions(0, 900), 95)).toEqual([]);
  });
});
