import { z } from 'zod';
import { messagesPageSchema, newMessageSchema } from '#core/api';
import { ADDRESSEE_WANTED, addressee } from '#core/messages';
import type { Context } from '../../context';
import { sendReport } from '../../messages/sendReport';
import { witnessed } from '../../people/witnessed';
import { conflict, notFound, unprocessable } from '../../problems';
import { type AnyRoute, route } from '../route';
import { shareBody, shareWish } from '../shareWish';

const sendBody = shareBody.extend({
  id: z.uuid(),
  to: z.string().max(300),
  note: z.string().trim().max(500, 'At most 500 characters.').default(''),
});

/** Links that go out by mail or text message, and what went out. */
export function messageRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;
  return [
    route({
      method: 'post',
      path: '/api/reports/:id/messages',
      summary: 'Make a link and send it to a mail address or telephone number',
      needs: 'send',
      params: z.object({ id: z.uuid('That is not a report of this yard.') }),
      body: sendBody,
      status: 201,
      gives: newMessageSchema,
      handle: async ({ params, body, by }, request) => {
        const report = stores.reports.get(params.id);
        if (!report) throw notFound('report');
        const where = addressee(body.to);
        if (!where) throw unprocessable('no-address', ADDRESSEE_WANTED);
        if (stores.messages.get(body.id))
          throw conflict(
            'sent-already',
            'That message went out already. Look under Messages, or write a new one.',
          );
        const wish = shareWish(body, now());
        const label = wish.label || where.to;
        const share = await stores.shares.create(report.id, { ...wish, label }, now().toISOString());
        const origin = context.publicUrl ?? `${request.protocol}://${request.get('host')}`;
        const path = `/r/${share.token}`;
        const message = await sendReport(context, report, {
          ...where,
          id: body.id,
          link: `${origin}${path}`,
          hasPassphrase: wish.passphrase !== undefined,
          note: body.note,
          ...(wish.expiresAt && { expiresAt: wish.expiresAt }),
        });
        witnessed(context, by, 'report-sent', `${report.car.stockNumber} to ${where.to}`);
        return { message, share: { ...share, path } };
      },
    }),
    route({
      method: 'get',
      path: '/api/messages',
      summary: 'What went out, the newest first',
      needs: 'send',
      gives: messagesPageSchema,
      handle: () => ({ messages: stores.messages.latest(), isDelivering: context.deliver !== undefined }),
    }),
    route({
      method: 'get',
      path: '/api/messages/:id/eml',
      summary: 'A mail as a file that mail programs open (RFC 5322)',
      needs: 'send',
      params: z.object({ id: z.uuid('That is not a message of this yard.') }),
      gives: 'message/rfc822',
      handle: ({ params }, _request, response) => {
        const eml = stores.messages.get(params.id)?.eml;
        if (!eml) throw notFound('mail');
        response
          .attachment(`${params.id.slice(0, 8)}.eml`)
          .type('message/rfc822')
          .send(eml);
      },
    }),
  ];
}
