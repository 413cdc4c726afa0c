import { setTimeout as wait } from 'node:timers/promises';
import { Problem } from '../problems';
import type { Db } from './openDatabase';

/** Asked again so often whether the lock is free, while others are answered. */
const AGAIN_MS = 25;

interface Patience {
  /** Whoever wants to write waits so long, and is then told to try again. */
  patienceMs?: number;
  /** A lock that is held for longer is no passing one. */
  failsAfterMs?: number;
}

/** Another program holds the right to write: a backup tool, somebody's shell. */
export const isLocked = (error: unknown): boolean =>
  String((error as { code?: unknown } | null)?.code).startsWith('SQLITE_BUSY');

/** Writes what can as well be written later. False when another program holds the lock: then nothing was written. */
export function wrote(write: () => void): boolean {
  try {
    write();
    return true;
  } catch (error) {
    if (isLocked(error)) return false;
    throw error;
  }
}

export const tryAgain = () =>
  new Problem(
    503,
    'try-again',
    'Somebody else is writing just now',
    'Another program, a backup perhaps, holds Zelk’s database. Nothing is lost: what you made stays on this device. Try again in a moment.',
  );

/** Waits for the right to write without standing in anybody's way: SQLite's own waiting would stop the whole server. */
export function makeWriteLock(db: Db, { patienceMs = 5000, failsAfterMs = 15_000 }: Patience = {}) {
  const tryWriting = db.transaction(() => db.pragma('user_version'));
  let heldSinceMs: number | undefined;

  /** Whether the database takes what is written, asked without waiting: `held` while another program writes. */
  function state(): 'open' | 'held' | 'failing' {
    const patience = db.pragma('busy_timeout', { simple: true });
    try {
      db.pragma('busy_timeout = 0');
      tryWriting.immediate();
      heldSinceMs = undefined;
      return 'open';
    } catch (error) {
      if (!isLocked(error)) return 'failing';
      heldSinceMs ??= performance.now();
      return performance.now() - heldSinceMs > failsAfterMs ? 'failing' : 'held';
    } finally {
      db.pragma(`busy_timeout = ${patience}`);
    }
  }

  return {
    state,
    /** Resolves once the lock is free. Rejects with a Problem when it is held too long; what else is wrong is told by whoever writes. */
    turn: async (): Promise<void> => {
      const until = performance.now() + patienceMs;
      while (state() === 'held') {
        if (performance.now() > until) throw tryAgain();
        await wait(AGAIN_MS);
      }
    },
  };
}

export type WriteLock = ReturnType<typeof makeWriteLock>;
