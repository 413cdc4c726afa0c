import { z } from 'zod';
import {
  addCarSchema,
  carListSchema,
  carPageSchema,
  peopleSchema,
  standings,
  stockCountsSchema,
  stockOrders,
} from '#core/api';
import { carSchema, checkedCarDetailsSchema } from '#core/car';
import { personSchema } from '#core/exchange';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import type { WalkRow } from '../../store/walkStore';
import { type AnyRoute, route } from '../route';

const idParams = z.object({ id: z.uuid('That is not a car of this yard.') });
const listQuery = z.object({
  search: z.string().max(100).default(''),
  cursor: z.string().max(200).optional(),
  standing: z.enum(standings).optional(),
  order: z.enum(stockOrders).default('newest'),
  limit: z.coerce.number().int().min(1).max(100).default(50),
});

export function carRoutes({ stores, now }: Context): AnyRoute[] {
  const { cars, people, walks, reports } = stores;
  return [
    route({
      method: 'get',
      path: '/api/people',
      summary: 'Who may walk',
      needs: 'look',
      gives: peopleSchema,
      handle: () => ({ people: people.list() }),
    }),
    route({
      method: 'post',
      path: '/api/people',
      summary: 'Add a person',
      needs: 'people',
      body: personSchema,
      status: 201,
      gives: personSchema,
      handle: ({ body }) => {
        people.put(body);
        return people.get(body.id) ?? body;
      },
    }),
    route({
      method: 'get',
      path: '/api/cars',
      summary: 'The stock list, newest first unless asked otherwise',
      needs: 'look',
      query: listQuery,
      gives: carListSchema,
      handle: ({ query: { search, cursor, limit, standing, order } }) =>
        cars.list(search, cursor, limit, standing, order),
    }),
    route({
      method: 'post',
      path: '/api/cars',
      summary: 'Add a car',
      needs: 'walk',
      body: addCarSchema,
      status: 201,
      gives: carSchema,
      handle: ({ body }) => cars.add(body.id, body.details, now().toISOString()),
    }),
    route({
      method: 'get',
      path: '/api/cars/counts',
      summary: 'How many cars are not walked, being walked and reported',
      needs: 'look',
      gives: stockCountsSchema,
      handle: () => cars.counts(),
    }),
    route({
      method: 'get',
      path: '/api/cars/:id',
      summary: 'A car with its walks and reports',
      needs: 'look',
      params: idParams,
      gives: carPageSchema,
      handle: ({ params }) => {
        const car = cars.get(params.id);
        if (!car) throw notFound('car');
        const toWalk = (row: WalkRow) => {
          const frozen = reports.ofWalk(row.id);
          return {
            id: row.id,
            begunAt: row.begun_at,
            lastEntryAt: row.last_entry_at,
            parts: row.parts,
            visited: row.visited,
            findings: row.findings,
            photos: row.photos,
            revision: frozen.at(-1)?.revision,
            reports: frozen,
          };
        };
        return { car, walks: walks.ofCar(car.id).map(toWalk) };
      },
    }),
    route({
      method: 'put',
      path: '/api/cars/:id',
      summary: 'Change the details of a car',
      needs: 'walk',
      params: idParams,
      body: checkedCarDetailsSchema,
      gives: carSchema,
      handle: ({ params, body }) => {
        const car = cars.edit(params.id, body, now().toISOString());
        if (!car) throw notFound('car');
        return car;
      },
    }),
  ];
}
