import { describe, expect, it } from 'vitest';
import { isFigureLine, parseFigure } from '.';

const read = (line: string, unit: 'mi' | 'km' = 'mi') => parseFigure(line, unit, '2026-03-14');

describe('an odometer figure somebody else wrote down', () => {
  it('is told from a service by its words', () => {
    expect(isFigureLine('54.2k 12/03/2024 certificate')).toBe(true);
    expect(isFigureLine('dash photo 61,020 01/02/2025')).toBe(true);
    expect(isFigureLine('31.2k 04/2023 stamp main dealer oil, inspection')).toBe(false);
  });

  it('needs its day and its distance, in any order', () => {
    expect(read('54.2k 12/03/2024 certificate')).toEqual({
      ok: true,
      figure: { day: '2024-03-12', value: 54_200, source: 'certificate' },
    });
    expect(read('photo 2025-02-01 61,020')).toMatchObject({
      figure: { day: '2025-02-01', value: 61_020, source: 'photo' },
    });
    expect(read('54.2k certificate')).toMatchObject({ ok: false, says: expect.stringContaining('both') });
    expect(read('certificate 12/03/2024')).toMatchObject({ ok: false });
  });

  it('turns the other unit into the car’s (mile 1,609.344 m exactly, NIST SP 811)', () => {
    expect(read('100,000 km 12/03/2024 certificate')).toMatchObject({ figure: { value: 62_137 } });
  });

  it('refuses days that cannot be, and asks about figures that are hardly distances', () => {
    expect(read('54k 31/02/2024 certificate')).toMatchObject({
      says: expect.stringContaining('no such day'),
    });
    expect(read('54k 12/03/2031 certificate')).toMatchObject({ ok: false });
    expect(read('54 12/03/2024 certificate')).toMatchObject({ says: expect.stringContaining('54k') });
  });
});
