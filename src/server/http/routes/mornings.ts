import { z } from 'zod';
import { carLooksSchema, looksBody, looksTakenSchema, roundSchema } from '#core/api';
import { type Car, cameIn, carTitle } from '#core/car';
import { type KeptLook, lookIssue, lookIssueWords } from '#core/diary';
import { longDay } from '#core/wording';
import type { Context } from '../../context';
import { badRequest, conflict, notFound } from '../../problems';
import { type AnyRoute, route } from '../route';

const DAY_MS = 86_400_000;
/** So far back the round shows what was seen. */
const SHOWN_DAYS = 21;

/** Looks at standing cars, morning by morning. */
export function morningLookRoutes({ stores, now }: Context): AnyRoute[] {
  const { diary, cars } = stores;
  return [
    route({
      method: 'get',
      path: '/api/mornings',
      summary: 'Cars in the order they stand, with the looks of the last weeks',
      needs: 'look',
      gives: roundSchema,
      handle: () => {
        const from = new Date(now().getTime() - SHOWN_DAYS * DAY_MS).toISOString().slice(0, 10);
        const byCar = new Map<string, KeptLook[]>();
        for (const look of diary.since(from)) {
          const here = byCar.get(look.car);
          if (here) here.push(look);
          else byCar.set(look.car, [look]);
        }
        return {
          cars: cars
            .all()
            .toSorted(asTheyStand)
            .map((car) => ({
              car: car.id,
              stockNumber: car.stockNumber,
              title: carTitle(car),
              standsAt: car.standsAt,
              tint: car.tint,
              cameIn: cameIn(car),
              looks: byCar.get(car.id) ?? [],
            })),
        };
      },
    }),
    route({
      method: 'post',
      path: '/api/mornings',
      summary: 'Say how cars were found this morning, all or none; the same again changes nothing',
      needs: 'work',
      body: looksBody,
      gives: looksTakenSchema,
      handle: ({ body, by }) => {
        const at = now().toISOString();
        stores.db
          .transaction(() => {
            for (const look of body.looks) {
              const car = cars.get(look.car);
              if (!car) throw notFound('car', 'It may have been erased. Load the list again.');
              const before = diary.get(look.id);
              if (before && before.car !== look.car)
                throw conflict('id-taken', 'That id belongs to a look at another car. Make a new one.');
              const issue = lookIssue(look, { now: at, came: cameIn(car) });
              if (issue && !before) throw badRequest(issue.code, lookIssueWords(issue, longDay));
              diary.add(look, by.person, at);
            }
          })
          .immediate();
        return { taken: body.looks.map(({ id }) => id) };
      },
    }),
    route({
      method: 'delete',
      path: '/api/mornings/:id',
      summary: 'Take a look back; again changes nothing',
      needs: 'work',
      params: z.object({ id: z.uuid('That is not a look of this yard.') }),
      gives: looksTakenSchema,
      handle: ({ params }) => {
        if (!diary.get(params.id)) throw notFound('look', 'Load the page again.');
        diary.takeBack(params.id, now().toISOString());
        return { taken: [params.id] };
      },
    }),
    route({
      method: 'get',
      path: '/api/cars/:id/mornings',
      summary: 'All looks at a car while it stood, oldest first',
      needs: 'look',
      params: z.object({ id: z.uuid('That is not a car of this yard.') }),
      gives: carLooksSchema,
      handle: ({ params }) => {
        if (!cars.get(params.id)) throw notFound('car');
        return {
          looks: diary
            .ofCar(params.id)
            .map((look) => ({ ...look, name: stores.people.get(look.who)?.name ?? 'Somebody' })),
        };
      },
    }),
  ];
}

const inOrder = new Intl.Collator('en', { numeric: true });
/** By where they stand, row by row and bay by bay; those without a place last. */
function asTheyStand(a: Car, b: Car): number {
  if ((a.standsAt === '') !== (b.standsAt === '')) return a.standsAt === '' ? 1 : -1;
  return inOrder.compare(a.standsAt, b.standsAt) || inOrder.compare(a.stockNumber, b.stockNumber);
}
