import { z } from 'zod';
import { planPageSchema, pricesPageSchema, solveBody, solvedSchema } from '#core/api';
import { ruleWishesSchema } from '#core/cures';
import { planWishSchema, pricesSchema, usualPrices } from '#core/plan';
import type { Context } from '../../context';
import { witnessed } from '../../people/witnessed';
import { bestJobs } from '../../planning/bestJobs';
import { notFound } from '../../problems';
import { type AnyRoute, route } from '../route';

const walkParams = z.object({ id: z.uuid('That is not a walk of this yard.') });
/** A plan of many faults names many jobs. */
const LIMIT = 1024 * 1024;
const USUAL_CURRENCY = 'GBP';

/** What is put right, and what that costs. */
export function planRoutes(context: Context): AnyRoute[] {
  const { stores, pool, now } = context;
  const { plans, walks } = stores;
  const pricesPage = () => {
    const prices = plans.prices();
    return { prices: prices ?? usualPrices(USUAL_CURRENCY), isSet: prices !== undefined };
  };
  return [
    route({
      method: 'get',
      path: '/api/prices',
      summary: 'What work costs in this yard; house figures while nobody has set any',
      needs: 'plan',
      gives: pricesPageSchema,
      handle: pricesPage,
    }),
    route({
      method: 'put',
      path: '/api/prices',
      summary: 'Set what work costs',
      needs: 'manage',
      body: pricesSchema,
      gives: pricesPageSchema,
      handle: ({ body, by }) => {
        plans.setPrices(body, now().toISOString());
        witnessed(context, by, 'prices-changed');
        return pricesPage();
      },
    }),
    route({
      method: 'get',
      path: '/api/cure-rules',
      summary: 'Which of the rules for cures are switched off here, and which were added',
      needs: 'plan',
      gives: ruleWishesSchema,
      handle: () => plans.rules(),
    }),
    route({
      method: 'put',
      path: '/api/cure-rules',
      summary: 'Switch rules for cures off, and add one’s own',
      needs: 'manage',
      body: ruleWishesSchema,
      gives: ruleWishesSchema,
      handle: ({ body, by }) => {
        plans.setRules(body, now().toISOString());
        witnessed(context, by, 'yard-changed');
        return plans.rules();
      },
    }),
    route({
      method: 'get',
      path: '/api/walks/:id/plan',
      summary: 'What is wanted of a walk’s car, with the prices and rules it is planned by',
      needs: 'plan',
      params: walkParams,
      gives: planPageSchema,
      handle: ({ params }) => {
        if (!walks.get(params.id)) throw notFound('walk');
        const { prices, isSet } = pricesPage();
        const wish = plans.wish(params.id) ?? planWishSchema.parse({ standard: 'not-one-step' });
        return { prices, arePricesSet: isSet, rules: plans.rules(), wish };
      },
    }),
    route({
      method: 'put',
      path: '/api/walks/:id/plan',
      summary: 'Say what is wanted of a walk’s car',
      needs: 'plan',
      params: walkParams,
      body: planWishSchema,
      limit: LIMIT,
      gives: planWishSchema,
      handle: ({ params, body }) => {
        if (!walks.get(params.id)) throw notFound('walk');
        plans.setWish(params.id, body, now().toISOString());
        return body;
      },
    }),
    route({
      method: 'post',
      path: '/api/plans/solved',
      summary:
        'The best jobs of each model: the cheapest that mend what must be, or the most that a budget allows',
      needs: 'plan',
      body: solveBody,
      limit: LIMIT,
      gives: solvedSchema,
      handle: async ({ body: { models } }) => {
        const solve = (programs: readonly string[]) => pool.run('solve', { models: programs });
        return { chosen: await bestJobs(models, solve) };
      },
    }),
  ];
}
