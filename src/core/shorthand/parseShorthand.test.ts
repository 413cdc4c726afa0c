import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyStyle, type SideSpeech } from '../car';
import { isOdd } from '../walk';
import { askMessage } from './askMessage';
import { parseShorthand } from './parseShorthand';
import { asked, gbPhrases, importPhrases, usPhrases } from './phrases';

const gb: SideSpeech = { country: 'GB', steering: 'right' };
const us: SideSpeech = { country: 'US', steering: 'left' };
const hatch = bodyStyle('hatch-5');
const saloon = bodyStyle('saloon');

/** One line's meaning in the table's own notation, so that a difference is easy to read. */
function told(line: string, speech: SideSpeech, style = hatch): string {
  const { part, kind, details, suspected, questions } = parseShorthand(line, { style, speech });
  if (questions.length > 0) return `ask ${questions.map(({ code }) => code).join(' ')}`;
  const { count, lengthMm, widthMm, nail, feel, wipe, notice, cures, decision } = details;
  return [
    part,
    kind,
    count && `n${count}`,
    lengthMm && `l${lengthMm}`,
    widthMm && `w${widthMm}`,
    nail,
    feel,
    wipe,
    notice,
    cures?.map(({ cure }) => cure).join(' '),
    decision && (decision.is === 'left' ? 'leave' : decision.is),
    suspected && '?',
  ]
    .filter(Boolean)
    .join(' ');
}

const table = (text: string) =>
  text
    .split('\n')
    .filter((row) => row.includes('=>'))
    .map((row) => row.split('=>').map((half) => half.trim()) as [string, string]);

describe('a line of shorthand', () => {
  it.each(table(gbPhrases))('in the United Kingdom: %s', (line, meaning) => {
    expect(told(line, gb)).toBe(meaning);
  });

  it.each(table(usPhrases))('in the United States: %s', (line, meaning) => {
    expect(told(line, us, saloon)).toBe(meaning);
  });

  it.each(table(importPhrases))('with the wheel on the other side: %s', (line, meaning) => {
    expect(told(line, { country: 'GB', steering: 'left' })).toBe(meaning);
  });

  it.each(table(asked))('asks instead of guessing: %s', (line, code) => {
    expect(parseShorthand(line, { style: hatch, speech: gb }).questions.map((each) => each.code)).toContain(
      code,
    );
  });

  it('has 150 and more examples', () => {
    const all = [gbPhrases, usPhrases, importPhrases, asked].flatMap(table);
    expect(all.length).toBeGreaterThanOrEqual(150);
    expect(new Set(all.map(([line]) => line)).size).toBeGreaterThanOrEqual(150);
  });
});

describe('where one stands', () => {
  const at = (line: string, here: string) => parseShorthand(line, { style: hatch, speech: gb, here });

  it('is meant when no part is named', () => {
    expect(at('scratch 40mm', 'door-rl')).toMatchObject({ part: 'door-rl', kind: 'scratch', questions: [] });
  });

  it('settles a side that was left open, but never against what was said', () => {
    expect(at('door dent', 'door-rr')).toMatchObject({ part: 'door-rr', questions: [] });
    expect(at('left rear door dent', 'door-rr')).toMatchObject({ part: 'door-rl' });
    expect(at('wing dent', 'door-rr').questions).toEqual([{ code: 'which-side', kind: 'wing' }]);
  });

  it('is not taken for a side without a part', () => {
    expect(at('left scratch', 'door-rr').questions).toEqual([{ code: 'which-part' }]);
  });
});

describe('what is not understood', () => {
  it('is kept, word by word, and what was understood is shown', () => {
    const said = parseShorthand('left wing scratch 40mm from a shopping trolley', {
      style: hatch,
      speech: gb,
    });
    expect(said.leftOver).toEqual(['shopping', 'trolley']);
    expect(said.chips.map(({ slot, text }) => `${slot}: ${text}`)).toEqual([
      'place: left',
      'part: wing',
      'kind: scratch',
      'size: 40mm',
    ]);
  });

  it('is a plain question for a line that is far too long', () => {
    const said = parseShorthand('left wing scratch '.repeat(300), { style: hatch, speech: gb });
    expect(said.questions).toEqual([{ code: 'too-long', max: 300 }]);
    expect(said.part).toBeUndefined();
  });

  it('is asked in plain words, with the side words of the country', () => {
    const ask = (line: string, speech: SideSpeech) =>
      parseShorthand(line, { style: hatch, speech }).questions.map((question) =>
        askMessage(question, speech),
      );
    expect(ask('wing dent', gb)).toEqual(['Which wing: nearside (left) or offside (right)?']);
    expect(ask('fender dent', us)).toEqual(["Which fender: driver's side (left) or passenger side (right)?"]);
    expect(ask('left right wing dent', gb)).toEqual(['You said “left” and “right”: which side is it?']);
    expect(ask('windscreen dent', gb)).toEqual(['Dent does not fit that part. Name another fault or part.']);
    for (const [line] of table(asked))
      for (const text of ask(line, gb)) expect(text.length).toBeGreaterThan(10);
  });
});

