import { z } from 'zod';
import { appendedSchema, appendSchema, importedSchema, walkPageSchema } from '#core/api';
import { walkFileSchema } from '#core/exchange';
import { picturesNamed, replay } from '#core/walk';
import { archiveOfWalk } from '../../archive/archiveOfWalk';
import { importArchive } from '../../archive/importArchive';
import { importWalkFile } from '../../archive/importWalkFile';
import type { Context } from '../../context';
import { signedBy } from '../../people/signedBy';
import { witnessed } from '../../people/witnessed';
import { notFound } from '../../problems';
import { exportWalk } from '../../reports/exchange';
import { sendZip } from '../answers/sendZip';
import { type AnyRoute, route } from '../route';

const idParams = z.object({ id: z.uuid('That is not a walk of this yard.') });

export function walkRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;
  const { walks, cars, photos, reports } = stores;
  return [
    route({
      method: 'get',
      path: '/api/walks/:id',
      summary: 'A walk: its log, car, photos and reports',
      needs: 'look',
      params: idParams,
      gives: walkPageSchema,
      handle: ({ params }) => {
        const row = walks.get(params.id);
        const car = row && cars.get(row.car_id);
        if (!car) throw notFound('walk');
        const entries = walks.entriesOf(row.id);
        const hashes = picturesNamed(replay(row.id, entries));
        return {
          walk: row.id,
          car,
          entries,
          ...(walks.damagedIn(row.id) > 0 && { damaged: walks.damagedIn(row.id) }),
          photos: photos.known(hashes),
          reports: reports.ofWalk(row.id),
        };
      },
    }),
    route({
      method: 'post',
      path: '/api/walks/:id/entries',
      summary: 'Append entries, all or none; the same ones again change nothing',
      needs: 'work',
      params: idParams,
      limit: 8 * 1024 * 1024,
      body: appendSchema,
      gives: appendedSchema,
      handle: async ({ params, body, by }) => {
        const appended = await walks.appendSoon(params.id, body.entries, now(), signedBy(by));
        if (appended.accepted.length > 0) context.live.tellLog(params.id, appended.position);
        return appended;
      },
    }),
    route({
      method: 'get',
      path: '/api/walks/:id/export',
      summary: 'The walk as one file',
      needs: 'send',
      params: idParams,
      gives: walkFileSchema,
      writes: true,
      handle: ({ params, by }, _request, response) => {
        witnessed(context, by, 'data-taken', `walk ${params.id}`);
        response.attachment(`zelk-walk-${params.id.slice(0, 8)}.json`);
        return exportWalk(stores, params.id, now());
      },
    }),
    route({
      method: 'get',
      path: '/api/walks/:id/pictures.zip',
      summary: 'The walk’s pictures as they may be shown, named and described, with its data',
      needs: 'send',
      params: idParams,
      gives: 'application/zip',
      writes: true,
      handle: async ({ params, by }, _request, response) => {
        await sendZip(response, async () => {
          const { stock, ...contents } = await archiveOfWalk(context, params.id);
          witnessed(context, by, 'data-taken', `pictures of ${stock}`);
          return { name: `${stock}-pictures.zip`, contents };
        });
      },
    }),
    route({
      method: 'post',
      path: '/api/imports/archive',
      summary: 'Take in a ZIP of a walk and its pictures from another Zelk',
      needs: 'manage',
      takes: ['application/zip', 'application/x-zip-compressed'],
      status: 201,
      gives: importedSchema,
      handle: async ({ by }, request) => {
        const brought = await importArchive(context, request);
        witnessed(context, by, 'data-brought', `walk ${brought.walk}`);
        return brought;
      },
    }),
    route({
      method: 'post',
      path: '/api/imports',
      summary: 'Take in a walk file from another Zelk',
      needs: 'manage',
      takes: ['application/json'],
      status: 201,
      gives: importedSchema,
      handle: async ({ by }, request) => {
        const brought = await importWalkFile(context, request);
        witnessed(context, by, 'data-brought', `walk ${brought.walk}`);
        return brought;
      },
    }),
  ];
}
