import { createHash, randomBytes, randomUUID, scrypt, timingSafeEqual } from 'node:crypto';
import type { Share } from '#core/api';
import type { Db } from './openDatabase';
import { makeOpenings } from './openings';

interface ShareRow {
  id: string;
  report_id: string;
  label: string;
  created_at: string;
  revoked_at: string | null;
  expires_at: string | null;
  passphrase: string | null;
  opened: number;
  first_opened_at: string | null;
  last_opened_at: string | null;
}

export interface ShareWish {
  label: string;
  /** After it nothing opens any more, UTC. */
  expiresAt?: string;
  passphrase?: string;
}

export type Opened =
  | { status: 'unknown' }
  | { status: 'revoked' }
  | { status: 'expired' }
  /** It asks for its passphrase first. */
  | { status: 'locked'; share: string }
  | { status: 'open'; share: string; report: string };

const TOKEN_BYTES = 20;
export const tokenPattern = /^[A-Za-z0-9_-]{27}$/;
const KEY_BYTES = 32;

// Looked up by its hash, so that how long it takes tells nothing of the token.
const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

const newToken = () => randomBytes(TOKEN_BYTES).toString('base64url');

/** Slow on purpose, and beside the main thread: others do not wait for it. */
const keyOf = (passphrase: string, salt: Buffer): Promise<Buffer> =>
  new Promise((done, fail) => {
    scrypt(passphrase.normalize('NFKC'), salt, KEY_BYTES, (error, key) => (error ? fail(error) : done(key)));
  });

async function lock(passphrase: string): Promise<string> {
  const salt = randomBytes(16);
  return `${salt.toString('hex')}:${(await keyOf(passphrase, salt)).toString('hex')}`;
}

async function fits(passphrase: string, kept: string): Promise<boolean> {
  const [salt = '', key = ''] = kept.split(':');
  const tried = await keyOf(passphrase, Buffer.from(salt, 'hex'));
  return timingSafeEqual(tried, Buffer.from(key, 'hex'));
}

export function makeShareStore(db: Db) {
  const insert = db.prepare(
    `INSERT INTO shares (id, report_id, token_hash, label, created_at, expires_at, passphrase)
     VALUES (?, ?, ?, ?, ?, ?, ?)`,
  );
  const byHash = db.prepare<[string], ShareRow>('SELECT * FROM shares WHERE token_hash = ?');
  const byId = db.prepare<[string], ShareRow>('SELECT * FROM shares WHERE id = ?');
  // A link belongs to the walk: it opens the newest revision, whichever it was made for.
  const ofWalk = db.prepare<[string], ShareRow>(
    `SELECT shares.* FROM shares JOIN reports ON reports.id = shares.report_id
     WHERE reports.walk_id = (SELECT walk_id FROM reports WHERE id = ?) ORDER BY shares.created_at, shares.id`,
  );
  const revoke = db.prepare('UPDATE shares SET revoked_at = ? WHERE id = ? AND revoked_at IS NULL');
  const openings = makeOpenings(db);
  const forgetUnlocks = db.prepare('DELETE FROM unlocks WHERE created_at < ?');
  const insertUnlock = db.prepare('INSERT INTO unlocks (hash, share_id, created_at) VALUES (?, ?, ?)');
  const unlocked = db.prepare<[string, string], { hash: string }>(
    'SELECT hash FROM unlocks WHERE hash = ? AND share_id = ?',
  );
  return {
    /** Makes a link's token: 160 random bits, told once; only its hash is kept. */
    create: async (report: string, wish: ShareWish, now: string): Promise<Share & { token: string }> => {
      const { label, expiresAt, passphrase } = wish;
      const token = newToken();
      const id = randomUUID();
      const kept = passphrase ? await lock(passphrase) : null;
      insert.run(id, report, hashOf(token), label, now, expiresAt ?? null, kept);
      return { ...toShare(byId.get(id) as ShareRow), token };
    },
    /** Another address of a link that was made: for the same reader, as long, with the same passphrase. The one before goes on opening. Undefined where there is no such link. */
    again: (id: string, now: string): (Share & { token: string }) | undefined => {
      const row = byId.get(id);
      if (!row) return undefined;
      const token = newToken();
      const fresh = randomUUID();
      const lasts = row.expires_at && Date.parse(row.expires_at) - Date.parse(row.created_at);
      const until = lasts ? new Date(Date.parse(now) + lasts).toISOString() : null;
      insert.run(fresh, row.report_id, hashOf(token), row.label, now, until, row.passphrase);
      return { ...toShare(byId.get(fresh) as ShareRow), token };
    },
    /** What a token opens at a time, for a browser that may have given its passphrase before. */
    open: (token: string, now: string, unlock?: string): Opened => {
      const row = tokenPattern.test(token) ? byHash.get(hashOf(token)) : undefined;
      if (!row) return { status: 'unknown' };
      if (row.revoked_at !== null) return { status: 'revoked' };
      if (row.expires_at !== null && row.expires_at <= now) return { status: 'expired' };
      const isLocked = row.passphrase !== null && !(unlock && unlocked.get(hashOf(unlock), row.id));
      return isLocked
        ? { status: 'locked', share: row.id }
        : { status: 'open', share: row.id, report: row.report_id };
    },
    /** What a browser keeps after the right passphrase; undefined after a wrong one. */
    unlock: async (share: string, passphrase: string, now: string): Promise<string | undefined> => {
      const kept = byId.get(share)?.passphrase;
      if (!kept || !(await fits(passphrase, kept))) return undefined;
      const unlock = newToken();
      insertUnlock.run(hashOf(unlock), share, now);
      return unlock;
    },
    /** Forgets browsers that gave a passphrase before a time: their cookies are over too. */
    forgetUnlocks: (before: string): void => {
      forgetUnlocks.run(before);
    },
    /** When a link stops opening, UTC; undefined where it does not. */
    expiryOf: (share: string): string | undefined => byId.get(share)?.expires_at ?? undefined,
    labelOf: (share: string): string => byId.get(share)?.label ?? '',
    noteOpened: openings.note,
    /** Writes down what was opened lately; for when the server stops. */
    flush: openings.flush,
    /** All links to the walk a report is of. */
    beside: (report: string): Share[] => {
      openings.flush();
      return ofWalk.all(report).map(toShare);
    },
    revoke: (id: string, now: string): Share | undefined => {
      revoke.run(now, id);
      const row = byId.get(id);
      return row && toShare(row);
    },
  };
}

const toShare = (row: ShareRow): Share => ({
  id: row.id,
  label: row.label,
  createdAt: row.created_at,
  hasPassphrase: row.passphrase !== null,
  opened: row.opened,
  ...(row.revoked_at && { revokedAt: row.revoked_at }),
  ...(row.expires_at && { expiresAt: row.expires_at }),
  ...(row.first_opened_at && { firstOpenedAt: row.first_opened_at }),
  ...(row.last_opened_at && { lastOpenedAt: row.last_opened_at }),
});
