import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyStyle, type SideSpeech } from '../car';
import { type Draft, spokenFileSchema } from './drafts';
import { readTalk } from './readTalk';

const gb = { style: bodyStyle('hatch-5'), speech: { country: 'GB', steering: 'right' } as SideSpeech };
const us = { style: bodyStyle('saloon'), speech: { country: 'US', steering: 'left' } as SideSpeech };
const read = (text: string, context = gb) => readTalk([{ text }], context);
const told = (drafts: readonly Draft[]) =>
  drafts.map((draft) => {
    switch (draft.is) {
      case 'finding':
        return [
          draft.part ?? draft.questions[0],
          draft.kind,
          draft.count && `n${draft.count}`,
          draft.lengthMm && `l${draft.lengthMm}`,
        ]
          .filter(Boolean)
          .join(' ');
      case 'clear':
        return `clear ${draft.part}`;
      case 'tread':
      case 'paint':
        return `${draft.is} ${draft.part} ${draft.low}-${draft.high} ${draft.unit}`;
      case 'function':
        return `${draft.function} ${draft.works ? 'works' : 'fails'}`;
      case 'figure':
        return `${draft.of} ${draft.value}`;
      case 'lamp':
        return `lamp ${draft.lamp}`;
      default:
        return draft.is;
    }
  });

describe('what is said of a car', () => {
  it.each([
    ['nearside front door has two dents and a scratch forty mil', ['door-fl dent n2', 'door-fl scratch l40']],
    ['a scuff on the rear bumper', ['bumper-rear scuff']],
    ["driver's, sorry, passenger door, a dent", ['door-fl dent']],
    ['offside rear door, a dent just below the window', ['door-rr dent']],
    ['nearside wing: scratch above the wheel', ['wing-fl scratch']],
    ['both headlamps are hazy', ['headlamp-l haze', 'headlamp-r haze']],
    ['The bonnet and the roof have stone chips', ['bonnet stone-chip', 'roof stone-chip']],
    [
      'windows work, horn works, air con does not work',
      ['front-windows works', 'horn works', 'aircon-cold fails'],
    ],
    ['two keys and three keepers', ['keys 2', 'keepers 3']],
    ['ninety one thousand four hundred and seven on the clock', ['odometer 91407']],
    ['nearside front tyre five to six', ['tread tyre-fl 5-6 mm']],
    ['offside front wing reads one eighty three', ['paint wing-fr 183-183 um']],
  ])('%s', (text, wanted) => {
    expect(told(read(text))).toEqual(wanted);
  });

  it.each([
    'no dents on the bonnet',
    'the bonnet is free of stone chips',
    'roof, no scratches, no dents that I can find',
    'windscreen, I looked for chips and there are none',
    'nearside front wheel has no kerbing',
    'these rust in the arches but this one does not',
    'is that a scratch on the roof? No, it wipes off.',
  ])('denies, and drafts no fault: %s', (text) => {
    expect(read(text).filter(({ is }) => is === 'finding')).toEqual([]);
  });

  it('asks for a side nobody said, and never guesses one', () => {
    const [draft] = read('there is a dent in the door');
    expect(draft).toMatchObject({ is: 'finding', sure: 'ask', questions: ['which-side'] });
    expect(draft).not.toHaveProperty('part');
  });

  it('keeps a side in hand while the talk stays there, and drops it when one moves on', () => {
    expect(
      told(
        read(
          'Down the nearside. Front door has a dent. Rear door has a scratch. Round to the back. Tailgate is dented.',
        ),
      ),
    ).toEqual(['door-fl dent', 'door-rl scratch', 'tailgate dent']);
  });

  it('tells who decides and what would mend it, and a wish is no promise', () => {
    const [scuff] = read('Front bumper has a scuff, wants paint, up to you.');
    expect(scuff).toMatchObject({ cures: [{ cure: 'local-paint' }], decision: 'buyer-chooses' });
    const [chip] = read('Bonnet has chips, should polish out.');
    expect(chip).not.toHaveProperty('decision');
  });

  it('speaks the side words of the country', () => {
    expect(told(read("driver's front fender has a dent", us))).toEqual(['wing-fl dent']);
    expect(told(read("driver's front wing has a dent"))).toEqual(['wing-fr dent']);
  });
});

