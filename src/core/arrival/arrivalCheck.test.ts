import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { filled } from '../../../tests/builders/arrival';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { composeReport } from '../report';
import type { Fact } from '../walk';
import { type ArrivalCheck, arrivalCheckSchema, filledCheckSchema, verdicts } from './arrivalCheckSchema';
import { composeCheck } from './composeCheck';
import { onTheWay } from './onTheWay';

const reportWith = (...facts: Fact[]) =>
  composeReport({
    id: idOf(0xd01),
    revision: 1,
    frozenAt: '2026-03-14T09:50:00.000Z',
    signedBy: 'Nell Harrick',
    yard: { name: 'Yard', place: '', phone: '' },
    car: testCar,
    walk: WALK,
    entries: entriesOf([begun, noted(1), ...facts]),
    photos: new Map(),
  });
const fingerprint = 'a'.repeat(64);
const report = reportWith({ kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } });
const signed = (more: Parameters<typeof filled>[1] = {}, of = report): ArrivalCheck => {
  const composed = composeCheck(filled(1, more), of, fingerprint);
  if (!composed.ok) throw new Error(composed.parts.join());
  return composed.check;
};
const answer = (part: string, verdict: (typeof verdicts)[number], note: string = verdict) => ({
  part,
  verdict,
  note,
  photos: [],
});

describe('a car held against its report', () => {
  it('has every part of the report in it, answered or not, with what was described', () => {
    const check = signed({
      answers: [answer('door-fl', 'different', 'A second dent'), answer('roof', 'as-described')],
    });
    expect(check.parts.map(({ part }) => part)).toEqual(report.parts.map(({ part }) => part));
    expect(check.parts.find(({ part }) => part === 'door-fl')).toMatchObject({
      described: '1. Dent',
      verdict: 'different',
      note: 'A second dent',
    });
    expect(check.statement).toContain('Ida Brenn (buyer) held');
    expect(check.statement).toContain('1 part new or different. 1 part as described.');
    expect(check.statement).toContain(`${report.parts.length - 2} parts not looked at`);
    expect(arrivalCheckSchema.parse(check)).toEqual(check);
  });

  it('gives the same document for the same answers, in whatever order they were given', () => {
    const given = fc.uniqueArray(fc.constantFrom(...report.parts.map(({ part }) => part)), { maxLength: 30 });
    fc.assert(
      fc.property(
        given,
        fc.array(fc.constantFrom(...verdicts), { minLength: 30, maxLength: 30 }),
        (parts, said) => {
          const answers = parts.map((part, i) => answer(part, said[i] ?? 'as-described'));
          expect(signed({ answers })).toEqual(signed({ answers: answers.toReversed() }));
          const count = (verdict: string) =>
            signed({ answers }).parts.filter((each) => each.verdict === verdict).length;
          expect([...verdicts, 'not-looked-at'].reduce((sum, verdict) => sum + count(verdict), 0)).toBe(
            report.parts.length,
          );
        },
      ),
      { numRuns: 30 },
    );
  });

  it('refuses parts the revision does not have', () => {
    expect(
      composeCheck(filled(1, { answers: [answer('wing', 'as-described')] }), report, fingerprint),
    ).toEqual({
      ok: false,
      code: 'unknown-parts',
      parts: ['wing'],
    });
  });

  it.each([
    [{ value: 48_213, unit: 'mi' as const }, 'as in the report'],
    [{ value: 48_300, unit: 'mi' as const }, '87 miles more than in the report'],
    [{ value: 48_200, unit: 'mi' as const }, '13 miles less than in the report'],
    // 48,213 miles are 77,591.3 km.
    [{ value: 77_591, unit: 'km' as const }, 'as in the report'],
    [{ value: 77_601, unit: 'km' as const }, '10 km more than in the report'],
  ])('holds the odometer %o against the report', (odometer, says) => {
    expect(signed({ odometer }).odometerSays).toContain(says);
  });

  it('says so when there is no figure to hold it against', () => {
    expect(signed({ odometer: { value: 5, unit: 'km' } }, reportWith()).odometerSays).toContain('no figure');
    expect(signed().odometerSays).toBe('Odometer not read.');
  });
});

describe('what is filled in', () => {
  const problem = (more: object) =>
    filledCheckSchema.safeParse({ ...filled(1), ...more }).error?.issues[0]?.message;
  it.each([
    [{ name: ' ' }, 'Type your name.'],
    [{ place: '' }, 'Say where the car is.'],
    [{ signature: [] }, 'Sign in the field with a finger.'],
    [
      { signature: Array(150).fill(Array(60).fill([0.5, 0.5])) },
      'The signature is too long. Clear it and sign again.',
    ],
    [{ answers: [answer('roof', 'different', '')] }, 'Say in a note what is different, or take a photo.'],
    [
      { answers: [answer('roof', 'as-described'), answer('roof', 'could-not-tell')] },
      'A part is answered twice. Keep one answer to each part.',
    ],
    [{ begunAt: '2026-03-14T10:30:00.000Z' }, 'It was signed before it was begun. Set the clock.'],
    [{ odometer: { value: 1.5, unit: 'mi' } }, 'Type the odometer as a whole number.'],
    [{ remarks: 'x'.repeat(1001) }, 'At most 1,000 characters.'],
  ])('%# is refused with what to change', (more, says) => expect(problem(more)).toBe(says));
});

describe('the journey between collection and arrival', () => {
  it('is told part by part: on the way, known before, or nobody can say', () => {
    const collection = signed({
      occasion: 'collection',
      answers: [
        answer('door-fl', 'as-described'),
        answer('roof', 'different', 'A scratch'),
        answer('bonnet', 'could-not-tell'),
      ],
    });
    const arrival = signed({
      answers: ['door-fl', 'roof', 'bonnet', 'sill-l'].map((part) => answer(part, 'different')),
    });
    const is = Object.fromEntries(onTheWay(collection, arrival).map(({ part, is }) => [part, is]));
    expect(is).toEqual({
      'door-fl': 'since-collection',
      roof: 'known-at-collection',
      bonnet: 'nobody-can-say',
      'sill-l': 'nobody-can-say',
    });
  });
});
