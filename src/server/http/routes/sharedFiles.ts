import { z } from 'zod';
import type { Overlay } from '#core/picture';
import { covered, type ReportDocument, recordingsTold } from '#core/report';
import { pictureOf, replay, sha256Schema } from '#core/walk';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import { sendLogo } from '../answers/sendLogo';
import { sendPhoto } from '../answers/sendPhoto';
import { sendRecording } from '../answers/sendRecording';
import { linkOpener, tokenParams } from '../openLink';
import { type AnyRoute, answered, route } from '../route';
import { widthSchema } from '../widthSchema';

/** Files a link opens: pictures and recordings of its report. Each only where a revision, or an answer, names it. */
export function sharedFileRoutes(context: Context): AnyRoute[] {
  const { stores, covers } = context;
  const { opened, revisionsBeside, revisionOf } = linkOpener(context);
  /** The newest revision that names something, so that older ones stay whole. */
  const reportWith = (reportId: string, has: (report: ReportDocument) => boolean) => {
    const { all } = revisionsBeside(reportId);
    for (const { id } of all.toReversed()) {
      const report = stores.reports.get(id);
      if (report && has(report)) return report;
    }
    return undefined;
  };

  /** A picture of an answer, with what was hidden on it. */
  const answerPhoto = (reportId: string, sha256: string): Overlay | undefined => {
    const { sent } = revisionsBeside(reportId);
    const state = replay(sent.walk, stores.walks.entriesOf(sent.walk));
    const isAnswer = [...state.answers.values()].some((given) =>
      given.some(({ photos }) => photos.includes(sha256)),
    );
    if (!isAnswer || state.setAside.has(sha256)) return undefined;
    const { marks, boxes } = pictureOf(state, sha256);
    return { marks: [...marks], ...(boxes && { boxes: [...boxes] }) };
  };

  return [
    route({
      method: 'get',
      path: '/api/shared/:token/photos/:sha256/:width',
      summary: 'A photo of the report a link opens',
      needs: 'link',
      params: tokenParams.extend({ sha256: sha256Schema, width: widthSchema }),
      query: z.object({ drawn: z.string().max(40).optional() }),
      gives: 'image/jpeg',
      handle: ({ params, query }, request, response) => {
        const isIt = ({ sha256 }: { sha256: string }) => sha256 === params.sha256;
        const { share, report: reportId } = opened(request, params.token);
        const own = stores.arrivals.hasPhoto(share, params.sha256) ? {} : undefined;
        const photo =
          reportWith(reportId, ({ photos }) => photos.some(isIt))?.photos.find(isIt) ??
          answerPhoto(reportId, params.sha256) ??
          own;
        if (!photo) throw notFound('photo');
        const cover = covers(revisionsBeside(reportId).sent.walk).get(params.sha256);
        if (cover?.withdrawnAt && !own) throw notFound('photo', 'The yard has withdrawn this picture.');
        return sendPhoto(context, response, params.sha256, params.width, {
          overlay: covered(photo, cover),
          drawn: query.drawn,
        });
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/manifest',
      summary: 'How the report is put on a phone’s own screen (W3C Web Application Manifest)',
      needs: 'link',
      params: tokenParams,
      gives: 'application/manifest+json',
      handle: ({ params }, request, response) => {
        const { report } = revisionOf(opened(request, params.token).report);
        response.type('application/manifest+json').send(
          JSON.stringify({
            id: `/r/${params.token}`,
            name: report.title,
            short_name: report.title.split(' ').slice(0, 2).join(' '),
            start_url: `/r/${params.token}`,
            scope: '/r/',
            display: 'standalone',
            background_color: '#fbfaf6',
            theme_color: '#fbfaf6',
            icons: [192, 512].map((size) => ({
              src: `/icon-${size}.png`,
              sizes: `${size}x${size}`,
              type: 'image/png',
            })),
          }),
        );
        return answered;
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/logos/:sha256',
      summary: 'The logo on the report a link opens',
      needs: 'link',
      params: tokenParams.extend({ sha256: sha256Schema }),
      gives: 'image/png',
      handle: ({ params }, request, response) => {
        const { report } = opened(request, params.token);
        if (!reportWith(report, ({ yard }) => yard.logo === params.sha256)) throw notFound('logo');
        sendLogo(context, params.sha256, response);
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/recordings/:sha256',
      summary: 'A sound or video of the report a link opens',
      needs: 'link',
      params: tokenParams.extend({ sha256: sha256Schema }),
      gives: 'application/octet-stream',
      handle: ({ params }, request, response) => {
        const report = reportWith(opened(request, params.token).report, (told) =>
          recordingsTold(told).some(({ sha256 }) => sha256 === params.sha256),
        );
        if (!report) throw notFound('recording');
        return sendRecording(context, response, params.sha256);
      },
    }),
  ];
}
