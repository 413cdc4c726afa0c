import { readFile } from 'node:fs/promises';
import { z } from 'zod';
import { receivedSchema } from '#core/api';
import { photoRecordSchema } from '#core/exchange';
import { sha256Schema } from '#core/walk';
import type { Context } from '../../context';
import { wholePicture } from '../../photos/wholePicture';
import { notFound } from '../../problems';
import { sendPhoto } from '../answers/sendPhoto';
import { type AnyRoute, route } from '../route';
import { widthSchema } from '../widthSchema';

const hashParams = z.object({ sha256: sha256Schema });
export function photoRoutes(context: Context): AnyRoute[] {
  const { stores, takeIn, files, away, copies, judge, now } = context;
  return [
    route({
      method: 'put',
      path: '/api/photos/:sha256',
      summary: 'Send a photo, or the rest of one `from` a byte on; repeating it is harmless',
      needs: 'work',
      params: hashParams,
      query: z.object({
        from: z.coerce.number().int().min(0).default(0),
      }),
      takes: ['image/jpeg', 'image/png', 'image/webp'],
      gives: photoRecordSchema,
      handle: async ({ params, query }, request) => {
        const known = stores.photos.get(params.sha256);
        if (known?.stored && (await copies.isWhole(params.sha256))) {
          request.resume();
          return known.record;
        }
        const record = await takeIn(request, params.sha256, query.from);
        stores.photos.put(record, true, now().toISOString());
        judge.add(params.sha256);
        return record;
      },
    }),
    route({
      method: 'get',
      path: '/api/photos/:sha256/received',
      summary:
        'How many bytes of a photo are here from an upload that was cut; all of them once it is stored',
      needs: 'look',
      params: hashParams,
      gives: receivedSchema,
      handle: async ({ params }) => {
        const known = stores.photos.get(params.sha256);
        if (known?.stored && (await copies.isWhole(params.sha256)))
          return { bytes: known.record.bytes, stored: true };
        return { bytes: await files.received(params.sha256), stored: false };
      },
    }),
    route({
      method: 'get',
      path: '/api/photos/:sha256/whole',
      summary: 'A photo in all its pixels, upright, without metadata: to measure on. No link opens it',
      needs: 'look',
      params: hashParams,
      gives: 'image/jpeg',
      handle: async ({ params: { sha256 } }, _request, response) => {
        if (!stores.photos.get(sha256)?.stored)
          throw notFound('photo', 'It may not have been sent from the phone yet.');
        const isHere = await away.bringHere(files.original(sha256));
        // A photo that came with a ZIP is a copy: as large as copies are.
        const picture = isHere
          ? await wholePicture(files.original(sha256))
          : await readFile(await copies.copyOf(sha256, 1600));
        response
          .set({ 'Cache-Control': 'private, max-age=3600', 'Content-Type': 'image/jpeg' })
          .send(picture);
      },
    }),
    route({
      method: 'get',
      path: '/api/photos/:sha256/:width',
      summary: 'A photo as it may be shown: upright, without metadata',
      needs: 'look',
      params: hashParams.extend({ width: widthSchema }),
      gives: 'image/jpeg',
      handle: ({ params }, _request, response) => sendPhoto(context, response, params.sha256, params.width),
    }),
  ];
}