describe('a fault that is denied', () => {
  const at = (line: string, speech: SideSpeech = gb, here = 'bonnet') =>
    parseShorthand(line, { style: speech === us ? saloon : hatch, speech, here });

  it.each([
    ['No chips on the grille', 'grille'],
    ['I find no scuffs on the boot lid', 'tailgate'],
    ['no dents', 'bonnet'],
    ['roof: chips none', 'roof'],
    ['roof without any scratches', 'roof'],
    ["don't see any rust on the left sill", 'sill-l'],
    ['left sill free of rust', 'sill-l'],
    ['not a scratch on the roof', 'roof'],
    ['nothing wrong, no scratch no dent', 'bonnet'],
    ['never a dent in this roof', 'roof'],
  ])('is none, and the part may be cleared: %s', (line, part) => {
    const said = at(line);
    expect(said.questions).toEqual([{ code: 'denied' }]);
    expect(said.part).toBe(part);
    expect(said.kind).toBeUndefined();
  });

  it('is not a correction: between two places or two faults “no” still is one', () => {
    expect(told('left, no, right rear door dent', gb)).toBe('door-rr dent');
    expect(told('bonnet scratch, no, dent', gb)).toBe('bonnet dent');
    expect(told('hood, no, roof scratch', us, saloon)).toBe('roof scratch');
  });

  it('leaves tests that say no what they are', () => {
    expect(told("bonnet scratch doesn't catch", gb)).toBe('bonnet scratch glides');
    expect(told('bonnet dent no edge', gb)).toBe('bonnet dent not-felt');
    expect(told('not sure bonnet dent', gb)).toBe('bonnet dent ?');
  });

  it('never becomes one, in whatever words it stands', () => {
    const denial = fc.constantFrom(
      'no',
      'not any',
      'without',
      'free of',
      "don't see any",
      'i find no',
      'no sign of',
      'found no',
    );
    const fault = fc.constantFrom('chips', 'scratches', 'dents', 'rust', 'scuffs');
    const part = fc.constantFrom('', 'on the roof', 'left front door', 'on the bonnet');
    fc.assert(
      fc.property(
        denial,
        fault,
        part,
        fc.constantFrom('', 'here', 'at all', 'that I can see'),
        (no, what, where, rest) => {
          for (const line of [`${no} ${what} ${where} ${rest}`, `${where} ${no} ${what} ${rest}`]) {
            const said = at(line);
            expect([line, said.kind, said.questions.length > 0]).toEqual([line, undefined, true]);
          }
        },
      ),
    );
  });
});

