import { describe, expect, it } from 'vitest';
import { idOf } from '../../../tests/builders/entries';
import { bodyStyle } from '../car';
import { planRoute, usualRoute } from '../route';
import { type AskedQuestion, newQuestionSchema, partAsked, secondLooks, waitedWords } from '.';

const route = planRoute(bodyStyle('hatch-5'), usualRoute);
const question = (n: number, about: AskedQuestion['about'], more: Partial<AskedQuestion> = {}) => ({
  id: idOf(n),
  text: 'What is it?',
  about,
  wantsLook: false,
  askedAt: `2026-03-14T10:0${n}:00.000Z`,
  isWorry: false,
  answers: [],
  from: '',
  ...more,
});
const findings = [{ id: idOf(0xf1), part: 'roof' }];
const photos = [
  { sha256: 'a'.repeat(64), part: 'door-rr' },
  { sha256: 'b'.repeat(64), finding: idOf(0xf1) },
  { sha256: 'c'.repeat(64) },
];

describe('second looks', () => {
  it('know the part one stands at to answer', () => {
    const partOf = (about: AskedQuestion['about']) => partAsked({ about }, findings, photos);
    expect(partOf({ part: 'sill-l' })).toBe('sill-l');
    expect(partOf({ finding: idOf(0xf1) })).toBe('roof');
    expect(partOf({ photo: 'a'.repeat(64) })).toBe('door-rr');
    expect(partOf({ photo: 'b'.repeat(64) })).toBe('roof');
    expect(partOf({ photo: 'c'.repeat(64) })).toBeUndefined();
    expect(partOf({})).toBeUndefined();
  });

  it('go in walk order, those about no part last, the answered not at all', () => {
    const [near, far] = [route[3]?.part as string, route[40]?.part as string];
    const answered = { answers: [{ says: 'No.', photos: [], at: '2026-03-14T11:00:00.000Z' }] };
    const order = secondLooks(
      [
        question(1, {}),
        question(2, { part: far }),
        question(3, { part: near }),
        question(4, { part: near }, { askedAt: '2026-03-14T09:00:00.000Z' }),
        question(5, { part: near }, answered),
      ],
      route,
      (each) => partAsked(each, findings, photos),
    ).map(({ id }) => id);
    expect(order).toEqual([4, 3, 2, 1].map(idOf));
  });

  it('tell how long they wait', () => {
    const now = new Date('2026-03-14T12:00:00Z');
    expect(waitedWords('2026-03-14T11:30:00.000Z', now)).toBe('less than an hour');
    expect(waitedWords('2026-03-14T11:00:00.000Z', now)).toBe('1 hour');
    expect(waitedWords('2026-03-13T11:00:00.000Z', now)).toBe('25 hours');
    expect(waitedWords('2026-03-10T11:00:00.000Z', now)).toBe('4 days');
    expect(waitedWords('2026-03-15T11:00:00.000Z', now)).toBe('less than an hour');
  });

  it('begin with a question of some words, not many', () => {
    const problem = (text: string) =>
      newQuestionSchema.safeParse({ id: idOf(1), text, about: {} }).error?.issues[0]?.message;
    expect(problem('Is it bent?')).toBeUndefined();
    expect(problem('  ')).toBe('Type what you want to know.');
    expect(problem('x'.repeat(501))).toContain('500 characters');
  });
});
