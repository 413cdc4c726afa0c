import { Problem } from './problems';

/** What an operating system says when there is no room: full disk, quota, limit on file size. */
const noRoom: ReadonlySet<unknown> = new Set(['ENOSPC', 'EDQUOT', 'EFBIG', 'SQLITE_FULL']);

/** A failure for want of room as a Problem; anything else as it is. */
export function asNoRoom(error: unknown): unknown {
  if (!noRoom.has((error as { code?: unknown } | null)?.code) && !/no space left/i.test(String(error)))
    return error;
  return new Problem(
    507,
    'disk-full',
    'The server has no room left',
    'The disk of Zelk’s server is full: nothing of this was kept there. It stays on this device; make room on the server, and it is sent again.',
  );
}
