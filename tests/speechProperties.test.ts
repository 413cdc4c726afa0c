import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readCaptions, toTalk } from '#core/captions';
import { bodyStyle, type SideSpeech } from '#core/car';
import { type Draft, readTalk } from '#core/speech';
import { readTalkFile } from './speech/corpus';
import { toldOf } from './speech/score';

const talkOf = async (text: string) => {
  const read = await readCaptions(text);
  return read.ok ? toTalk(read.captions) : [];
};
const gb: SideSpeech = { country: 'GB', steering: 'right' };
const us: SideSpeech = { country: 'US', steering: 'left' };
const style = bodyStyle('suv');

const read = (text: string | readonly string[], speech = gb): Draft[] =>
  readTalk(
    [text].flat().map((line) => ({ text: line })),
    { style, speech },
  );
/** What drafts come to, whatever words it was said in. */
const told = (drafts: readonly Draft[]): string[] => drafts.flatMap(toldOf).toSorted();

/** Statements that stand by themselves, as each vocabulary says them. */
const pairs = [
  ['offside front wing has a dent', 'passenger fender has a dent'],
  ['nearside rear door is fine', "driver's rear door is fine"],
  ['no kerbing on the nearside front wheel', 'no curb rash on the driver front wheel'],
  ['bonnet has three stone chips', 'hood has three rock chips'],
  ['windscreen has no cracks', 'windshield has no cracks'],
  ['nearside sill is scuffed', 'driver rocker panel is scuffed'],
  ['offside rear quarter has been painted', 'passenger quarter panel has been painted'],
  ['tailgate has a scratch, it should polish out', 'liftgate has a scratch, it should buff out'],
  ['air con blows cold', 'AC blows cold'],
  ['engine management light is on', 'check engine light is on'],
  ['two keys', 'two keys'],
  ['three previous owners', 'three previous owners'],
  ['rear bumper has a scuff', 'rear bumper has a scuff'],
  ['offside headlamp is misty', 'passenger headlight is misty'],
] as const;
const statement = fc.constantFrom(...pairs);

