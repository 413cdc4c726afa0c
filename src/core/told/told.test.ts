import { describe, expect, it } from 'vitest';
import { type Catalogue, englishOf, namesAs } from './catalogue';
import { inWords } from './inWords';
import { retell, settle } from './settle';
import { inside, listed, own, sayer, starting, type Told } from './text';
import { textSchema } from './textSchema';

const rooms = englishOf(namesAs('part', [['bonnet', 'bonnet', 'hood']]), {
  uk: {
    found: '{n, plural, one {# dent} other {# dents}} on the {part}',
    on: 'seen on {day}',
    for: 'for {price}',
  },
  us: {},
});
const say = sayer<string>();
const found = say('found', { n: 2, part: say('part.bonnet') });
/** Another language: words, order and plurals of its own. */
const german: Catalogue = {
  locale: 'de',
  conventions: 'de',
  joints: { comma: ', ', semicolon: '; ', inTurn: ', dann ', sentences: ' ' },
  messages: {
    found: 'auf der {part} {n, plural, one {eine Delle} other {# Dellen}}',
    'part.bonnet': 'Motorhaube',
    on: 'gesehen am {day}',
    for: 'für {price}',
  },
};

describe('a text', () => {
  it('is put into the words of whatever catalogue is asked', () => {
    expect(inWords(found, rooms.uk)).toBe('2 dents on the bonnet');
    expect(inWords(found, rooms.us)).toBe('2 dents on the hood');
    expect(inWords(starting(found), german)).toBe('Auf der Motorhaube 2 Dellen');
  });

  it('has days, sums and rows as its language has them', () => {
    const on = say('on', { day: { day: '2026-12-09' } });
    const price = say('for', { price: { money: 1200, currency: 'EUR' } });
    expect([on, price].map((each) => inWords(each, rooms.uk))).toEqual([
      'seen on 9 December 2026',
      'for €1,200',
    ]);
    expect([on, price].map((each) => inWords(each, german))).toEqual([
      'gesehen am 9. Dezember 2026',
      'für 1.200\u00a0€',
    ]);
    const row = listed('and', [own('a'), own('b'), undefined, own('c')]);
    expect(inWords(row, rooms.us)).toBe('a, b and c');
    expect(inWords(row, german)).toBe('a, b und c');
  });

  it('keeps what people wrote as they wrote it, but for the start of a line', () => {
    expect(inWords(own('iPhone dock {n}'), german)).toBe('iPhone dock {n}');
    expect(inWords(starting(own('dog guard')), german)).toBe('Dog guard');
    expect(inWords(inside(starting(own('dog guard'))), german)).toBe('dog guard');
  });

  it('cannot be glued into a string', () => {
    expect(() => `${found}, bad`).toThrow(/glued/);
    expect(() => ['a', found].join(', ')).toThrow(/glued/);
  });

  it('is refused in a catalogue that lacks its message or where a value is missing', () => {
    expect(() => inWords(say('other'), rooms.uk)).toThrow(/no message other/);
    expect(() => inWords(say('found', { n: 1 }), rooms.uk)).toThrow(/part/);
  });
});

describe('a document', () => {
  interface Document {
    title: string;
    rows: { id: number; says: string; 'a/b~c'?: string }[];
  }
  const told: Told<Document> = {
    title: 'Typed by hand',
    rows: [
      { id: 1, says: starting(found), 'a/b~c': found },
      { id: 2, says: own('as typed') },
    ],
  };

  it('is settled into words, and told anew in others from what it was told from', () => {
    const { inWords: document, messages } = settle<Document>(told, rooms.uk);
    expect(document.rows[0]).toEqual({
      id: 1,
      says: '2 dents on the bonnet',
      'a/b~c': '2 dents on the bonnet',
    });
    expect(Object.keys(messages)).toEqual(['/rows/0/says', '/rows/0/a~1b~0c', '/rows/1/says']);
    // As they come back from where they were kept.
    const kept = JSON.parse(JSON.stringify(messages)) as typeof messages;
    for (const text of Object.values(kept)) expect(textSchema.parse(text)).toEqual(text);
    expect(retell(document, kept, german)).toEqual({
      title: 'Typed by hand',
      rows: [
        { id: 1, says: 'Auf der Motorhaube 2 Dellen', 'a/b~c': 'auf der Motorhaube 2 Dellen' },
        { id: 2, says: 'as typed' },
      ],
    });
    expect(retell(document, kept, rooms.uk)).toEqual(document);
  });
});
