import { typicalPageSchema, weakSpotsPageSchema } from '#core/api';
import { checkSpots, ENOUGH_WALKS, typicalFindings, weakSpotListSchema } from '#core/weakSpots';
import type { Context } from '../../context';
import { bringFacts } from '../../judging/learned';
import { witnessed } from '../../people/witnessed';
import { badRequest } from '../../problems';
import { type AnyRoute, route } from '../route';

const LIMIT = 1024 * 1024;

/** What such cars are known for. */
export function weakSpotRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;
  return [
    route({
      method: 'get',
      path: '/api/weak-spots',
      summary: 'What such cars are known for: where to look, how, and what to say when it is fine',
      needs: 'look',
      gives: weakSpotsPageSchema,
      handle: () => stores.judge.spots(),
    }),
    route({
      method: 'put',
      path: '/api/weak-spots',
      summary: 'Set the list of weak spots',
      needs: 'manage',
      body: weakSpotListSchema,
      limit: LIMIT,
      gives: weakSpotsPageSchema,
      handle: ({ body, by }) => {
        const checked = checkSpots(body.spots);
        if (!checked.ok)
          throw badRequest('spots-differ', `The list cannot be taken. ${checked.says.join(' ')}`);
        stores.judge.setSpots(checked.list, now().toISOString());
        witnessed(context, by, 'yard-changed');
        return stores.judge.spots();
      },
    }),
    route({
      method: 'get',
      path: '/api/weak-spots/typical',
      summary: 'What the yard’s own findings show as typical of a model',
      needs: 'look',
      gives: typicalPageSchema,
      handle: async () => {
        await bringFacts({ stores });
        const cars = stores.judge.facts().map(({ walked }) => walked);
        return {
          walks: cars.length,
          needed: ENOUGH_WALKS,
          typical: typicalFindings(cars).map(({ more: _, ...each }) => each),
        };
      },
    }),
  ];
}
