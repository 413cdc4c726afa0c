import type { Response } from 'express';
import { z } from 'zod';
import { checksPageSchema, keptPictureSchema, ownChecksSchema, storedCheckSchema } from '#core/api';
import { filledCheckSchema, MOST_PHOTOS_A_CHECK } from '#core/arrival';
import { sha256Schema } from '#core/walk';
import { checkOf, takeInCheck } from '../../arrival/takeInCheck';
import type { Context } from '../../context';
import { papers } from '../../pdfs/paper';
import type { PrintJob } from '../../pdfs/printed';
import { notFound } from '../../problems';
import type { StoredCheck } from '../../store/arrivalStore';
import { sendPrinted } from '../answers/sendPdf';
import { linkOpener, tokenParams } from '../openLink';
import { type AnyRoute, route } from '../route';
import { takeInByLink } from '../takeInByLink';

/** So many photos one link may send: those of a check at collection and one on arrival. */
const MOST_PHOTOS_A_LINK = 2 * MOST_PHOTOS_A_CHECK;

const paper = z.object({ paper: z.enum(papers, 'Choose a4 or letter.').default('a4') });
const checkParams = z.object({ check: z.uuid('That is not a check of this yard.') });
const givenOf = ({ check, sha256, receivedAt }: StoredCheck) => ({ check, sha256, receivedAt });

/** Cars held against their reports: signed by whoever has the link, seen by them and by the yard. */
export function arrivalRoutes(context: Context): AnyRoute[] {
  const { stores, shown, now } = context;
  const { opened, admit, revisionsBeside, revisionOf } = linkOpener(context);

  const sendPdf = async (
    { check, sha256 }: StoredCheck,
    wanted: (typeof papers)[number],
    response: Response,
  ) => {
    const pictures = new Map<string, string>();
    for (const photo of check.parts.flatMap(({ photos }) => photos)) {
      const copy = await shown(photo, {}, 1600);
      if (copy) pictures.set(photo, copy);
    }
    const job: PrintJob = { printed: { what: 'check', check, fingerprint: sha256 }, paper: wanted, pictures };
    await sendPrinted(context, job, `${check.stockNumber}-${check.occasion}-check.pdf`, response);
  };

  return [
    route({
      method: 'put',
      path: '/api/shared/:token/photos/:sha256',
      summary: 'Send a photo for a check; repeating it is harmless',
      needs: 'link',
      params: tokenParams.extend({ sha256: sha256Schema }),
      admit,
      takes: ['image/jpeg', 'image/png', 'image/webp'],
      gives: keptPictureSchema,
      handle: ({ params }, request) => {
        const { share } = opened(request, params.token);
        return takeInByLink(context, request, share, params.sha256, {
          has: stores.arrivals.hasPhoto,
          count: stores.arrivals.photosOf,
          note: stores.arrivals.notePhoto,
          most: MOST_PHOTOS_A_LINK,
          instead: 'Send others to the yard by mail.',
        });
      },
    }),
    route({
      method: 'post',
      path: '/api/shared/:token/checks',
      summary: 'Sign a check of the car against the report; the same one again changes nothing',
      needs: 'link',
      params: tokenParams,
      admit,
      // A signature is many strokes.
      limit: 2 * 1024 * 1024,
      body: filledCheckSchema,
      status: 201,
      gives: storedCheckSchema,
      handle: ({ params, body }, request) => {
        const { share, report } = opened(request, params.token);
        const stored = takeInCheck(stores, body, revisionOf(report, body.revision), share, now());
        context.live.tell(stored.check.walk);
        return givenOf(stored);
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/checks',
      summary: 'Checks that came by this link',
      needs: 'link',
      params: tokenParams,
      gives: ownChecksSchema,
      handle: ({ params }, request, response) => {
        response.set('Cache-Control', 'private, no-store');
        const { share, report } = opened(request, params.token);
        const { sent } = revisionsBeside(report);
        const own = stores.arrivals.ofWalk(sent.walk).filter((stored) => stored.share === share);
        return { checks: own.map(givenOf) };
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/checks/:check/pdf',
      summary: 'A check that came by this link, as PDF',
      needs: 'link',
      params: tokenParams.extend(checkParams.shape),
      query: paper,
      gives: 'application/pdf',
      handle: ({ params, query }, request, response) =>
        sendPdf(checkOf(stores, params.check, opened(request, params.token).share), query.paper, response),
    }),
    route({
      method: 'get',
      path: '/api/walks/:id/checks',
      summary: 'Checks of the car against reports of this walk',
      needs: 'look',
      params: z.object({ id: z.uuid('That is not a walk of this yard.') }),
      gives: checksPageSchema,
      handle: ({ params }) => {
        if (!stores.walks.get(params.id)) throw notFound('walk');
        return {
          checks: stores.arrivals
            .ofWalk(params.id)
            .map((stored) => ({ ...givenOf(stored), from: stores.shares.labelOf(stored.share) })),
        };
      },
    }),
    route({
      method: 'get',
      path: '/api/checks/:check/pdf',
      summary: 'A check as PDF',
      needs: 'look',
      params: checkParams,
      query: paper,
      gives: 'application/pdf',
      handle: ({ params, query }, _request, response) =>
        sendPdf(checkOf(stores, params.check), query.paper, response),
    }),
  ];
}
