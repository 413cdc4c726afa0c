import { z } from 'zod';
import { carErasingSchema } from '#core/api';
import { mayAppoint } from '#core/people';
import { sha256Schema } from '#core/walk';
import type { Context } from '../../context';
import { eraseCar, whatGoes } from '../../erasing/eraseCar';
import { erasePerson } from '../../erasing/erasePerson';
import { erasePhoto } from '../../erasing/erasePhoto';
import { eraseMessage, eraseReader } from '../../erasing/eraseReader';
import { notYours } from '../../people/notYours';
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
    route({
      method: 'post',
      path: '/api/accounts/:id/erasing',
      summary: 'Erase what is kept of somebody whose account has ended',
      needs: 'people',
      params: idParams,
      body: z.object({}),
      gives: z.object({ erased: z.string() }),
      handle: async ({ params, by }) => {
        const account = context.stores.accounts.get(params.id);
        if (account && !mayAppoint(by.role, account.role)) throw notYours(account.role);
        await erasePerson(context, params.id);
        // Not whose: that would keep what was to go.
        witnessed(context, by, 'erased', 'what was kept of a person');
        return { erased: params.id };
      },
    }),
    route({
      method: 'post',
      path: '/api/photos/:sha256/erasing',
      summary: 'Erase the file of a photo that was withdrawn wherever it was shown',
      needs: 'people',
      params: z.object({ sha256: sha256Schema }),
      body: z.object({}),
      gives: z.object({ erased: z.string() }),
      handle: async ({ params, by }) => {
        await erasePhoto(context, params.sha256);
        witnessed(context, by, 'erased', `a photo, ${params.sha256.slice(0, 12)}`);
        return { erased: params.sha256 };
      },
    }),
    route({
      method: 'post',
      path: '/api/shares/:id/erasing',
      summary: 'Erase what a reader sent by a link that was withdrawn',
      needs: 'people',
      params: idParams,
      body: z.object({}),
      gives: z.object({ erased: z.string() }),
      handle: async ({ params, by }) => {
        await eraseReader(context, params.id);
        witnessed(context, by, 'erased', 'what a reader sent');
        return { erased: params.id };
      },
    }),
    route({
      method: 'post',
      path: '/api/messages/:id/erasing',
      summary: 'Erase a message that went out',
      needs: 'people',
      params: idParams,
      body: z.object({}),
      gives: z.object({ erased: z.string() }),
      handle: async ({ params, by }) => {
        await eraseMessage(context, params.id);
        witnessed(context, by, 'erased', 'a message');
        return { erased: params.id };
      },
    }),
  ];
}
