import { type BackupsPage, healthSchema } from '#core/api';
import type { Context } from '../../context';
import { freeBytes } from '../../photos/freeBytes';
import { notFound } from '../../problems';
import { type AnyRoute, route } from '../route';

/** With less room than this a few walks' photos would fill the disk. */
const LOW_BYTES = 200 * 1024 * 1024;

/** How the server is, for those who watch it. */
export function healthRoutes(context: Context): AnyRoute[] {
  const { stores, files, pool, judge, measures, now } = context;
  return [
    route({
      method: 'get',
      path: '/api/health',
      summary: 'Whether the server is up: database, disk, queues, and whether its files are what they were',
      needs: 'anyone',
      gives: healthSchema,
      handle: async (_input, _request, response) => {
        const backups = await context.backups?.status();
        const database = stores.writeLock.state();
        const free = freeBytes(files);
        const isUp = database !== 'failing' && free >= LOW_BYTES;
        if (!isUp) response.status(503);
        return {
          status: isUp ? ('up' as const) : ('ailing' as const),
          database,
          disk: { free, isLow: free < LOW_BYTES },
          queue: { files: pool.waiting, pictures: judge.waiting },
          files: { broken: stores.files.countBroken() },
          ...(backups && { backups: backupsIn(backups) }),
        };
      },
    }),
    route({
      method: 'get',
      path: '/api/metrics',
      summary: 'Measures in Prometheus’ text format, for this machine alone',
      needs: 'anyone',
      gives: 'text/plain',
      handle: async (_input, { socket, headers }, response) => {
        const isHere = /^(::ffff:)?127\.|^::1$/.test(socket.remoteAddress ?? '');
        if (!isHere || headers['x-forwarded-for'] !== undefined) throw notFound('address');
        const backups = await context.backups?.status();
        const text = await measures.text({
          free: freeBytes(files),
          filesWaiting: pool.waiting,
          picturesWaiting: judge.waiting,
          broken: stores.files.countBroken(),
          ...(backups && { backupAge: ageOf(backups, now()) }),
        });
        response.type(measures.type).send(text);
      },
    }),
  ];
}

const backupsIn = ({ made: [last], isLate, problem, away }: BackupsPage) => ({
  ...(last && { last: last.at }),
  isLate,
  hasProblem: problem !== undefined || away?.problem !== undefined,
});

/** Seconds since the last whole one; without one since long before anybody would accept it. */
const ageOf = ({ made: [last] }: BackupsPage, now: Date): number =>
  last ? (now.getTime() - Date.parse(last.at)) / 1000 : Number.POSITIVE_INFINITY;
