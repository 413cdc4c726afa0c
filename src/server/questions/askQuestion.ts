import { styleOf } from '#core/car';
import { type AskedQuestion, MOST_OPEN, type NewQuestion, type Question } from '#core/questions';
import { picturesNamed, replay, type WalkState } from '#core/walk';
import { conflict, notFound, unprocessable } from '../problems';
import type { StoredQuestion } from '../store/questionStore';
import type { Stores } from '../store/stores';

/** All questions of a walk with their answers, for the yard. */
export function questionsOf(stores: Stores, walk: string): AskedQuestion[] {
  const asked = stores.questions.ofWalk(walk);
  if (asked.length === 0) return [];
  const { answers } = replay(walk, stores.walks.entriesOf(walk));
  return asked.map(({ id, text, about, wantsLook, askedAt, share, from }) => ({
    id,
    text,
    about,
    wantsLook,
    askedAt,
    isWorry: share === undefined,
    from,
    answers: (answers.get(id) ?? []).map(({ says, photos, at }) => ({ says, photos: [...photos], at })),
  }));
}

/** The same for readers: without who asked. */
export const withoutNames = (questions: readonly AskedQuestion[]): Question[] =>
  questions.map(({ from: _, ...question }) => question);

/**
 * Keeps a question; the same one again changes nothing. Throws a Problem for one about nothing on this car, and for too many at once.
 */
export function askQuestion(
  stores: Stores,
  question: NewQuestion,
  asked: Pick<StoredQuestion, 'walk' | 'share' | 'from' | 'askedAt'>,
): void {
  const before = stores.questions.get(question.id);
  if (before) {
    if (before.walk === asked.walk && before.text === question.text && before.share === asked.share) return;
    throw conflict('question-differs', 'That question is already here with other words. Ask a new one.');
  }
  const state = replay(asked.walk, stores.walks.entriesOf(asked.walk));
  if (!state.begun) throw notFound('walk');
  refuseUnknown(question, state);
  const open = stores.questions
    .ofWalk(asked.walk)
    .filter(({ id, share }) => share === asked.share && !state.answers.has(id));
  if (asked.share && open.length >= MOST_OPEN)
    throw unprocessable(
      'too-many-questions',
      `${MOST_OPEN} of your questions wait for an answer. Wait for some of them, or call the yard.`,
    );
  stores.questions.add(question, asked);
}

function refuseUnknown({ about }: NewQuestion, state: WalkState): void {
  const { begun } = state;
  const isOnCar = about.part === undefined || (begun && styleOf(begun).parts.has(about.part));
  const isNoted = about.finding === undefined || state.findings.some(({ id }) => id === about.finding);
  const isShown = about.photo === undefined || picturesNamed(state).has(about.photo);
  if (isOnCar && isNoted && isShown) return;
  throw unprocessable(
    'not-on-this-car',
    'What you ask about is not in this report any more. Ask without pointing at it, in your own words.',
  );
}