describe('what is said besides', () => {
  const at = (line: string, speech: SideSpeech = gb, here = 'bonnet') =>
    parseShorthand(line, { style: speech === us ? saloon : hatch, speech, here });

  it('“right here” is no side', () => {
    expect(at('scratch right here on the hood', us)).toMatchObject({
      part: 'bonnet',
      kind: 'scratch',
      questions: [],
    });
    expect(at('dent right next to the edge')).toMatchObject({ part: 'bonnet', kind: 'dent', questions: [] });
    expect(told('right rear door dent', gb)).toBe('door-rr dent');
    expect(told('dent right front door', gb)).toBe('door-fr dent');
  });

  it('“3 spots” is no size, nor is a number of what nobody knows', () => {
    expect(at('hood rust 3 spots', us).details).toEqual({ count: 3 });
    const said = at('hood scratch 3 zigs', us);
    expect(said.details).toEqual({});
    expect(said.leftOver).toEqual(['3', 'zigs']);
    expect(at('hood scratch 3', us).details).toEqual({ lengthMm: 76.2 });
  });

  it('a doubt about the cure is none about the fault, and decides nothing', () => {
    for (const line of [
      'bonnet scratch maybe polish out',
      'bonnet scratch might be polish',
      'bonnet scratch, not sure polish it',
    ]) {
      const said = at(line);
      expect([line, said.suspected, said.details.cures]).toEqual([line, false, undefined]);
      expect(said).toMatchObject({ part: 'bonnet', kind: 'scratch', questions: [] });
    }
    expect(at('bonnet scratch maybe polish out').leftOver).toEqual(['maybe', 'polish', 'out']);
    expect(at('bonnet scratch do not paint the panel').details.cures).toBeUndefined();
    expect(at('maybe a scratch on the bonnet polish')).toMatchObject({
      suspected: true,
      details: { cures: [{ cure: 'polish' }] },
    });
  });

  it('a line that denies says what was looked for, where the part is known', () => {
    expect(at('no kerbing on the nsf wheel')).toMatchObject({ part: 'wheel-fl', absent: ['no-kerbing'] });
    expect(at('no dents on the bonnet').absent).toEqual(['straight']);
    expect(at('no bubbling on the osr arch').absent).toEqual(['no-rust']);
  });

  it.each([
    ['bonnet chips a few touch in', { amount: 'a-few', cures: [{ cure: 'touch-in' }] }],
    ['bonnet scratch should polish out', { cures: [{ cure: 'polish', sure: 'should' }] }],
    [
      'bonnet scratch touch in, may polish out',
      { cures: [{ cure: 'touch-in' }, { cure: 'polish', sure: 'may' }] },
    ],
    [
      'nsf wheel kerbed most of the rim refurb',
      { amount: 'most-of-it', cures: [{ cure: 'wheel-refurbish' }] },
    ],
    ['bonnet dent up to you', { decision: { is: 'buyer-chooses' } }],
    [
      "bonnet dent pdr we'll have that done",
      { cures: [{ cure: 'dent-removal' }], decision: { is: 'promised' } },
    ],
    ['bonnet dent leave it', { decision: { is: 'left' } }],
    ['bonnet scratch faint', { severity: 'slight' }],
    ['bonnet scratch badly', { severity: 'heavy' }],
  ] as const)('%s: %o', (line, details) => {
    expect(at(line)).toMatchObject({ questions: [], details });
  });

  it('stays as it was spoken, and in order', () => {
    expect(at('Bonnet scratch, from Mr Oakes’ Trolley (again)').leftOver).toEqual([
      'Mr',
      'Oakes’',
      'Trolley',
      'again',
    ]);
  });
});

describe('any line at all', () => {
  const word = fc.constantFrom(
    ...'left right ns osr door wing bonnet bumper wheel scratch dent chips kerbing 3 40mm x5 30x20 1/2 in no sorry maybe catches leave polish zz driver rear front 9999999 -4 . , / by'.split(
      ' ',
    ),
  );

  it('never throws, and says only what fits the car', () => {
    fc.assert(
      fc.property(fc.array(word, { maxLength: 14 }), fc.constantFrom(gb, us), (words, speech) => {
        const said = parseShorthand(words.join(' '), { style: hatch, speech });
        if (said.questions.length > 0) return;
        const part = hatch.parts.get(said.part ?? '');
        expect(part).toBeDefined();
        expect(said.kind && part && !isOdd(said.kind, part)).toBe(true);
        expect(said.details.lengthMm ?? 1).toBeGreaterThan(0);
        expect(said.details.count ?? 1).toBeGreaterThan(0);
      }),
      { numRuns: 600 },
    );
  });

  it('takes any text a keyboard can make', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400, unit: 'binary' }), (text) => {
        const said = parseShorthand(text, { style: hatch, speech: gb });
        expect(Array.isArray(said.questions)).toBe(true);
      }),
    );
  });

  it('means the same in another order, where nothing is corrected', () => {
    const pieces = ['left front', 'door', 'dent', '42mm', 'across the bay', 'leave it'];
    fc.assert(
      fc.property(fc.shuffledSubarray(pieces, { minLength: pieces.length }), (order) => {
        const line = order.join(', ');
        expect(told(line, gb)).toBe('door-fl dent l42 across-the-bay leave');
      }),
    );
  });
});
