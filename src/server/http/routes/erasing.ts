import { z } from 'zod';
import { carErasingSchema } from '#core/api';
import type { Context } from '../../context';
import { eraseCar, whatGoes } from '../../erasing/eraseCar';
import { witnessed } from '../../people/witnessed';
import { type AnyRoute, route } from '../route';

const idParams = z.object({ id: z.uuid() });

/** What is erased for good, and what that does. */
export function erasingRoutes(context: Context): AnyRoute[] {
  return [
    route({
      method: 'get',
      path: '/api/cars/:id/erasing',
      summary: 'What would go with a car that is erased',
      needs: 'people',
      params: idParams,
      gives: carErasingSchema,
      handle: ({ params }) => whatGoes(context, params.id),
    }),
    route({
      method: 'post',
      path: '/api/cars/:id/erasing',
      summary: 'Erase a car with its walks, reports, links and files for good',
      needs: 'people',
      params: idParams,
      body: z.object({ stockNumber: z.string().max(40) }),
      gives: z.object({ erased: z.string() }),
      handle: async ({ params, body, by }) => {
        const erased = await eraseCar(context, params.id, body.stockNumber);
        witnessed(context, by, 'erased', erased);
        return { erased };
      },
    }),
  ];
}
