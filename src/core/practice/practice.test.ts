import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { begun, entriesOf, noted, WALK } from '../../../tests/builders/entries';
import { styleOf } from '../car';
import { replay } from '../walk';
import { cardAfter, type PracticeCard } from './cards';
import { nextExercise } from './choose';
import type { Exercise, PracticeAnswer, PracticeTruth, Skill } from './exercise';
import { agreementOf, yesNoTable } from './kappa';
import { practiceResults } from './results';
import { agreementByKind } from './sameCar';
import { type PracticeScore, scorePractice } from './score';

const scratch: PracticeTruth = {
  is: 'fault',
  kind: 'scratch',
  area: [
    [0.4, 0.4],
    [0.6, 0.4],
    [0.6, 0.6],
    [0.4, 0.6],
  ],
  sizeMm: 100,
  severity: 'plain',
  notice: 'one-step-back',
  side: 'left',
};
const mud: PracticeTruth = { is: 'dirt', dirt: 'mud', area: scratch.area ?? [] };
const nothing: PracticeTruth = { is: 'nothing' };
const answer = (marks: PracticeAnswer['marks'], more: Partial<PracticeAnswer> = {}): PracticeAnswer => ({
  id: '0c8f2a52-7d10-4c7b-9b6e-3a51d90e0101',
  exercise: 'p001',
  marks,
  ms: 9000,
  ...more,
});
const on = { x: 0.5, y: 0.5 };
const off = { x: 0.1, y: 0.1 };

describe('an answer', () => {
  it('that marks the fault has found it, with kind, size, how bad, distance and side', () => {
    const marks = [
      { at: on, is: 'fault', kind: 'scuff', sizeMm: 120, severity: 'heavy', notice: 'one-step-back' },
      { at: off, is: 'fault', kind: 'dent' },
    ] as const;
    expect(scorePractice(scratch, answer([...marks], { side: 'left' }))).toEqual({
      outcome: 'found',
      falseAlarms: ['dent'],
      isKindRight: true,
      isSeverityRight: false,
      isNoticeRight: true,
      isSideRight: true,
      sizeRatio: 1.2,
      ms: 9000,
    });
  });

  it('that misses it, takes it for dirt, or hits a finger’s breadth beside it', () => {
    expect(scorePractice(scratch, answer([])).outcome).toBe('missed');
    expect(scorePractice(scratch, answer([{ at: on, is: 'dirt' }])).outcome).toBe('taken-for-dirt');
    expect(scorePractice(scratch, answer([{ at: { x: 0.62, y: 0.5 }, is: 'fault' }])).outcome).toBe('found');
    expect(scorePractice(scratch, answer([{ at: { x: 0.7, y: 0.5 }, is: 'fault' }]))).toMatchObject({
      outcome: 'missed',
      falseAlarms: ['other'],
    });
  });

  it('of dirt or nothing is right where nothing is logged', () => {
    expect(scorePractice(mud, answer([])).outcome).toBe('left-alone');
    expect(scorePractice(mud, answer([{ at: on, is: 'dirt' }])).outcome).toBe('known-dirt');
    expect(scorePractice(mud, answer([{ at: on, is: 'fault', kind: 'scuff' }]))).toMatchObject({
      outcome: 'taken-for-fault',
      falseAlarms: ['scuff'],
    });
    expect(scorePractice(nothing, answer([])).outcome).toBe('left-alone');
    expect(scorePractice(nothing, answer([{ at: off, is: 'fault' }])).outcome).toBe('taken-for-fault');
  });

  it('counts as a false alarm whatever is logged where there is no fault, and nothing else', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            at: fc.record({
              x: fc.float({ min: 0, max: 1, noNaN: true }),
              y: fc.float({ min: 0, max: 1, noNaN: true }),
            }),
            is: fc.constantFrom('fault' as const, 'dirt' as const),
          }),
          { maxLength: 6 },
        ),
        (marks) => {
          const faults = marks.filter(({ is }) => is === 'fault').length;
          return (
            scorePractice(nothing, answer(marks)).falseAlarms.length === faults &&
            scorePractice(mud, answer(marks)).falseAlarms.length === faults &&
            scorePractice(scratch, answer(marks)).falseAlarms.length <= faults
          );
        },
      ),
    );
  });
});

