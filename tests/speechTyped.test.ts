import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyStyle, type SideSpeech } from '#core/car';
import { answered, askMessage, type FindingDraft, readTalk } from '#core/speech';
import { isOdd } from '#core/walk';
import { toldOfTyped, typedLines } from './speech/typed';

const gb: SideSpeech = { country: 'GB', steering: 'right' };
const us: SideSpeech = { country: 'US', steering: 'left' };
const hatch = bodyStyle('hatch-5');

const read = (text: string, speech = gb, here?: string) =>
  readTalk([{ text }], {
    style: speech === us ? bodyStyle('saloon') : hatch,
    speech,
    isTyped: true,
    ...(here !== undefined && { here }),
  });
const finding = (text: string, speech = gb, here?: string): FindingDraft | undefined =>
  read(text, speech, here).find((draft) => draft.is === 'finding');

describe('lines as a hand types them', () => {
  it.each(typedLines())('$line', ({ told, wanted }) => {
    expect(told).toBe(wanted);
  });

  it('are two hundred and more', () => {
    expect(new Set(typedLines().map(({ line }) => line)).size).toBeGreaterThan(200);
  });

  it('mean the part one stands at where none is named, and never against what was said', () => {
    expect(finding('scratch 40mm', gb, 'door-rl')).toMatchObject({ part: 'door-rl', kind: 'scratch' });
    expect(finding('door dent', gb, 'door-rr')).toMatchObject({ part: 'door-rr' });
    expect(finding('left rear door dent', gb, 'door-rr')).toMatchObject({ part: 'door-rl' });
  });

  it('keep what is not understood in the words and the order it was spoken', () => {
    expect(finding('left wing scratch 40mm from Mr Oakes’ shopping trolley')?.unheard).toEqual([
      'Mr',
      'Oakes’',
      'shopping',
      'trolley',
    ]);
  });

  it('are asked about in plain words, with the side words of the country', () => {
    const ask = (line: string, speech: SideSpeech, here?: string) => {
      const draft = finding(line, speech, here);
      return draft && askMessage(draft, hatch, speech);
    };
    expect(ask('wing dent', gb)).toBe('Which wing: nearside (left) or offside (right)?');
    expect(ask('fender dent', us)).toBe("Which fender: driver's side (left) or passenger side (right)?");
    expect(ask('left right wing dent', gb)).toBe('You said two places in a row: which one is it?');
    expect(ask('windscreen dent', gb)).toBe('Dent does not fit that part. Name another fault or part.');
    for (const { line, wanted } of typedLines())
      if (wanted.startsWith('ask') && ask(line, gb)) expect(ask(line, gb)?.length).toBeGreaterThan(10);
  });

  it('are answered by a part, or by a kind', () => {
    const open = finding('door dent 30mm') as FindingDraft;
    expect(open).toMatchObject({
      questions: ['which-side'],
      choices: ['door-fl', 'door-rl', 'door-fr', 'door-rr'],
    });
    expect(answered(open, { part: 'door-rr' }, hatch)).toMatchObject({
      part: 'door-rr',
      kind: 'dent',
      lengthMm: 30,
      questions: [],
      sure: 'said',
    });
    const mark = finding('mark on the roof') as FindingDraft;
    expect(mark).toMatchObject({ part: 'roof', questions: ['which-kind'], sure: 'ask' });
    expect(answered(mark, { kind: 'etching' }, hatch)).toMatchObject({ kind: 'etching', questions: [] });
  });
});

