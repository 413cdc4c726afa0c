import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkDigit, checkIdentity, identityMessage } from './identityNumber';

const character = fc.constantFrom(...'ABCDEFGHJKLMNPRSTUVWXYZ0123456789');
const identity = fc.array(character, { minLength: 17, maxLength: 17 }).map((list) => list.join(''));
const withDigit = (text: string) => text.slice(0, 8) + checkDigit(text) + text.slice(9);

describe('the check digit of an identity number', () => {
  // 49 CFR 565.15; the example in wide print, as reproduced in the trade handbook: check digit X.
  it('agrees with the worked example 1M8GDM9AXKP042788', () => {
    expect(checkDigit('1M8GDM9AXKP042788')).toBe('X');
    expect(checkIdentity('1M8GDM9AXKP042788', 'US')).toEqual({ status: 'ok' });
  });

  // Seventeen ones: every value is 1 and the weights sum to 89 = 8 × 11 + 1 (49 CFR 565.15 table IV, by hand).
  it('agrees with the sum worked by hand for seventeen ones', () => {
    expect(checkDigit('11111111111111111')).toBe('1');
  });

  it('catches every single wrong character whose value differs', () => {
    fc.assert(
      fc.property(identity.map(withDigit), fc.nat(16), character, (good, place, other) => {
        const bad = good.slice(0, place) + other + good.slice(place + 1);
        const sameValue = checkDigit(good.slice(0, 8) + good[8] + good.slice(9)) === checkDigit(bad);
        fc.pre(bad !== good && (place === 8 || !sameValue));
        expect(checkIdentity(bad, 'US').status).toBe('mismatch');
      }),
    );
  });

  it('locates a look-alike that was mistyped', () => {
    const check = checkIdentity('1M8GDM9AXKPO42788', 'US');
    expect(check).toEqual({ status: 'bad-characters', wrong: [{ place: 12, found: 'O', meant: '0' }] });
    const misread = checkIdentity('1MBGDM9AXKP042788', 'US');
    expect(misread.status === 'mismatch' && misread.slips).toContainEqual({
      place: 3,
      found: 'B',
      meant: '8',
    });
  });

  it('offers only slips after which the digit agrees', () => {
    fc.assert(
      fc.property(identity, (text) => {
        const check = checkIdentity(text, 'US');
        if (check.status !== 'mismatch') return;
        for (const { place, meant } of check.slips) {
          const mended = text.slice(0, place - 1) + meant + text.slice(place - 1 + meant.length);
          expect(checkIdentity(mended, 'US').status).toBe('ok');
        }
      }),
    );
  });

  it('is binding in North America and a warning elsewhere', () => {
    const severity = (country: 'US' | 'GB') => {
      const check = checkIdentity('1M8GDM9A1KP042788', country);
      return check.status === 'mismatch' ? check.severity : undefined;
    };
    expect(severity('US')).toBe('error');
    expect(severity('GB')).toBe('warning');
  });

  it('says how many characters there are while it is typed', () => {
    expect(identityMessage(checkIdentity('1m8 gdm', 'GB'))).toBe('6 of 17 characters.');
    expect(identityMessage(checkIdentity('1M8GDM9AXKP0427881', 'GB'))).toContain('18 characters');
  });
});
