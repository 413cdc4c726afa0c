import { practicePageSchema, practiceScoredSchema, practiceShareBody, practiceTeamSchema } from '#core/api';
import { seededRandom } from '#core/judge';
import {
  cardAfter,
  nextExercise,
  practiceAnswerSchema,
  practiceResults,
  scorePractice,
  skillOf,
} from '#core/practice';
import type { Context } from '../../context';
import { exercises } from '../../practice/exercises';
import { teamOf } from '../../practice/team';
import { conflict, notFound } from '../../problems';
import { type AnyRoute, route } from '../route';

/** The practice yard: everybody's own. */
export function practiceRoutes({ stores, now }: Context): AnyRoute[] {
  const { practice } = stores;
  const page = (person: string) => {
    const done = practice.done(person);
    const cards = practice.cards(person);
    const next = nextExercise(exercises, cards, done, now(), seededRandom(done.length + 1));
    return {
      exercises: exercises.length,
      ...(next && {
        next: {
          id: next.exercise.id,
          width: next.exercise.width,
          height: next.exercise.height,
          says: next.exercise.says,
          asksSide: next.exercise.truth.side !== undefined,
          why: next.why,
        },
      }),
      due: [...cards.values()].filter(({ due }) => due.getTime() <= now().getTime()).length,
      results: practiceResults(done),
      isShared: practice.shared().includes(person),
    };
  };
  return [
    route({
      method: 'get',
      path: '/api/practice',
      summary: 'What to look at next in the practice yard, and how one does',
      needs: 'look',
      gives: practicePageSchema,
      handle: ({ by }) => page(by.person),
    }),
    route({
      method: 'post',
      path: '/api/practice/answers',
      summary: 'Answer an exercise; told what was there. The same again changes nothing',
      needs: 'look',
      body: practiceAnswerSchema,
      gives: practiceScoredSchema,
      handle: ({ body, by }) => {
        const exercise = exercises.find(({ id }) => id === body.exercise);
        if (!exercise) throw notFound('exercise', 'Load the page again.');
        const { truth } = exercise;
        const skill = skillOf(truth);
        const before = practice.get(body.id);
        if (before && (before.person !== by.person || before.exercise !== body.exercise))
          throw conflict('id-taken', 'That id belongs to another answer. Make a new one.');
        const score = before?.score ?? scorePractice(truth, body);
        if (!before) {
          const card = cardAfter(practice.cards(by.person).get(skill), score, now());
          practice.add(
            { id: body.id, person: by.person, exercise: exercise.id, skill, at: now().toISOString(), score },
            card,
          );
        }
        const due = practice.cards(by.person).get(skill)?.due ?? now();
        return { truth, score, due: due.toISOString() };
      },
    }),
    route({
      method: 'put',
      path: '/api/practice/sharing',
      summary: 'Share one’s results with the managers, or no longer',
      needs: 'look',
      body: practiceShareBody,
      gives: practicePageSchema,
      handle: ({ body, by }) => {
        practice.setShared(by.person, body.isShared, now().toISOString());
        return page(by.person);
      },
    }),
    route({
      method: 'get',
      path: '/api/practice/team',
      summary: 'What people share of their practice, and how far two who walked the same cars agree',
      needs: 'people',
      gives: practiceTeamSchema,
      handle: () => teamOf(stores),
    }),
  ];
}
