import { z } from 'zod';
import { newShareSchema, reportPageSchema, shareSchema } from '#core/api';
import { coverNotes, reportDocumentSchema } from '#core/report';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import { freeze } from '../../reports/freeze';
import { papers } from '../../reports/pdf/writePdf';
import type { StoredReport } from '../../store/reportStore';
import { sendArchive } from '../answers/sendArchive';
import { sendPdf } from '../answers/sendPdf';
import { type AnyRoute, route } from '../route';
import { shareBody, shareWish } from '../shareWish';

const idParams = z.object({ id: z.uuid('That is not a report of this yard.') });
const paperQuery = z.object({ paper: z.enum(papers, 'Choose a4 or letter.').default('a4') });
const freezeBody = z.object({ id: z.uuid(), signer: z.uuid('Choose who signs the report.') });
export function reportRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;

  const storedOf = (id: string): StoredReport => {
    const stored = stores.reports.stored(id);
    if (!stored) throw notFound('report');
    return stored;
  };

  return [
    route({
      method: 'post',
      path: '/api/walks/:id/reports',
      summary: 'Freeze a walk into its next report',
      params: idParams,
      body: freezeBody,
      status: 201,
      gives: reportDocumentSchema,
      handle: ({ params, body }) => {
        const report = freeze(stores, params.id, body.id, body.signer, now());
        context.live.tell(report.walk);
        return report;
      },
    }),
    route({
      method: 'get',
      path: '/api/reports/:id',
      summary: 'A frozen report and its links',
      params: idParams,
      gives: reportPageSchema,
      handle: ({ params }) => {
        const { report, sha256 } = storedOf(params.id);
        return {
          report,
          sha256,
          shares: stores.shares.beside(params.id),
          covered: coverNotes(report, context.covers(report.walk)),
        };
      },
    }),
    route({
      method: 'get',
      path: '/api/reports/:id/pdf',
      summary: 'A frozen report as PDF',
      params: idParams,
      query: paperQuery,
      gives: 'application/pdf',
      handle: ({ params, query }, _request, response) =>
        sendPdf(context, storedOf(params.id), query.paper, response),
    }),
    route({
      method: 'get',
      path: '/api/reports/:id/archive',
      summary: 'A frozen report to keep: page, PDF, tables, pictures and the walk itself as a ZIP',
      params: idParams,
      gives: 'application/zip',
      handle: ({ params }, _request, response) => sendArchive(context, storedOf(params.id), true, response),
    }),
    route({
      method: 'post',
      path: '/api/reports/:id/shares',
      summary: 'Make a link that opens the report without signing in',
      params: idParams,
      body: shareBody,
      status: 201,
      gives: newShareSchema,
      handle: async ({ params, body }) => {
        const at = now();
        const report = storedOf(params.id).report.id;
        const share = await stores.shares.create(report, shareWish(body, at), at.toISOString());
        return { ...share, path: `/r/${share.token}` };
      },
    }),
    route({
      method: 'delete',
      path: '/api/shares/:id',
      summary: 'Withdraw a link',
      params: idParams,
      gives: shareSchema,
      handle: ({ params }) => {
        const share = stores.shares.revoke(params.id, now().toISOString());
        if (!share) throw notFound('link');
        return share;
      },
    }),
  ];
}
