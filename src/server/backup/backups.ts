import { statfsSync } from 'node:fs';
import { mkdir, readdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Logger } from 'pino';
import type { BackupsPage } from '#core/api';
import type { ObjectStore } from '../bucket/objectStore';
import { asNoRoom } from '../noRoom';
import { Problem } from '../problems';
import type { Db } from '../store/openDatabase';
import { copyAway, thinOutAway } from './away';
import { backup } from './backup';
import { toKeep } from './keepRules';
import { readManifest } from './manifest';

type Made = BackupsPage['made'][number];

const HOUR_MS = 3_600_000;
/** Looked at so often whether one is due. */
const LOOK_MS = HOUR_MS / 4;
/** Broken off ones carry this until they are whole. */
const PART = '.part';
/** A folder of a backup is named by its time, without what file systems refuse. */
const NAME = /^\d{4}-\d\d-\d\dT\d\d-\d\d-\d\d\.\d{3}Z$/;

interface Settings {
  dataDir: string;
  /** Where backups are kept, each in a folder of its own. */
  dir: string;
  everyHours: number;
  /** Where copies go on another machine, if so. */
  away?: {
    store: ObjectStore;
    /** What photo files hold that lie there alone. */
    livesThere: () => string[];
    /** Moves there what is old enough, once a backup of it is there. */
    moveThere?: () => Promise<number>;
  };
  db: Db;
  now: () => Date;
  log: Logger;
}

/** Makes backups by itself, keeps as many as the rule says, and tells how they stand. */
export function makeBackups({ dataDir, dir, everyHours, away, db, now, log }: Settings) {
  let made: readonly Made[] = [];
  let running: Promise<void> | undefined;
  let problem: string | undefined;
  let lastAway: string | undefined;
  let awayProblem: string | undefined;
  // Counted when it may have changed: monitors ask often, and there may be a million.
  let countThere = 0;
  let timer: ReturnType<typeof setInterval> | undefined;

  const folderOf = (at: string) => join(dir, stampOf(at));

  /** What is in the folder already; newest first. */
  async function look(): Promise<void> {
    await mkdir(dir, { recursive: true, mode: 0o700 });
    const found: Made[] = [];
    for (const name of await readdir(dir)) {
      if (!NAME.test(name)) continue;
      const manifest = await readManifest(join(dir, name)).catch(() => undefined);
      if (!manifest) continue;
      const bytes = manifest.files.reduce((sum, file) => sum + file.bytes, 0);
      found.push({ at: manifest.at, files: manifest.files.length, bytes });
    }
    made = found.toSorted((a, b) => (a.at < b.at ? 1 : -1));
  }

  async function make(): Promise<void> {
    const at = now();
    const folder = folderOf(at.toISOString());
    const [last] = made;
    await removeBroken();
    const like = last && folderOf(last.at);
    const { wanting } = await backup({
      dataDir,
      dir: folder + PART,
      now: at,
      database: db,
      ...(like && { like }),
    });
    await rename(folder + PART, folder);
    await look();
    problem =
      wanting.length > 0
        ? `${wanting.length} files are missing or damaged in the yard itself, and so in the backup. See “Photos on the server”.`
        : undefined;
    await thinOut();
    if (away) await sendAway(away);
  }

  /** What is on this machine is a backup without it: that it did not get away is told by itself. */
  async function sendAway({ store, livesThere, moveThere }: NonNullable<Settings['away']>): Promise<void> {
    const [last] = made;
    if (!last) return;
    try {
      await copyAway(store, folderOf(last.at), stampOf(last.at));
      await thinOutAway(store, dir, livesThere());
      await moveThere?.();
      lastAway = last.at;
      countThere = livesThere().length;
      awayProblem = undefined;
    } catch (error) {
      awayProblem = (error as Error).message;
      log.error({ err: error }, 'the backup was not copied away');
    }
  }

  async function removeBroken(): Promise<void> {
    for (const name of await readdir(dir))
      if (name.endsWith(PART) && NAME.test(name.slice(0, -PART.length)))
        await rm(join(dir, name), { recursive: true, force: true });
  }

  async function thinOut(): Promise<void> {
    const kept = new Set([...toKeep(made.map(({ at }) => new Date(at)))].map((time) => time.toISOString()));
    for (const { at } of made) if (!kept.has(at)) await rm(folderOf(at), { recursive: true, force: true });
    made = made.filter(({ at }) => kept.has(at));
  }

  /** Makes one now; while one is being made, that is the one. Never rejects: what went wrong is told by `status`. */
  function run(): Promise<void> {
    running ??= look()
      .then(make)
      .catch((error: unknown) => {
        problem = inWords(error, dir);
        log.error({ err: error }, 'the backup was not finished');
      })
      .finally(() => {
        running = undefined;
      });
    return running;
  }

  const ageMs = () => (made[0] ? now().getTime() - Date.parse(made[0].at) : undefined);
  const isDue = () => (ageMs() ?? Number.POSITIVE_INFINITY) >= everyHours * HOUR_MS;

  return {
    run,
    /** Looks at what is there, and makes one whenever one is due. */
    start: async (): Promise<void> => {
      countThere = away?.livesThere().length ?? 0;
      await look().catch((error: unknown) => {
        problem = inWords(error, dir);
      });
      const whenDue = () => {
        if (isDue()) void run();
      };
      whenDue();
      timer = setInterval(whenDue, Math.min(LOOK_MS, everyHours * HOUR_MS));
      timer.unref();
    },
    /** No further one is begun; resolves when the one being made has ended. */
    stop: async (): Promise<void> => {
      clearInterval(timer);
      await running;
    },
    status: async (): Promise<BackupsPage> => {
      const free = freeIn(dir);
      return {
        isSetUp: true,
        dir,
        everyHours,
        made: [...made],
        isRunning: running !== undefined,
        // Once more than it should be is bad luck; twice is a fault.
        isLate: (ageMs() ?? Number.POSITIVE_INFINITY) > 2 * everyHours * HOUR_MS,
        ...(problem !== undefined && { problem }),
        ...(free !== undefined && { free }),
        ...(away && {
          away: {
            livesThere: countThere,
            ...(lastAway && { last: lastAway }),
            ...(awayProblem && { problem: awayProblem }),
          },
        }),
      };
    },
  };
}

/** Room left where backups lie; undefined while that cannot be told. */
function freeIn(dir: string): number | undefined {
  try {
    const { bavail, bsize } = statfsSync(dir);
    return bavail * bsize;
  } catch {
    return undefined;
  }
}

/** A time as file systems and stores take it in a name. */
const stampOf = (at: string): string => at.replaceAll(':', '-');

export type Backups = ReturnType<typeof makeBackups>;

function inWords(error: unknown, dir: string): string {
  const told = asNoRoom(error);
  if (told instanceof Problem)
    return `There is no room left in ${dir}. Make room there, or name another folder.`;
  const { code, message } = error as NodeJS.ErrnoException;
  if (code === 'EACCES' || code === 'EPERM' || code === 'EROFS')
    return `Zelk may not write to ${dir}. Let its user do so, or name another folder.`;
  if (code === 'ENOTDIR' || code === 'EEXIST') return `${dir} is no folder. Name another one.`;
  return message;
}
