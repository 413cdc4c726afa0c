import { z } from 'zod';
import { questionsPageSchema } from '#core/api';
import { newQuestionSchema } from '#core/questions';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import { askQuestion, questionsOf } from '../../questions/askQuestion';
import { type AnyRoute, route } from '../route';

const idParams = z.object({ id: z.uuid('That is not a walk of this yard.') });
const worryBody = newQuestionSchema.extend({
  /** Who worries: a name or what the yard calls them. */
  from: z.string().trim().max(80, 'At most 80 characters.').default(''),
});

/** What was asked about a walk, for the yard. Answers are entries of its log. */
export function questionRoutes({ stores, live, now }: Context): AnyRoute[] {
  return [
    route({
      method: 'get',
      path: '/api/walks/:id/questions',
      summary: 'What buyers asked about a walk, with the answers',
      needs: 'look',
      params: idParams,
      gives: questionsPageSchema,
      handle: ({ params }) => {
        if (!stores.walks.get(params.id)) throw notFound('walk');
        return { questions: questionsOf(stores, params.id) };
      },
    }),
    route({
      method: 'post',
      path: '/api/walks/:id/questions',
      summary: 'Note what worries a buyer, for the walk to ask at that part and the report to answer first',
      needs: 'send',
      params: idParams,
      body: worryBody,
      status: 201,
      gives: questionsPageSchema,
      handle: ({ params, body: { from, ...question } }) => {
        askQuestion(stores, question, { walk: params.id, from, askedAt: now().toISOString() });
        live.tell(params.id);
        return { questions: questionsOf(stores, params.id) };
      },
    }),
  ];
}
