import { describe, expect, it } from 'vitest';
import type { Question } from '#core/questions';
import { answersSince, askedNow } from './newsOf';

const question = (id: string, answers: number): Question =>
  ({
    id,
    text: 'Why?',
    answers: Array.from({ length: answers }, () => ({ at: '', says: 'So.', photos: [] })),
  }) as unknown as Question;

describe('what there is to say of the questions', () => {
  it('is that answers have come, counted, the first of them to go to', () => {
    const before = [question('a', 0), question('b', 1), question('c', 0)];
    expect(answersSince(before, [question('a', 1), question('b', 1), question('c', 1)])).toEqual({
      kind: 'answered',
      question: 'a',
      count: 2,
    });
    expect(answersSince(before, before)).toBeUndefined();
  });

  it('is which question was asked, whoever else asked meanwhile', () => {
    expect(askedNow([question('a', 0)], [question('a', 0), question('b', 0)])).toMatchObject({
      kind: 'asked',
      question: 'b',
    });
    expect(askedNow([question('a', 0)], [question('a', 0)])).toBeUndefined();
  });
});