describe('a fault that is denied', () => {
  it.each([
    ['No chips on the grille', 'grille'],
    ['I find no scuffs on the boot lid', 'tailgate'],
    ['no dents', 'bonnet'],
    ['roof without any scratches', 'roof'],
    ["don't see any rust on the left sill", 'sill-l'],
    ['left sill free of rust', 'sill-l'],
    ['not a scratch on the roof', 'roof'],
    ['never a dent in this roof', 'roof'],
  ])('clears the part it was looked for on: %s', (line, part) => {
    expect(read(line, gb, 'bonnet')).toMatchObject([
      { is: 'clear', part, polarity: 'there-is-not', sure: 'likely' },
    ]);
  });

  it('is no correction: between two places or two faults “no” still is one', () => {
    const told = (line: string, speech = gb) => toldOfTyped(read(line, speech));
    expect(told('left, no, right rear door dent')).toBe('door-rr dent');
    expect(told('hood, no, roof scratch', us)).toBe('roof scratch');
  });

  it('never becomes one, in whatever words it stands', () => {
    const denial = fc.constantFrom(
      'no',
      'not any',
      'without',
      'free of',
      "don't see any",
      "I can't find any",
      'i find no',
      'no sign of',
      'no real evidence of',
      "haven't spotted any",
      'never had any',
      'neither has any',
    );
    const fault = fc.constantFrom(
      'chips',
      'scratches',
      'dents',
      'rust',
      'scuffs',
      'kerbing',
      'door dings',
      'cracks',
    );
    const part = fc.constantFrom('', 'on the roof', 'left front door', 'on the bonnet', 'both front wheels');
    fc.assert(
      fc.property(
        denial,
        fault,
        part,
        fc.constantFrom('', 'here', 'at all', 'that I can see', 'whatsoever'),
        fc.constantFrom(gb, us),
        (no, what, where, rest, speech) => {
          for (const line of [`${no} ${what} ${where} ${rest}`, `${where} ${no} ${what} ${rest}`]) {
            const drafts = read(line, speech, 'bonnet');
            expect([line, drafts.filter(({ is }) => is === 'finding')]).toEqual([line, []]);
          }
        },
      ),
      { numRuns: 500 },
    );
  });
});

describe('what is said besides', () => {
  it('“right here” is no side', () => {
    expect(finding('scratch right here on the hood', us)).toMatchObject({ part: 'bonnet', questions: [] });
    expect(finding('right rear door dent')).toMatchObject({ part: 'door-rr' });
    expect(finding('dent right front door')).toMatchObject({ part: 'door-fr' });
  });

  it('“3 spots” is no size, nor is a number of what nobody knows', () => {
    expect(finding('hood rust 3 spots', us)).toMatchObject({ count: 3 });
    expect(finding('hood scratch 3', us)).toMatchObject({ lengthMm: 76.2 });
  });

  it.each(['maybe polish out', 'might be polish', ', not sure polish it'])(
    'a doubt about the cure is none about the fault, and decides nothing: %s',
    (doubt) => {
      const said = finding(`bonnet scratch ${doubt}`);
      expect(said).toMatchObject({ part: 'bonnet', kind: 'scratch', suspected: false });
      expect(said?.cures).toBeUndefined();
    },
  );

  it.each([
    ['bonnet chips a few touch in', { amount: 'a-few', cures: [{ cure: 'touch-in' }] }],
    ['bonnet scratch should polish out', { cures: [{ cure: 'polish', sure: 'should' }] }],
    [
      'bonnet scratch touch in, may polish out',
      { cures: [{ cure: 'touch-in' }, { cure: 'polish', sure: 'may' }] },
    ],
    ['bonnet dent up to you', { decision: 'buyer-chooses' }],
    ["bonnet dent pdr we'll have that done", { cures: [{ cure: 'dent-removal' }], decision: 'promised' }],
    ['bonnet dent leave it', { decision: 'left' }],
  ])('%s: %o', (line, said) => {
    expect(finding(line)).toMatchObject({ questions: [], ...said });
  });

  it.each([
    ['bonnet scratch faint', { howBad: 'slight' }],
    ['bonnet scratch badly', { howBad: 'bad' }],
    // A light one or a deep one says nothing of lacquer or metal.
    ['bonnet light scratch', { howBad: 'slight' }],
    ['bonnet deep scratch', { howBad: 'bad' }],
    ['bonnet scratch to the metal', { severity: 'heavy' }],
    ['bonnet bad scratch, only in the lacquer', { severity: 'slight', howBad: 'bad' }],
    ['bonnet deep dent', { severity: 'heavy' }],
    ['sill bad rust', { howBad: 'bad' }],
    ['windscreen crack, hairline', { severity: 'slight' }],
  ])('how bad and how deep are two things: %s: %o', (line, said) => {
    const { howBad, severity, nail } = finding(line) ?? {};
    expect({ howBad, severity, nail }).toEqual(said);
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
        const style = speech === us ? bodyStyle('saloon') : hatch;
        for (const draft of read(words.join(' '), speech)) {
          if (draft.is !== 'finding' || draft.questions.length > 0) continue;
          const part = style.parts.get(draft.part ?? '');
          expect(part).toBeDefined();
          expect(draft.kind && part && !isOdd(draft.kind, part)).toBe(true);
          expect(draft.lengthMm ?? 1).toBeGreaterThan(0);
          expect(draft.count ?? 1).toBeGreaterThan(0);
        }
      }),
      { numRuns: 600 },
    );
  });

  it('takes any text a keyboard can make', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400, unit: 'binary' }), (text) => {
        expect(Array.isArray(read(text))).toBe(true);
      }),
    );
  });
});