describe('what comes round again', () => {
  const now = new Date('2026-03-14T09:00:00Z');
  const later = (days: number) => new Date(now.getTime() + days * 86_400_000);
  const right = scorePractice(scratch, answer([{ at: on, is: 'fault', kind: 'scratch' }]));
  const wrong = scorePractice(scratch, answer([]));

  it('is what went wrong soon, what went well later and later', () => {
    const once = cardAfter(undefined, right, now);
    const twice = cardAfter(once, right, once.due);
    const failed = cardAfter(twice, wrong, twice.due);
    expect(twice.due.getTime() - once.due.getTime()).toBeGreaterThan(once.due.getTime() - now.getTime());
    expect(failed.due.getTime() - twice.due.getTime()).toBeLessThan(86_400_000);
    expect(failed.lapses).toBe(1);
  });

  it('is what is due, then what is new, then what is due soonest; of a kind the picture seen least', () => {
    const exercises: Exercise[] = ['a', 'b', 'c'].map((id) => ({
      id,
      width: 4,
      height: 3,
      says: '',
      truth: id === 'c' ? mud : scratch,
    }));
    const none = new Map<Skill, PracticeCard>();
    const at = now.toISOString();
    const first = nextExercise(exercises, none, [], now, () => 0);
    expect(first).toMatchObject({ why: 'new' });
    const cards = new Map<Skill, PracticeCard>([['scratch', cardAfter(undefined, wrong, now)]]);
    expect(nextExercise(exercises, cards, [{ exercise: 'a', at }], later(2), () => 0)).toMatchObject({
      why: 'due',
      exercise: { id: 'b' },
    });
    expect(nextExercise(exercises, cards, [{ exercise: 'a', at }], now, () => 0)).toMatchObject({
      why: 'new',
      exercise: { id: 'c' },
    });
    const all = new Map<Skill, PracticeCard>([...cards, ['dirt', cardAfter(undefined, right, now)]]);
    expect(nextExercise(exercises, all, [], now, () => 0)).toMatchObject({ why: 'ahead' });
    expect(nextExercise([], none, [], now, () => 0)).toBeUndefined();
  });
});

describe('results', () => {
  it('tell every share with its interval, and sizes with theirs', () => {
    const found = (sizeRatio: number): PracticeScore => ({
      outcome: 'found',
      falseAlarms: [],
      isKindRight: true,
      sizeRatio,
      ms: 5000,
    });
    const { skills, falseAlarms } = practiceResults([
      { skill: 'scratch', score: found(1.1) },
      { skill: 'scratch', score: found(1.2) },
      { skill: 'scratch', score: found(1.3) },
      { skill: 'scratch', score: { outcome: 'missed', falseAlarms: ['dent'], ms: 20_000 } },
    ]);
    expect(skills[0]).toMatchObject({
      skill: 'scratch',
      seen: { met: 3, of: 4 },
      kind: { met: 3, of: 3 },
      middleMs: 5000,
    });
    // By hand: logarithms 0.0953, 0.1823, 0.2624, mean 0.1800, standard deviation 0.0836; t of 2 degrees is 4.303, so ± 0.2076.
    expect(skills[0]?.size?.ratio).toBeCloseTo(Math.exp(0.18), 3);
    expect(skills[0]?.size?.low).toBeCloseTo(Math.exp(0.18 - 0.2076), 3);
    expect(skills[0]?.size?.high).toBeCloseTo(Math.exp(0.18 + 0.2076), 3);
    expect(falseAlarms).toMatchObject({ count: 1, byKind: [{ kind: 'dent', count: 1 }] });
    expect(practiceResults([]).falseAlarms.pictures).toMatchObject({ met: 0, of: 0, low: 0, high: 1 });
  });

  it('is not certain of sizes that happen to be alike, and knows Student’s points of more answers than the table holds', () => {
    const sized = (ratios: readonly number[]) =>
      practiceResults(
        ratios.map((sizeRatio) => ({
          skill: 'dent' as const,
          score: { outcome: 'found', falseAlarms: [], sizeRatio, ms: 5000 },
        })),
      ).skills[0]?.size;
    expect(sized([1, 1, 1])?.high).toBeGreaterThan(1.1);
    // Two-sided 95 % points of 40 and 120 degrees (NIST, table 1.3.6.7.2): 2.021 and 1.980.
    for (const [of, point] of [
      [41, 2.021],
      [121, 1.98],
    ] as const) {
      const ratios = Array.from({ length: of }, (_, i) => Math.exp(i === 0 ? 0 : i % 2 === 0 ? 0.2 : -0.2));
      const { high = 0, ratio = 1 } = sized(ratios) ?? {};
      expect((Math.log(high / ratio) * Math.sqrt(of)) / 0.2).toBeCloseTo(point, 2);
    }
  });
});