describe('talk', () => {
  it('means the same in either vocabulary, where the driver sits on the same side as the kerb', () => {
    // Nearside is the left in the UK; the driver sits on the left in the US.
    fc.assert(
      // Said twice, the same fault is one or two by how far they lie apart.
      fc.property(fc.uniqueArray(statement, { minLength: 1, maxLength: 8 }), (chosen) => {
        expect(told(read(chosen.map(([uk]) => uk)))).toEqual(
          told(
            read(
              chosen.map(([, american]) => american),
              us,
            ),
          ),
        );
      }),
      { numRuns: 80 },
    );
  });

  it('means the same in whatever order statements that stand by themselves are said', () => {
    const different = fc.uniqueArray(statement, { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(
        different.chain((chosen) =>
          fc.tuple(fc.constant(chosen), fc.shuffledSubarray(chosen, { minLength: chosen.length })),
        ),
        ([chosen, shuffled]) => {
          expect(told(read(shuffled.map(([uk]) => uk)))).toEqual(told(read(chosen.map(([uk]) => uk))));
        },
      ),
      { numRuns: 80 },
    );
  });

  it('changes sides when nearside and offside are exchanged', () => {
    const swap = (text: string) =>
      text.replaceAll(/nearside|offside/g, (word) => (word === 'nearside' ? 'offside' : 'nearside'));
    const mirror = (says: string) =>
      says.replaceAll(/(?<=-[fr]?)([lr])(?= |$)/g, (hand) => (hand === 'l' ? 'r' : 'l'));
    fc.assert(
      fc.property(fc.array(statement, { minLength: 1, maxLength: 8 }), (chosen) => {
        const lines = chosen.map(([uk]) => uk);
        expect(told(read(lines.map(swap)))).toEqual(told(read(lines)).map(mirror).toSorted());
      }),
      { numRuns: 80 },
    );
  });

  it('is not changed by words that only fill it', () => {
    const filler = fc.constantFrom(
      'um',
      'er',
      'you know',
      'obviously',
      'as you can see',
      'basically',
      'well',
    );
    fc.assert(
      fc.property(statement, filler, fc.nat({ max: 2 }), ([uk], fill, where) => {
        const line = [`${fill} ${uk}`, `${uk} ${fill}`, `${fill}, ${uk}`][where] ?? uk;
        expect(told(read(line))).toEqual(told(read(uk)));
      }),
    );
  });

  it('never makes a fault of one that “no” stands before', () => {
    const faulty = fc.constantFrom(
      'dents',
      'scratches',
      'chips',
      'rust',
      'scuffs',
      'cracks',
      'damage',
      'marks',
    );
    const parts = fc.constantFrom('offside front wing', 'bonnet', 'nearside rear door', 'roof', 'tailgate');
    fc.assert(
      fc.property(faulty, faulty, parts, fc.constantFrom(' ', ', '), (a, b, part, gap) => {
        for (const line of [
          `${part}${gap}no ${a}`,
          `no ${a} no ${b} on the ${part}`,
          `${part} has no ${a} or ${b}`,
        ])
          expect([line, read(line).filter(({ is }) => is === 'finding')]).toEqual([line, []]);
      }),
    );
  });

  it('takes any joining of statements without throwing, and nothing it asks has a part', () => {
    fc.assert(
      fc.property(
        fc.array(statement, { maxLength: 30 }),
        fc.constantFrom(' ', ', ', ' and ', '. '),
        (chosen, gap) => {
          const drafts = read(chosen.map(([uk]) => uk).join(gap));
          for (const draft of drafts)
            if (draft.is === 'clear' && draft.questions.length > 0) expect(draft.part).toBeUndefined();
        },
      ),
    );
  });
});

describe('what no car was ever told by', () => {
  it.each([
    ['nothing', ''],
    ['only numbers', '1 2 3 4 5 6 7 8 9 10 999999999999 -4 0.5 1/2 1/0'],
    ['another script', 'левая дверь поцарапана 左のドアに傷があります الباب الأيسر مخدوش'],
    ['signs', '!!! ??? … — – “” () [] {} <> / \\ | @ # $ % ^ & *'],
    ['profanity', 'bloody hell what the hell is that damn thing'],
    ['five thousand characters', 'scratch '.repeat(625)],
    ['one word of five thousand letters', 'a'.repeat(5000)],
    [
      'corrections against each other',
      'left no right no left sorry right no wait left i mean right door dent no scratch no dent',
    ],
  ])('comes to drafts all the same: %s', (_, text) => {
    for (const speech of [gb, us])
      for (const draft of read(text, speech)) {
        if (draft.is !== 'finding' || draft.sure === 'ask') continue;
        expect(style.parts.has(draft.part ?? '')).toBe(true);
        expect(draft.kind).toBeDefined();
      }
  });

  it('says nothing of a car where there is nothing of one in it', () => {
    for (const text of ['', 'hello there how are you', 'the weather is lovely today', '12 34 56'])
      expect([text, read(text)]).toEqual([text, []]);
  });
});

describe('captions', () => {
  const cue = (from: number, to: number, text: string) => {
    const at = (s: number) =>
      `00:${String(Math.floor(s / 60)).padStart(2, '0')}:${String(s % 60).padStart(2, '0')}.000`;
    return `${at(from)} --> ${at(to)}\n${text}\n`;
  };

  it('that are cut where the line is full mean what the talk means', async () => {
    const { lines, style: body, speech } = readTalkFile('build', 'uk-film-chatty.talk');
    const whole = readTalk(
      lines.map((text) => ({ text })),
      { style: body, speech },
    );
    const words = lines.join(' ').split(' ');
    const cues = Array.from({ length: Math.ceil(words.length / 8) }, (_, i) =>
      cue(i * 3, i * 3 + 3, words.slice(i * 8, i * 8 + 8).join(' ')),
    );
    const cut = readTalk(await talkOf(`WEBVTT\n\n${cues.join('\n')}`), { style: body, speech });
    expect(told(cut)).toEqual(told(whole));
  });

  it('shown twice while the next line is spoken are read once, without tags, music and speakers', async () => {
    const file = `WEBVTT

NOTE made by a machine

${cue(0, 2, '>> nearside front door')}
${cue(2, 4, 'nearside front door\n<c.loud>has a</c> dent [music]')}
${cue(4, 6, 'has a dent\n&amp; a scratch')}`;
    expect((await talkOf(file)).map(({ text, at }) => `${at} ${text}`)).toEqual([
      '0 nearside front door',
      '2 has a dent',
      '4 & a scratch',
    ]);
    expect(told(readTalk(await talkOf(file), { style, speech: gb }))).toEqual([
      'finding door-fl dent',
      'finding door-fl scratch',
    ]);
  });

  it('tell a pause where nothing is spoken for a while', async () => {
    const file = `WEBVTT\n\n${cue(0, 2, 'nearside front wing has')}\n${cue(2, 4, 'a dent in it')}\n${cue(9, 11, 'the roof')}`;
    expect((await talkOf(file)).map(({ isOn }) => isOn ?? false)).toEqual([false, true, false]);
  });
});
