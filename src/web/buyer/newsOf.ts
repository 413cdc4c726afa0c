import type { Question } from '#core/questions';

/** What there is to say of the questions: one was asked here, or answers have come. */
export interface AskedNews {
  kind: 'asked' | 'answered';
  /** The question it leads to. */
  question: string;
  /** How many answers have come. */
  count: number;
}

/** Answers that were not there before, to any question of the page; undefined where there is none. */
export function answersSince(before: readonly Question[], now: readonly Question[]): AskedNews | undefined {
  const had = new Map(before.map(({ id, answers }) => [id, answers.length]));
  const answered = now.filter(({ id, answers }) => answers.length > (had.get(id) ?? 0));
  const [first] = answered;
  return first && { kind: 'answered', question: first.id, count: answered.length };
}

/** The question that was just asked: the one that was not there before. */
export function askedNow(before: readonly Question[], now: readonly Question[]): AskedNews | undefined {
  const had = new Set(before.map(({ id }) => id));
  const fresh = now.find(({ id }) => !had.has(id));
  return fresh && { kind: 'asked', question: fresh.id, count: 0 };
}
