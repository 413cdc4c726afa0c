import type { Request } from 'express';
import { keptPictureSchema, tradePageSchema } from '#core/api';
import { sha256Schema } from '#core/walk';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import { tradeLinkProblems } from '../../trade/openTradeLink';
import { sayWork } from '../../trade/sayWork';
import { sheetOf, sheetTold } from '../../trade/sheetOf';
import { makeTradePictures } from '../../trade/tradePictures';
import { sendPhoto } from '../answers/sendPhoto';
import { sendSheetPdf } from '../answers/sendSheetPdf';
import { addressOf } from '../guessLimit';
import { tokenParams } from '../openLink';
import { type AnyRoute, route } from '../route';
import { takeInByLink } from '../takeInByLink';
import { widthSchema } from '../widthSchema';
import { dayQuery, nothing, paperQuery, sayBody } from './sheets';

/** So many pictures one link may send: some weeks of work. */
const MOST_PHOTOS_A_LINK = 400;

/** What a visiting trade sees and says by its link: its own jobs, and nothing else of the yard. */
export function tradeRoutes(context: Context): AnyRoute[] {
  const { stores, now, guesses } = context;
  const pictures = makeTradePictures(context);
  const opened = (request: Request, token: string) => {
    const answer = stores.tradeLinks.open(token, now().toISOString());
    if (answer.status === 'unknown') guesses.wrongLink(addressOf(request));
    if (answer.status !== 'open') throw tradeLinkProblems[answer.status]();
    return answer;
  };
  const admit = ({ token }: { token: string }, request: Request): void => {
    opened(request, token);
  };
  return [
    route({
      method: 'get',
      path: '/api/trade/:token',
      summary: 'The jobs of the trade whose link it is',
      needs: 'link',
      params: tokenParams,
      gives: tradePageSchema,
      handle: async ({ params }, request) => {
        const { crew, label, expiresAt, link } = opened(request, params.token);
        stores.tradeLinks.noteOpened(link, now().toISOString());
        const sheet = await sheetOf(context, crew);
        pictures.note(crew, sheet);
        return { label, expiresAt, sheet: sheetTold(sheet) };
      },
    }),
    route({
      method: 'get',
      path: '/api/trade/:token/sheet.pdf',
      summary: 'The same as PDF',
      needs: 'link',
      params: tokenParams,
      query: dayQuery.extend(paperQuery.shape),
      gives: 'application/pdf',
      handle: async ({ params, query }, request, response) => {
        const { crew } = opened(request, params.token);
        return sendSheetPdf(context, await sheetOf(context, crew, query.day), query.paper, response);
      },
    }),
    route({
      method: 'put',
      path: '/api/trade/:token/work',
      summary: 'Say of a job of this trade that it is done, or cannot be done and why; null takes it back',
      needs: 'link',
      params: tokenParams,
      admit,
      body: sayBody,
      gives: nothing,
      handle: async ({ params, body }, request) => {
        const { crew, label, link } = opened(request, params.token);
        await sayWork(context, body, {
          name: label,
          crew,
          // Only who sent a picture may name it.
          hasPhoto: (sha256) => stores.tradeLinks.hasPhoto(link, sha256),
        });
        return {};
      },
    }),
    route({
      method: 'put',
      path: '/api/trade/:token/photos/:sha256',
      summary: 'Send a picture of a job; repeating it is harmless',
      needs: 'link',
      params: tokenParams.extend({ sha256: sha256Schema }),
      admit,
      takes: ['image/jpeg', 'image/png', 'image/webp'],
      gives: keptPictureSchema,
      handle: ({ params: { token, sha256 } }, request) => {
        const { link } = opened(request, token);
        return takeInByLink(context, request, link, sha256, {
          has: stores.tradeLinks.hasPhoto,
          count: stores.tradeLinks.photosOf,
          note: stores.tradeLinks.notePhoto,
          most: MOST_PHOTOS_A_LINK,
          instead: 'Ask the yard for a new link.',
        });
      },
    }),
    route({
      method: 'get',
      path: '/api/trade/:token/photos/:sha256/:width',
      summary: 'A picture of a job of this trade, or one that came by its link',
      needs: 'link',
      params: tokenParams.extend({ sha256: sha256Schema, width: widthSchema }),
      gives: 'image/jpeg',
      handle: async ({ params: { token, sha256, width } }, request, response) => {
        const { crew, link } = opened(request, token);
        const own = stores.tradeLinks.hasPhoto(link, sha256) ? {} : undefined;
        const overlay = own ?? (await pictures.overlayOf(crew, sha256));
        if (!overlay) throw notFound('photo');
        return sendPhoto(context, response, sha256, width, { overlay });
      },
    }),
  ];
}
