import { z } from 'zod';
import { type BackupsPage, type BrokenFile, backupsPageSchema, filesPageSchema } from '#core/api';
import { carTitle } from '#core/car';
import type { Context } from '../../context';
import { freeBytes } from '../../photos/freeBytes';
import type { PutAside } from '../../photos/quarantine';
import { conflict } from '../../problems';
import { type AnyRoute, route } from '../route';

/** More than a screen can list; what there is beyond is told by the count of health. */
const MOST_LISTED = 50;

/** How the files of photos and recordings stand. */
export function fileRoutes(context: Context): AnyRoute[] {
  const { stores, files } = context;
  const walksWith = (sha256: string): BrokenFile['walks'] =>
    stores.walks.naming(sha256).flatMap(({ id, car_id }) => {
      const car = stores.cars.get(car_id);
      return car ? [{ walk: id, title: `${carTitle(car)}, ${car.stockNumber}` }] : [];
    });
  return [
    route({
      method: 'get',
      path: '/api/yard/files',
      summary: 'Files of photos and recordings: how many are kept, which are damaged, what was put aside',
      needs: 'manage',
      params: z.object({}),
      gives: filesPageSchema,
      handle: async () => {
        const { kept, checked } = stores.files.counts();
        const { left = 0, held } = context.swept ?? {};
        return {
          kept,
          checked,
          broken: stores.files
            .broken()
            .slice(0, MOST_LISTED)
            .map(({ path, problem = 'damaged' }) => {
              const sha256 = (path.split('/').at(-1) as string).slice(0, 64);
              return { what: kindOf(path), sha256, problem, walks: walksWith(sha256) };
            }),
          ...(held && { left: { files: left, why: held } }),
          aside: byDay(files.quarantine.list()),
          free: freeBytes(files),
        };
      },
    }),
    route({
      method: 'get',
      path: '/api/yard/backups',
      summary: 'Backups the server makes by itself: when, how many, and what went wrong',
      needs: 'manage',
      gives: backupsPageSchema,
      handle: async () => (await context.backups?.status()) ?? noBackups,
    }),
    route({
      method: 'post',
      path: '/api/yard/backups',
      summary: 'Begin a backup now; its end is told by the list',
      needs: 'manage',
      body: z.object({}),
      gives: backupsPageSchema,
      handle: async (_input, _request, response) => {
        const { backups } = context;
        if (!backups)
          throw conflict('no-backups', 'This server makes no backups by itself: set ZELK_BACKUPS.');
        void backups.run();
        response.status(202);
        return backups.status();
      },
    }),
  ];
}

const noBackups: BackupsPage = { isSetUp: false, made: [], isRunning: false, isLate: false };

const kindOf = (path: string): BrokenFile['what'] =>
  path.startsWith('originals/') ? 'original' : path.startsWith('recordings/') ? 'recording' : 'copy';

function byDay(items: readonly PutAside[]): { since: string; files: number; bytes: number }[] {
  const days = new Map<string, { since: string; files: number; bytes: number }>();
  for (const { since, bytes } of items) {
    const day = days.get(since) ?? { since, files: 0, bytes: 0 };
    days.set(since, { since, files: day.files + 1, bytes: day.bytes + bytes });
  }
  return [...days.values()];
}
