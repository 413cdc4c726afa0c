import type { Response } from 'express';
import { z } from 'zod';
import { photoRecordSchema } from '#core/exchange';
import { sha256Schema } from '#core/walk';
import { type DerivativeWidth, derivativeWidths } from '../../photos/photoFiles';
import type { Context } from '../context';
import { notFound } from '../problems';
import { type AnyRoute, route } from '../route';

const hashParams = z.object({ sha256: sha256Schema });
export const widthSchema = z.coerce
  .number()
  .refine(
    (width): width is DerivativeWidth => derivativeWidths.includes(width as DerivativeWidth),
    'Photos come 320 or 1600 pixels wide.',
  );

/** A photo is named by its content, so what a name gives never changes. */
const FOREVER = 'public, max-age=31536000, immutable';

/** Sends what may be shown of a photo. The caller has decided that it may. */
export async function sendPhoto(
  { files, stores }: Context,
  response: Response,
  sha256: string,
  width: DerivativeWidth,
  cache = FOREVER,
) {
  if (!stores.photos.get(sha256)?.stored)
    throw notFound('photo', 'It may not have been sent from the phone yet.');
  response.set({ 'Cache-Control': cache, 'Content-Type': 'image/jpeg', ETag: `"${sha256}-${width}"` });
  await new Promise<void>((resolve, reject) => {
    response.sendFile(
      files.derivative(sha256, width),
      { etag: false, lastModified: false, cacheControl: false },
      (error) => (error && !response.headersSent ? reject(error) : resolve()),
    );
  });
}

export function photoRoutes(context: Context): AnyRoute[] {
  const { stores, takeIn, files, now } = context;
  return [
    route({
      method: 'put',
      path: '/api/photos/:sha256',
      summary: 'Send a photo; repeating it is harmless',
      params: hashParams,
      takes: ['image/jpeg', 'image/png', 'image/webp'],
      gives: photoRecordSchema,
      handle: async ({ params }, request) => {
        const known = stores.photos.get(params.sha256);
        if (known?.stored && (await files.has(params.sha256))) {
          request.resume();
          return known.record;
        }
        const record = await takeIn(request, params.sha256);
        stores.photos.put(record, true, now().toISOString());
        return record;
      },
    }),
    route({
      method: 'get',
      path: '/api/photos/:sha256/:width',
      summary: 'A photo as it may be shown: upright, without metadata',
      params: hashParams.extend({ width: widthSchema }),
      gives: 'image/jpeg',
      handle: ({ params }, _request, response) => sendPhoto(context, response, params.sha256, params.width),
    }),
  ];
}