describe('agreement beyond chance', () => {
  it('is that of published examples', () => {
    // Altman, Practical Statistics for Medical Research (1991), section 14.3, two radiologists on 85 mammograms, from memory: kappa 0.47.
    const mammograms = agreementOf([
      [21, 12, 0, 0],
      [4, 17, 1, 0],
      [3, 9, 15, 2],
      [0, 0, 0, 1],
    ]);
    expect(mammograms?.kappa).toBeCloseTo(0.47, 2);
    expect(mammograms?.same).toBeCloseTo(54 / 85, 9);
    // Fleiss, Levin and Paik, Statistical Methods for Rates and Proportions (3rd ed.), table 18.1, diagnoses of 100 subjects by two raters, from memory: kappa 0.68, standard error 0.087.
    const diagnoses = agreementOf([
      [75, 1, 4],
      [5, 4, 1],
      [0, 0, 10],
    ]);
    expect(diagnoses?.kappa).toBeCloseTo(0.68, 2);
    expect(((diagnoses?.high ?? 0) - (diagnoses?.low ?? 0)) / 2 / 1.96).toBeCloseTo(0.087, 2);
    // By hand: 20, 5, 10 and 15 of 50 agree on 0.7, by chance on 0.5, so 0.4.
    expect(
      agreementOf([
        [20, 5],
        [10, 15],
      ])?.kappa,
    ).toBeCloseTo(0.4, 9);
  });

  it('is nothing where one of them said one thing of everything', () => {
    expect(agreementOf([])).toBeUndefined();
    expect(
      agreementOf(
        yesNoTable([
          [true, false],
          [false, false],
        ]),
      ),
    ).toBeUndefined();
    expect(
      agreementOf(
        yesNoTable([
          [true, true],
          [false, false],
        ]),
      )?.kappa,
    ).toBe(1);
  });

  it('is told of two who walked the same car, kind by kind, over parts both looked at', () => {
    const style = styleOf({ bodyStyle: 'hatch-5' });
    const parts = [...style.parts.keys()].filter((part) =>
      /^(door|wing|quarter|bonnet|roof|tailgate)/.test(part),
    );
    const walked = (chips: readonly string[]) =>
      replay(
        WALK,
        entriesOf([
          begun,
          ...parts.map((part) => ({ kind: 'part-cleared', body: { part } }) as const),
          ...chips.map((part, i) => noted(i + 1, part)),
        ]),
      );
    const [one, other] = [
      walked(['bonnet', 'door-fl', 'door-rr', 'roof']),
      walked(['bonnet', 'door-fl', 'wing-fl']),
    ];
    const [kind] = agreementByKind([{ style, one, other }]);
    expect(kind).toMatchObject({ onlyOne: 2, onlyOther: 1 });
    expect(kind?.agreement?.kappa).toBeGreaterThan(0);
    expect(kind?.agreement?.kappa).toBeLessThan(1);
  });
});
