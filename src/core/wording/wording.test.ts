import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { escapeXml, isoDay, longDay, monthNamed, sentence, shortDay, utcMoment, withinSentence } from '.';

describe('a name at the start of a line and within one', () => {
  it.each([
    ['Dent, 40 mm across', 'dent, 40 mm across'],
    ['USB sockets', 'USB sockets'],
    ['12 V sockets', '12 V sockets'],
    ['Driver’s side fender', 'driver’s side fender'],
    ['Air-con blows cold', 'air-con blows cold'],
    ['', ''],
  ])('“%s” becomes “%s”', (large, small) => {
    expect(withinSentence(large)).toBe(small);
  });

  it('comes back from a sentence as it was, but for its first letter', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(sentence(text).slice(1)).toBe(text.slice(1));
        expect(withinSentence(text).slice(1)).toBe(text.slice(1));
        expect(sentence(sentence(text))).toBe(sentence(text));
      }),
    );
  });
});

describe('a day', () => {
  it('is told with its month in letters, the same for every reader', () => {
    expect(longDay('2026-03-04T23:59:59.999Z')).toBe('4 March 2026');
    expect(shortDay('2026-09-14')).toBe('14 Sep 2026');
    expect(isoDay('2026-03-04T23:59:59.999Z')).toBe('2026-03-04');
    expect(utcMoment('2026-03-04T07:08:59.999Z')).toBe('2026-03-04 07:08 UTC');
  });

  it('agrees with Intl (ECMA-402) on every day of forty years', () => {
    const long = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1995-01-01'), max: new Date('2035-12-31'), noInvalidDate: true }),
        (date) => {
          expect(longDay(date.toISOString())).toBe(long.format(date));
        },
      ),
    );
  });

  it('finds a month by the beginning of its name', () => {
    expect(['Jan', 'september', 'Sept', 'DEC'].map(monthNamed)).toEqual([1, 9, 9, 12]);
    expect(monthNamed('Smarch')).toBeUndefined();
  });
});

describe('text within XML', () => {
  it('is never taken for a tag or the end of an attribute', () => {
    expect(escapeXml('<b title="5 & 6">')).toBe('&lt;b title=&quot;5 &amp; 6&quot;&gt;');
    fc.assert(
      fc.property(fc.string(), (text) => {
        const back = escapeXml(text)
          .replaceAll('&lt;', '<')
          .replaceAll('&gt;', '>')
          .replaceAll('&quot;', '"')
          .replaceAll('&amp;', '&');
        expect(back).toBe(text);
        expect(escapeXml(text)).not.toMatch(/[<>"]/);
      }),
    );
  });
});
