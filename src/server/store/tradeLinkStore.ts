import { randomUUID } from 'node:crypto';
import type { TradeLink } from '#core/api';
import type { Db } from './openDatabase';
import { hashOfToken, newToken } from './tokens';

interface Row {
  id: string;
  crew: string;
  label: string;
  created_at: string;
  expires_at: string;
  withdrawn_at: string | null;
  last_opened_at: string | null;
}

export type TradeOpened =
  | { status: 'unknown' | 'withdrawn' | 'expired' }
  | { status: 'open'; link: string; crew: string; label: string; expiresAt: string };

const tokenPattern = /^[A-Za-z0-9_-]{43}$/;

/** Links by which a visiting trade sees its own jobs. Only the hash of a token is kept. */
export function makeTradeLinkStore(db: Db) {
  const insert = db.prepare(
    'INSERT INTO trade_links (id, crew, label, token_hash, created_at, expires_at) VALUES (?, ?, ?, ?, ?, ?)',
  );
  const byHash = db.prepare<[string], Row>('SELECT * FROM trade_links WHERE token_hash = ?');
  const byId = db.prepare<[string], Row>('SELECT * FROM trade_links WHERE id = ?');
  const all = db.prepare<[], Row>('SELECT * FROM trade_links ORDER BY created_at, id');
  const withdraw = db.prepare(
    'UPDATE trade_links SET withdrawn_at = ? WHERE id = ? AND withdrawn_at IS NULL',
  );
  const noteOpened = db.prepare('UPDATE trade_links SET last_opened_at = ? WHERE id = ?');
  const notePhoto = db.prepare(
    'INSERT INTO trade_photos (link_id, sha256, created_at) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
  );
  const photo = db.prepare<[string, string], { sha256: string }>(
    'SELECT sha256 FROM trade_photos WHERE link_id = ? AND sha256 = ?',
  );
  const photos = db.prepare<[string], { n: number }>(
    'SELECT count(*) AS n FROM trade_photos WHERE link_id = ?',
  );
  return {
    /** Makes a link; its token is told once. */
    create: (
      { crew, label, expiresAt }: { crew: string; label: string; expiresAt: string },
      now: string,
    ): TradeLink & { token: string } => {
      const [id, token] = [randomUUID(), newToken()];
      insert.run(id, crew, label, hashOfToken(token), now, expiresAt);
      return { ...toLink(byId.get(id) as Row), token };
    },
    open: (token: string, now: string): TradeOpened => {
      const row = tokenPattern.test(token) ? byHash.get(hashOfToken(token)) : undefined;
      if (!row) return { status: 'unknown' };
      if (row.withdrawn_at !== null) return { status: 'withdrawn' };
      if (row.expires_at <= now) return { status: 'expired' };
      return { status: 'open', link: row.id, crew: row.crew, label: row.label, expiresAt: row.expires_at };
    },
    noteOpened: (id: string, now: string): void => {
      noteOpened.run(now, id);
    },
    all: (): TradeLink[] => all.all().map(toLink),
    withdraw: (id: string, now: string): TradeLink | undefined => {
      withdraw.run(now, id);
      const row = byId.get(id);
      return row && toLink(row);
    },
    notePhoto: (link: string, sha256: string, now: string): void => {
      notePhoto.run(link, sha256, now);
    },
    hasPhoto: (link: string, sha256: string): boolean => photo.get(link, sha256) !== undefined,
    photosOf: (link: string): number => photos.get(link)?.n ?? 0,
  };
}

const toLink = (row: Row): TradeLink => ({
  id: row.id,
  crew: row.crew,
  label: row.label,
  createdAt: row.created_at,
  expiresAt: row.expires_at,
  ...(row.withdrawn_at && { withdrawnAt: row.withdrawn_at }),
  ...(row.last_opened_at && { lastOpenedAt: row.last_opened_at }),
});
