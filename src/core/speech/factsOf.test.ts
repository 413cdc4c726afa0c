import { expect, it } from 'vitest';
import { bodyStyle } from '../car';
import { factsOf, isTakeable } from './factsOf';
import { readTalk } from './readTalk';

const style = bodyStyle('hatch-5');
const read = (text: string) =>
  readTalk([{ text }], { style, speech: { country: 'GB', steering: 'right' }, here: 'door-fl' });
let made = 0;
const taking = { style, newId: () => `id ${made++}` };
const facts = (text: string, more: Partial<Parameters<typeof factsOf>[1]> = {}) =>
  factsOf(read(text), { ...taking, ...more });

it('tells warning lamps as one answer, with those that were told before', () => {
  expect(facts('airbag light is on, abs light is on')).toEqual([
    { kind: 'lamps-noted', body: { on: ['airbag', 'anti-lock'] } },
  ]);
  expect(facts('airbag light is on', { lampsOn: ['engine'] })).toEqual([
    { kind: 'lamps-noted', body: { on: ['engine', 'airbag'] } },
  ]);
  expect(facts('no warning lights')).toEqual([{ kind: 'lamps-noted', body: { on: [] } }]);
});

it('takes paint that was read, and no figure that was only about so much', () => {
  expect(facts('roof reads 110 to 120 microns')).toEqual([
    { kind: 'paint-read', body: { part: 'roof', um: [110, 120], source: 'typed' } },
  ]);
  for (const about of ['roof reads about 200 microns', 'mileage just under thirty thousand']) {
    const [draft] = read(about);
    expect(draft?.sure).toBe('likely');
    expect(draft && isTakeable(draft, style)).toBe(false);
  }
});

it('says no more of a part than was denied: named faults, or large ones alone, clear nothing', () => {
  expect(read('no scratches on the bonnet')).toMatchObject([{ is: 'clear', absent: ['scratch'] }]);
  const notThere = (body: object) => [{ kind: 'not-there-noted', body }];
  expect(facts('no dents on the bonnet')).toEqual(notThere({ part: 'bonnet', kinds: ['dent'] }));
  expect(facts('no big dents on the bonnet')).toEqual(
    notThere({ part: 'bonnet', kinds: ['dent'], over: 'big' }),
  );
  expect(facts('no dents above ten mil on the bonnet')).toEqual(
    notThere({ part: 'bonnet', kinds: ['dent'], over: 10 }),
  );
  expect(facts('no dents bigger than 2 centimetres on the bonnet')).toEqual(
    notThere({ part: 'bonnet', kinds: ['dent'], over: 20 }),
  );
  expect(facts('no major damage on the roof')).toEqual(notThere({ part: 'roof', over: 'big' }));
  expect(facts('no other damage on the roof')).toEqual([{ kind: 'part-cleared', body: { part: 'roof' } }]);
});

it('takes what is sent later as something to follow, and nothing of what it shows', () => {
  expect(facts('I will send a photo of the service book later')).toEqual([
    {
      kind: 'to-follow-noted',
      body: {
        follow: expect.any(String),
        what: 'picture',
        says: 'I will send a photo of the service book later',
      },
    },
  ]);
  const [film, ...more] = facts('the video of the underside will follow. the bonnet is fine');
  expect(film).toMatchObject({
    kind: 'to-follow-noted',
    body: { what: 'film', says: 'the video of the underside will follow' },
  });
  expect(more).toEqual([{ kind: 'part-cleared', body: { part: 'bonnet' } }]);
  expect(facts('the service book is there')).toMatchObject([{ kind: 'item-counted' }]);
});

it('keeps that a size was only about so much', () => {
  const sizeOf = (text: string) => facts(text).map(({ body }) => 'details' in body && body.details);
  expect(sizeOf('dent about 40 mil on the bonnet')).toEqual([{ lengthMm: 40, isAbout: true }]);
  expect(sizeOf('scratch roughly 10 centimetres long on the bonnet')).toEqual([
    { lengthMm: 100, isAbout: true },
  ]);
  expect(sizeOf('dent 40 mil on the bonnet')).toEqual([{ lengthMm: 40 }]);
});

it('counts what comes with it, notes what is said to be fitted, and tells a story in its own words', () => {
  expect(facts("the jack is there but the spare's missing")).toEqual([
    { kind: 'item-counted', body: { item: 'jack', count: 1 } },
    { kind: 'item-counted', body: { item: 'spare-wheel', count: 0 } },
  ]);
  expect(facts("it's got sat nav and cruise control")).toEqual([
    { kind: 'equipment-noted', body: { item: 'navigation', standing: 'said' } },
    { kind: 'equipment-noted', body: { item: 'cruise', standing: 'said' } },
  ]);
  expect(facts("cambelt's been done at eighty thousand miles")).toMatchObject([
    { kind: 'story-told', body: { about: 'work-done', source: 'said' } },
  ]);
});

it('marks what is called the main thing to know as told first', () => {
  expect(facts('the main thing you need to know is the sunroof does not work')).toMatchObject([
    { kind: 'functions-tried', body: { functions: ['sunroof'], state: 'faulty' } },
    { kind: 'told-first', body: { about: { of: 'function', function: 'sunroof' } } },
  ]);
  const [fault, first] = facts("main thing to know, there's a dent in the tailgate");
  expect(fault).toMatchObject({ kind: 'finding-noted', body: { kind: 'dent', part: 'tailgate' } });
  expect(first).toEqual({
    kind: 'told-first',
    body: { about: { of: 'finding', finding: fault?.kind === 'finding-noted' && fault.body.finding } },
  });
});

it.each([
  'serviced at sixty thousand miles',
  'the next service is due at 72,000 miles',
  'new clutch five thousand miles ago',
  'tyres were replaced ten thousand miles back',
  'warranty runs to 100,000 miles',
  'brakes done about 8,000 miles ago',
])('a mileage that something was done at, or is due, is no odometer: %s', (line) => {
  expect(read(line).filter(({ is }) => is === 'figure')).toEqual([]);
});

it('keeps where it is and what nobody knew as a note, the latter where it is few words', () => {
  const note = (keepsWords: boolean) => {
    const [fact] = facts('dent just below the handle from a flibbet', { keepsWords });
    return fact?.kind === 'finding-noted' ? fact.body.details.note : undefined;
  };
  expect(note(true)).toBe('just below the handle flibbet');
  expect(note(false)).toBe('just below the handle');
});
