import type { Response } from 'express';
import { z } from 'zod';
import { newShareSchema, reportPageSchema, shareSchema } from '#core/api';
import { type ReportDocument, reportDocumentSchema } from '#core/report';
import { sha256Schema } from '#core/walk';
import { freeze } from '../../reports/freeze';
import { type Paper, papers, writePdf } from '../../reports/pdf/writePdf';
import type { Context } from '../context';
import { notFound, Problem } from '../problems';
import { type AnyRoute, route } from '../route';
import { sendPhoto, widthSchema } from './photos';
import { sendRecording } from './recordings';

const idParams = z.object({ id: z.uuid('That is not a report of this yard.') });
const tokenParams = z.object({ token: z.string().max(100) });
const paperQuery = z.object({ paper: z.enum(papers, 'Choose a4 or letter.').default('a4') });
const freezeBody = z.object({ id: z.uuid(), signer: z.uuid('Choose who signs the report.') });
const shareBody = z.object({ label: z.string().trim().max(80, 'At most 80 characters.').default('') });

const revoked = () =>
  new Problem(
    410,
    'link-revoked',
    'This link was withdrawn',
    'The yard has withdrawn this link. Ask them for a new one.',
  );

export function reportRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;

  const reportOf = (id: string): ReportDocument => {
    const report = stores.reports.get(id);
    if (!report) throw notFound('report');
    return report;
  };
  const shared = (token: string): ReportDocument => {
    const opened = stores.shares.open(token);
    if (opened.status === 'revoked') throw revoked();
    if (opened.status === 'unknown')
      throw notFound('report', 'Check that the whole link was copied, or ask the yard for a new one.');
    return reportOf(opened.report);
  };
  const sendPdf = async (report: ReportDocument, paper: Paper, response: Response) => {
    const name = `${report.car.stockNumber}-revision-${report.revision}-${paper}.pdf`.replace(
      /[^\w.-]+/g,
      '-',
    );
    response.attachment(name).type('application/pdf');
    const copies = new Map<string, string>();
    for (const photo of report.photos)
      if (stores.photos.get(photo.sha256)?.stored)
        copies.set(photo.sha256, await context.burned(photo.sha256, photo, 1600));
    await writePdf(report, paper, (sha256) => copies.get(sha256), response);
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
      handle: ({ params, body }) => freeze(stores, params.id, body.id, body.signer, now()),
    }),
    route({
      method: 'get',
      path: '/api/reports/:id',
      summary: 'A frozen report and its links',
      params: idParams,
      gives: reportPageSchema,
      handle: ({ params }) => ({ report: reportOf(params.id), shares: stores.shares.ofReport(params.id) }),
    }),
    route({
      method: 'get',
      path: '/api/reports/:id/pdf',
      summary: 'A frozen report as PDF',
      params: idParams,
      query: paperQuery,
      gives: 'application/pdf',
      handle: ({ params, query }, _request, response) => sendPdf(reportOf(params.id), query.paper, response),
    }),
    route({
      method: 'post',
      path: '/api/reports/:id/shares',
      summary: 'Make a link that opens the report without signing in',
      params: idParams,
      body: shareBody,
      status: 201,
      gives: newShareSchema,
      handle: ({ params, body }) => {
        const share = stores.shares.create(reportOf(params.id).id, body.label, now().toISOString());
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
    route({
      method: 'get',
      path: '/api/shared/:token',
      summary: 'The report a link opens',
      params: tokenParams,
      gives: reportDocumentSchema,
      handle: ({ params }, _request, response) => {
        response.set('Cache-Control', 'private, no-store');
        return shared(params.token);
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/pdf',
      summary: 'The report a link opens, as PDF',
      params: tokenParams,
      query: paperQuery,
      gives: 'application/pdf',
      handle: ({ params, query }, _request, response) => sendPdf(shared(params.token), query.paper, response),
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/photos/:sha256/:width',
      summary: 'A photo of the report a link opens',
      params: tokenParams.extend({ sha256: sha256Schema, width: widthSchema }),
      gives: 'image/jpeg',
      handle: ({ params }, _request, response) => {
        const report = shared(params.token);
        const photo = report.photos.find(({ sha256 }) => sha256 === params.sha256);
        if (!photo) throw notFound('photo');
        return sendPhoto(context, response, params.sha256, params.width, {
          cache: 'private, max-age=31536000, immutable',
          overlay: photo,
        });
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/recordings/:sha256',
      summary: 'A sound or video of the report a link opens',
      params: tokenParams.extend({ sha256: sha256Schema }),
      gives: 'application/octet-stream',
      handle: ({ params }, _request, response) => {
        const { functions } = shared(params.token);
        if (!functions?.recordings?.some(({ sha256 }) => sha256 === params.sha256))
          throw notFound('recording');
        return sendRecording(context, response, params.sha256);
      },
    }),
  ];
}
