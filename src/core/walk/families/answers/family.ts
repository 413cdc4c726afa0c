import { familyOf } from '../family';
import type { answerBodies } from './bodies';

export const answers = familyOf<typeof answerBodies>()({
  empty: () => ({ answers: new Map() }),
  noters: {
    'question-answered': ({ state }, { body: { question, says, photos = [] }, at }) => {
      state.answers.set(question, [...(state.answers.get(question) ?? []), { says, photos, at }]);
    },
  },
  words: { 'question-answered': ({ says }) => `Answered: ${says}` },
});
