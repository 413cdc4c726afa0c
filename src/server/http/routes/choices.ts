import { z } from 'zod';
import { answerChoiceBody, chooseBody, sharedChoicesSchema, walkChoicesSchema } from '#core/api';
import { answerChoice, choicesOfReader, choicesOfWalk, choose } from '../../choices/choices';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import { linkOpener, tokenParams } from '../openLink';
import { type AnyRoute, route } from '../route';

/** What buyers choose to have put right at a price, and the yard's word on it. The report stays as it was signed. */
export function choiceRoutes(context: Context): AnyRoute[] {
  const { stores } = context;
  const { opened, admit, revisionOf } = linkOpener(context);
  return [
    route({
      method: 'get',
      path: '/api/shared/:token/choices',
      summary: 'What may be chosen at a price, and how what was chosen stands',
      needs: 'link',
      params: tokenParams,
      gives: sharedChoicesSchema,
      handle: ({ params }, request) => {
        const { share, report } = opened(request, params.token);
        return choicesOfReader(stores, revisionOf(report).report, share);
      },
    }),
    route({
      method: 'post',
      path: '/api/shared/:token/choices',
      summary: 'Say that something offered is wanted, or no longer; saying it again changes nothing',
      needs: 'link',
      params: tokenParams,
      admit,
      body: chooseBody,
      gives: sharedChoicesSchema,
      handle: ({ params, body }, request) => {
        const { share, report: id } = opened(request, params.token);
        const { report } = revisionOf(id);
        choose(context, report, share, body);
        context.live.tell(report.walk);
        return choicesOfReader(stores, report, share);
      },
    }),
    route({
      method: 'get',
      path: '/api/walks/:id/choices',
      summary: 'What buyers chose of what was offered to them',
      needs: 'send',
      params: z.object({ id: z.uuid('That is not a walk of this yard.') }),
      gives: walkChoicesSchema,
      handle: ({ params }) => {
        if (!stores.walks.get(params.id)) throw notFound('walk');
        return choicesOfWalk(stores, params.id);
      },
    }),
    route({
      method: 'post',
      path: '/api/choices/:id/answer',
      summary: 'Confirm what a buyer chose, which promises it, or decline it',
      needs: 'send',
      params: z.object({ id: z.uuid('That is no choice of a buyer.') }),
      body: answerChoiceBody,
      gives: walkChoicesSchema,
      handle: ({ params, body, by }) => {
        const walk = stores.choices.get(params.id)?.walk;
        answerChoice(context, params.id, body.answer, by);
        if (walk) context.live.tell(walk);
        return choicesOfWalk(stores, walk ?? '');
      },
    }),
  ];
}
