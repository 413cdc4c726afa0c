import { z } from 'zod';
import { figuresSchema } from '#core/api';
import { odometerOfWalks, paintHistorySchema, paintOfWalk } from '#core/readings';
import { replay } from '#core/walk';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import { type AnyRoute, route } from '../route';

const idParams = z.object({ id: z.uuid('That is not a car of this yard.') });

export function readingRoutes({ stores }: Context): AnyRoute[] {
  const { cars, walks } = stores;
  return [
    route({
      method: 'get',
      path: '/api/cars/:id/paint',
      summary: 'Paint readings of a car over its walks, oldest walk first',
      needs: 'look',
      params: idParams,
      gives: paintHistorySchema,
      handle: ({ params }) => {
        if (!cars.get(params.id)) throw notFound('car');
        const read = walks
          .ofCar(params.id)
          .flatMap(({ id }) => paintOfWalk(replay(id, walks.entriesOf(id))) ?? [])
          .sort((a, b) => a.begunAt.localeCompare(b.begunAt));
        return { walks: read };
      },
    }),
    route({
      method: 'get',
      path: '/api/cars/:id/odometer',
      summary: 'What each walk of a car read off its odometer',
      needs: 'look',
      params: idParams,
      gives: figuresSchema,
      handle: ({ params }) => {
        if (!cars.get(params.id)) throw notFound('car');
        return { figures: odometerOfWalks(walks.logsOfCar(params.id)) };
      },
    }),
  ];
}
