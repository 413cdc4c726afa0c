import { z } from 'zod';
import { previewSchema } from '#core/api';
import { covered, coverNotes, identityTellings, type ReportPhoto } from '#core/report';
import { sha256Schema } from '#core/walk';
import { reportAsItStands } from '../../archive/archiveOfWalk';
import type { Context } from '../../context';
import { usualForWalk } from '../../judging/learned';
import { drawingOf } from '../../photos/burn';
import { notFound } from '../../problems';
import { sendPhoto } from '../answers/sendPhoto';
import { type AnyRoute, route } from '../route';
import { widthSchema } from '../widthSchema';

const walkParams = z.object({ id: z.uuid('That is not a walk of this yard.') });

/** The report of a walk as its readers would see it if it were frozen now. Nothing is kept. */
export function previewRoutes(context: Context): AnyRoute[] {
  const { stores, covers } = context;
  const standing = (walk: string, signing: Parameters<typeof reportAsItStands>[2]) => {
    if (!stores.walks.get(walk)) throw notFound('walk');
    const now = reportAsItStands(context, walk, signing);
    if (!now) throw notFound('walk', 'The beginning of this walk was taken back: there is nothing to show.');
    return now.report;
  };
  let last: { said: string; photos: readonly ReportPhoto[] } | undefined;
  /** The pictures of a preview are asked for one by one: what is drawn on them follows from the log, and is worked out once for it. */
  const photosOf = (walk: string): readonly ReportPhoto[] => {
    const said = `${walk} ${stores.walks.get(walk)?.entries}`;
    if (last?.said !== said) last = { said, photos: standing(walk, undefined).photos };
    return last.photos;
  };
  return [
    route({
      method: 'get',
      path: '/api/walks/:id/preview',
      summary: 'The report as readers would see it if it were frozen now',
      needs: 'send',
      params: walkParams,
      query: z.object({
        identity: z.enum(identityTellings, 'Choose how much of the plate is told.').default('last-six'),
      }),
      gives: previewSchema,
      handle: async ({ params, query, by }, _request, response) => {
        response.set('Cache-Control', 'private, no-store');
        const signedBy = stores.people.get(by.person)?.name ?? '';
        const usual = await usualForWalk(context, params.id);
        const report = standing(params.id, { signedBy, identity: query.identity, usual });
        return {
          report,
          drawn: Object.fromEntries(
            report.photos.map((photo) => [
              photo.sha256,
              drawingOf(covered(photo, covers(report.walk).get(photo.sha256))),
            ]),
          ),
          covered: coverNotes(report, covers(report.walk)),
        };
      },
    }),
    route({
      method: 'get',
      path: '/api/walks/:id/preview/photos/:sha256/:width',
      summary: 'A photo of it, with all that is hidden from readers hidden',
      needs: 'send',
      params: walkParams.extend({ sha256: sha256Schema, width: widthSchema }),
      query: z.object({ drawn: z.string().max(40).optional() }),
      gives: 'image/jpeg',
      handle: ({ params, query }, _request, response) => {
        const photo = photosOf(params.id).find(({ sha256 }) => sha256 === params.sha256);
        if (!photo) throw notFound('photo');
        const cover = covers(params.id).get(params.sha256);
        if (cover?.withdrawnAt) throw notFound('photo', 'The yard has withdrawn this picture.');
        return sendPhoto(context, response, params.sha256, params.width, {
          overlay: covered(photo, cover),
          drawn: query.drawn,
        });
      },
    }),
  ];
}
