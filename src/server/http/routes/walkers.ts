import { z } from 'zod';
import { walkerRoutesSchema } from '#core/api';
import { mayDo } from '#core/people';
import { learnPace, paceSchema } from '#core/walk';
import type { Context } from '../../context';
import { notFound, Problem } from '../../problems';
import { type AnyRoute, route } from '../route';

/** A pace is learnt from so many of a person's latest walks. */
const WALKS_LEARNT_FROM = 20;

const idParams = z.object({ id: z.uuid('That is not a person of this yard.') });

const notTheirs = () =>
  new Problem(
    403,
    'not-yours',
    'Those are somebody else’s routes',
    'Everybody keeps their own routes. Copy one to yours.',
  );

/** What a person who walks keeps: routes of their own, and how fast they are. */
export function walkerRoutes({ stores }: Context): AnyRoute[] {
  const { people, walks } = stores;
  const known = (id: string) => {
    if (!people.get(id)) throw notFound('person');
    return id;
  };
  return [
    route({
      method: 'get',
      path: '/api/people/:id/routes',
      summary: 'Routes a person keeps, and the one their walks begin with',
      needs: 'look',
      params: idParams,
      gives: walkerRoutesSchema,
      handle: ({ params }) => people.routesOf(known(params.id)),
    }),
    route({
      method: 'put',
      path: '/api/people/:id/routes',
      summary: 'Keep these routes instead of the ones before',
      needs: 'walk',
      params: idParams,
      body: walkerRoutesSchema,
      gives: walkerRoutesSchema,
      handle: ({ params, body, by }) => {
        if (by.person !== params.id && !mayDo(by.role, 'people')) throw notTheirs();
        people.keepRoutes(known(params.id), body);
        return people.routesOf(params.id);
      },
    }),
    route({
      method: 'get',
      path: '/api/people/:id/pace',
      summary: 'How long a person takes at each kind of part, learnt from their past walks',
      needs: 'look',
      params: idParams,
      gives: paceSchema,
      handle: ({ params }) => learnPace(walks.lastWalksOf(known(params.id), WALKS_LEARNT_FROM)),
    }),
  ];
}
