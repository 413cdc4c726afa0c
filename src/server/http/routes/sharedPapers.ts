import { z } from 'zod';
import { pdfStateSchema } from '#core/api';
import type { Context } from '../../context';
import { papers } from '../../pdfs/paper';
import { pdfState } from '../../reports/pdf/pdfOf';
import { sendArchive } from '../answers/sendArchive';
import { sendPdf } from '../answers/sendPdf';
import { linkOpener, revisionQuery, tokenParams } from '../openLink';
import { type AnyRoute, route } from '../route';

const pdfQuery = revisionQuery.extend({ paper: z.enum(papers, 'Choose a4 or letter.').default('a4') });

/** The report a link opens, on paper and to keep. */
export function sharedPaperRoutes(context: Context): AnyRoute[] {
  const { opened, revisionOf } = linkOpener(context);
  return [
    route({
      method: 'get',
      path: '/api/shared/:token/pdf',
      summary: 'The report a link opens, as PDF',
      needs: 'link',
      params: tokenParams,
      query: pdfQuery,
      gives: 'application/pdf',
      handle: ({ params, query }, request, response) =>
        sendPdf(
          context,
          revisionOf(opened(request, params.token).report, query.revision),
          query.paper,
          response,
        ),
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/pdf/state',
      summary: 'Whether the PDF is made, and how many are made before it; from then on it is being made',
      needs: 'link',
      params: tokenParams,
      query: pdfQuery,
      gives: pdfStateSchema,
      handle: ({ params, query }, request) =>
        pdfState(context, revisionOf(opened(request, params.token).report, query.revision), query.paper),
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/archive',
      summary: 'The report a link opens, to keep: page, PDF, tables and pictures as a ZIP',
      needs: 'link',
      params: tokenParams,
      query: revisionQuery,
      gives: 'application/zip',
      handle: ({ params, query }, request, response) =>
        sendArchive(
          context,
          revisionOf(opened(request, params.token).report, query.revision),
          false,
          response,
        ),
    }),
  ];
}
