import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { paintProblemMessage, parsePaint, speakPaint, UM_PER_MIL } from '.';

describe('paint readings as typed', () => {
  it.each([
    ['118 122 115', 'um', [118, 122, 115], 'um'],
    // The inch of 1959 (NIST SP 811): 1 mil = 25.4 µm. By hand: 127, 139.7, 114.3.
    ['5 5.5 4.5', 'mil', [127, 139.7, 114.3], 'mil'],
    ['5 5.5 4.5', 'um', [127, 139.7, 114.3], 'mil'],
    ['118 µm', 'mil', [118], 'um'],
    ['118,5 122', 'um', [118.5, 122], 'um'],
    ['118, 122, 115', 'um', [118, 122, 115], 'um'],
    ['118/122', 'um', [118, 122], 'um'],
    ['4.6mil', 'um', [116.8], 'mil'],
    ['130 140', 'mil', [130, 140], 'um'],
    ['25 mil', 'mil', [635], 'mil'],
    // A thousandth of an inch is a thou to many.
    ['5 thou', 'um', [127], 'mil'],
    ['5 5.5 thou', 'mil', [127, 139.7], 'mil'],
  ] as const)('“%s” with %s', (text, unit, um, taken) => {
    expect(parsePaint(text, unit)).toEqual({ ok: true, um, unit: taken });
  });

  it.each([
    ['', 'empty'],
    ['um', 'not-a-reading'],
    ['thick', 'not-a-reading'],
    ['118 x', 'not-a-reading'],
    ['0', 'not-more-than-0'],
    ['118 -4', 'not-more-than-0'],
    ['6000', 'too-thick'],
    ['118 5', 'mixed'],
    ['118 um 5 mil', 'mixed'],
  ] as const)('“%s” is %s', (text, problem) => {
    const reading = parsePaint(text, 'um');
    expect(reading).toEqual({ ok: false, problem });
    expect(paintProblemMessage(problem).length).toBeGreaterThan(20);
  });

  it('come back from how they are spoken, within what is spoken', () => {
    fc.assert(
      fc.property(fc.integer({ min: 40, max: 1500 }), fc.constantFrom('um', 'mil'), (um, unit) => {
        const reading = parsePaint(speakPaint(um, unit), unit);
        expect(reading.ok && Math.abs((reading.um[0] as number) - um)).toBeLessThanOrEqual(
          0.05 * UM_PER_MIL + 0.05,
        );
      }),
    );
  });
});
