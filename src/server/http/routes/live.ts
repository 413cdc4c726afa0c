import { z } from 'zod';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import { linkOpener, tokenParams } from '../openLink';
import { type AnyRoute, route } from '../route';

/** Streams that say when there is something new: questions, answers, revisions, checks. */
export function liveRoutes(context: Context): AnyRoute[] {
  const { stores, live } = context;
  const { opened, revisionsBeside } = linkOpener(context);
  return [
    route({
      method: 'get',
      path: '/api/shared/:token/live',
      summary: 'Server-sent events: `news` when there is something new behind this link',
      needs: 'link',
      params: tokenParams,
      gives: 'text/event-stream',
      handle: ({ params }, request, response) => {
        const { report } = opened(request, params.token);
        live.listen(revisionsBeside(report).sent.walk, response);
      },
    }),
    route({
      method: 'get',
      path: '/api/walks/:id/live',
      summary: 'Server-sent events: `news` when there is something new about a walk',
      needs: 'look',
      params: z.object({ id: z.uuid('That is not a walk of this yard.') }),
      gives: 'text/event-stream',
      handle: ({ params }, _request, response) => {
        const walk = stores.walks.get(params.id);
        if (!walk) throw notFound('walk');
        live.listen(params.id, response, walk.entries);
      },
    }),
  ];
}
