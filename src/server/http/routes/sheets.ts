import { z } from 'zod';
import {
  newTradeLinkSchema,
  sheetSchema,
  tradeLinkBody,
  tradeLinkSchema,
  tradeLinksSchema,
  walkWorkSchema,
} from '#core/api';
import { daySchema } from '#core/papers';
import { usualCrew, workSaidSchema } from '#core/schedule';
import type { Context } from '../../context';
import { papers } from '../../pdfs/paper';
import { witnessed } from '../../people/witnessed';
import { notFound, unprocessable } from '../../problems';
import { sayWork } from '../../trade/sayWork';
import { sheetOf, sheetTold, workTold } from '../../trade/sheetOf';
import { sendSheetPdf } from '../answers/sendSheetPdf';
import { type AnyRoute, route } from '../route';

const DAY_MS = 86_400_000;

const crewParams = z.object({ crew: z.string().max(40) });
export const dayQuery = z.object({ day: daySchema.optional() });
export const paperQuery = z.object({ paper: z.enum(papers, 'Choose a4 or letter.').default('a4') });
/** A task, and what is said of it; null takes back what was. */
export const sayBody = z.strictObject({
  task: z.string().min(1).max(300),
  said: workSaidSchema.nullable(),
});
export const nothing = z.object({});

/** Job sheets of the yard's own people, what they say of their jobs, and the links by which trades see theirs. */
export function sheetRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;
  return [
    route({
      method: 'get',
      path: '/api/board/:crew/sheet',
      summary: 'What one of the crew does, by day, with what was found and what they said of it',
      needs: 'work',
      params: crewParams,
      query: dayQuery,
      gives: sheetSchema,
      handle: async ({ params, query }) => sheetTold(await sheetOf(context, params.crew, query.day)),
    }),
    route({
      method: 'get',
      path: '/api/board/:crew/sheet.pdf',
      summary: 'The same as PDF',
      needs: 'work',
      params: crewParams,
      query: dayQuery.extend(paperQuery.shape),
      gives: 'application/pdf',
      handle: async ({ params, query }, _request, response) =>
        sendSheetPdf(context, await sheetOf(context, params.crew, query.day), query.paper, response),
    }),
    route({
      method: 'get',
      path: '/api/walks/:id/work',
      summary: 'What was said of the jobs of a walk’s car by whoever does them',
      needs: 'look',
      params: z.object({ id: z.uuid('That is not a walk of this yard.') }),
      gives: walkWorkSchema,
      handle: ({ params }) => {
        if (!stores.walks.get(params.id)) throw notFound('walk');
        return {
          said: stores.work
            .ofWalk(params.id)
            .map((each) => ({ task: each.task, name: each.name, mends: each.mends, work: workTold(each) })),
        };
      },
    }),
    route({
      method: 'put',
      path: '/api/board/work',
      summary: 'Say that a job is done, or cannot be done and why; null takes it back',
      needs: 'work',
      body: sayBody,
      gives: nothing,
      handle: async ({ body, by }) => {
        await sayWork(context, body, { name: stores.people.get(by.person)?.name ?? '' });
        return {};
      },
    }),
    route({
      method: 'get',
      path: '/api/trade-links',
      summary: 'Links by which trades see their jobs',
      needs: 'plan',
      gives: tradeLinksSchema,
      handle: () => ({ links: stores.tradeLinks.all() }),
    }),
    route({
      method: 'post',
      path: '/api/trade-links',
      summary: 'Make a link for a trade; its token is told once',
      needs: 'plan',
      body: tradeLinkBody,
      status: 201,
      gives: newTradeLinkSchema,
      handle: ({ body: { crew, label, days }, by }) => {
        const { members } = stores.plans.crew() ?? usualCrew;
        if (!members.some(({ id }) => id === crew))
          throw unprocessable('unknown-crew', 'Nobody on the board is called so. Choose one of the crew.');
        const expiresAt = new Date(now().getTime() + days * DAY_MS).toISOString();
        witnessed(context, by, 'link-made', label);
        return stores.tradeLinks.create({ crew, label, expiresAt }, now().toISOString());
      },
    }),
    route({
      method: 'delete',
      path: '/api/trade-links/:id',
      summary: 'Withdraw a trade’s link: it opens nothing any more',
      needs: 'plan',
      params: z.object({ id: z.uuid('That is not a link of this yard.') }),
      gives: tradeLinkSchema,
      handle: ({ params, by }) => {
        const link = stores.tradeLinks.withdraw(params.id, now().toISOString());
        if (!link) throw notFound('link');
        witnessed(context, by, 'link-withdrawn', link.label);
        return link;
      },
    }),
  ];
}
