import { z } from 'zod';
import { newShareSchema, pdfStateSchema, reportPageSchema, shareSchema } from '#core/api';
import { coverNotes, identityTellings, reportDocumentSchema } from '#core/report';
import type { Context } from '../../context';
import { usualForWalk } from '../../judging/learned';
import { papers } from '../../pdfs/paper';
import { witnessed } from '../../people/witnessed';
import { notFound } from '../../problems';
import { freeze } from '../../reports/freeze';
import { pdfState } from '../../reports/pdf/pdfOf';
import type { StoredReport } from '../../store/reportStore';
import { sendArchive } from '../answers/sendArchive';
import { sendPdf } from '../answers/sendPdf';
import { type AnyRoute, route } from '../route';
import { shareBody, shareWish } from '../shareWish';

const idParams = z.object({ id: z.uuid('That is not a report of this yard.') });
const paperQuery = z.object({ paper: z.enum(papers, 'Choose a4 or letter.').default('a4') });
const freezeBody = z.object({
  id: z.uuid(),
  /** How much of plate and identity number is told. */
  identity: z.enum(identityTellings, 'Choose how much of the plate is told.').default('last-six'),
});

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
      needs: 'send',
      params: idParams,
      body: freezeBody,
      status: 201,
      gives: reportDocumentSchema,
      handle: async ({ params, body, by }) => {
        const usual = await usualForWalk(context, params.id);
        const report = freeze(stores, params.id, body.id, by.person, now(), body.identity, usual);
        witnessed(context, by, 'report-frozen', `${report.car.stockNumber}, revision ${report.revision}`);
        context.live.tell(report.walk);
        return report;
      },
    }),
    route({
      method: 'get',
      path: '/api/reports/:id',
      summary: 'A frozen report and its links',
      needs: 'look',
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
      needs: 'look',
      params: idParams,
      query: paperQuery,
      gives: 'application/pdf',
      handle: ({ params, query }, _request, response) =>
        sendPdf(context, storedOf(params.id), query.paper, response),
    }),
    route({
      method: 'get',
      path: '/api/reports/:id/pdf/state',
      summary: 'Whether the PDF is made, and how many are made before it; from then on it is being made',
      needs: 'look',
      params: idParams,
      query: paperQuery,
      gives: pdfStateSchema,
      handle: ({ params, query }) => pdfState(context, storedOf(params.id), query.paper),
    }),
    route({
      method: 'get',
      path: '/api/reports/:id/archive',
      summary: 'A frozen report to keep: page, PDF, tables, pictures and the walk itself as a ZIP',
      needs: 'send',
      params: idParams,
      gives: 'application/zip',
      writes: true,
      handle: ({ params, by }, _request, response) => {
        const stored = storedOf(params.id);
        witnessed(context, by, 'data-taken', `report of ${stored.report.car.stockNumber}`);
        return sendArchive(context, stored, true, response);
      },
    }),
    route({
      method: 'post',
      path: '/api/reports/:id/shares',
      summary: 'Make a link that opens the report without signing in',
      needs: 'send',
      params: idParams,
      body: shareBody,
      status: 201,
      gives: newShareSchema,
      handle: async ({ params, body, by }) => {
        const at = now();
        const { report } = storedOf(params.id);
        const share = await stores.shares.create(report.id, shareWish(body, at), at.toISOString());
        witnessed(context, by, 'link-made', [report.car.stockNumber, share.label].filter(Boolean).join(', '));
        return { ...share, path: `/r/${share.token}` };
      },
    }),
    route({
      method: 'post',
      path: '/api/shares/:id/again',
      summary: 'Make another address of a link: for the same reader, as long, with the same passphrase',
      needs: 'send',
      params: idParams,
      status: 201,
      gives: newShareSchema,
      handle: ({ params, by }) => {
        const share = stores.shares.again(params.id, now().toISOString());
        if (!share) throw notFound('link');
        witnessed(context, by, 'link-made', share.label);
        return { ...share, path: `/r/${share.token}` };
      },
    }),
    route({
      method: 'delete',
      path: '/api/shares/:id',
      summary: 'Withdraw a link',
      needs: 'send',
      params: idParams,
      gives: shareSchema,
      handle: ({ params, by }) => {
        const share = stores.shares.revoke(params.id, now().toISOString());
        if (!share) throw notFound('link');
        witnessed(context, by, 'link-withdrawn', share.label);
        return share;
      },
    }),
  ];
}