const sentences = [
  'Down the nearside.',
  'Front door has a dent.',
  'no scratches on the roof',
  'Tyre five mil',
  'two keys',
  'the other one is the same',
  'Both headlamps clear',
  'Is it bent? No.',
  'sorry, rear',
  'a hundred and ten',
  'air con works',
  'neither wheel is kerbed',
];

describe('whatever is said', () => {
  it('is read without failing, and comes out in the published shape', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.constantFrom(...sentences), fc.string()), { maxLength: 12 }),
        (said) => {
          const drafts = readTalk(
            said.map((text) => ({ text })),
            gb,
          );
          expect(spokenFileSchema.parse({ format: 'zelk-speech', version: 1, drafts }).drafts).toEqual(
            drafts,
          );
        },
      ),
      { numRuns: 200 },
    );
  });

  it('“no” before a fault never yields that fault', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('bonnet', 'roof', 'tailgate', 'nearside front door', 'offside front wing'),
        fc.constantFrom('dents', 'scratches', 'rust', 'stone chips', 'scuffs', 'swirls'),
        fc.constantFrom('no', 'free of', 'without any', "I don't see any", 'no sign of'),
        (part, fault, no) => {
          expect(read(`${part} ${no} ${fault}`).filter(({ is }) => is === 'finding')).toEqual([]);
          expect(read(`${no} ${fault} on the ${part}`).filter(({ is }) => is === 'finding')).toEqual([]);
        },
      ),
    );
  });

  it('swapping the sides swaps the parts', () => {
    const swapped = (text: string) =>
      text.replaceAll(/nearside|offside/g, (side) => (side === 'nearside' ? 'offside' : 'nearside'));
    const mirrored = (id: string) => id.replace(/([lr])(?= |$)/, (hand) => (hand === 'l' ? 'r' : 'l'));
    fc.assert(
      fc.property(
        fc.constantFrom(
          'front door',
          'rear door',
          'front wing',
          'rear quarter',
          'front wheel',
          'sill',
          'mirror',
        ),
        fc.constantFrom('has a dent', 'is scratched', 'has two scuffs', 'is clean', 'has no dents'),
        fc.constantFrom('nearside', 'offside'),
        (part, said, side) => {
          const text = `${side} ${part} ${said}`;
          expect(told(read(swapped(text)))).toEqual(
            told(read(text)).map((each) =>
              each
                .split(' ')
                .map((word) => (word.includes('-') ? mirrored(word) : word))
                .join(' '),
            ),
          );
        },
      ),
    );
  });

  it('words that say nothing change nothing', () => {
    const text = ['nearside front door has a dent forty mil', 'rear door is clean', 'tyre at five'];
    const filled = text.map((line) => `um ${line} you know`);
    const without = (drafts: readonly Draft[]) => told(drafts);
    expect(
      without(
        readTalk(
          filled.map((each) => ({ text: each })),
          gb,
        ),
      ),
    ).toEqual(
      without(
        readTalk(
          text.map((each) => ({ text: each })),
          gb,
        ),
      ),
    );
  });

  it('is nothing where nothing is said of a car', () => {
    for (const text of ['', '   ', '1 2 3 4', 'Машина в порядке', 'x'.repeat(5000), 'what a bloody day'])
      expect(read(text)).toEqual([]);
  });
});

describe('where on a part', () => {
  it.each([
    ['tailgate has got one small dent just left of the middle', 'just left of the middle'],
    ['nearside front door has a dent just below the handle', 'just below the handle'],
  ])('“%s” keeps the speaker’s words whole', (text, where) => {
    expect(read(text)).toMatchObject([{ is: 'finding', where }]);
  });
});
