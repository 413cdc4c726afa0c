import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Db } from './openDatabase';

export interface Share {
  id: string;
  label: string;
  createdAt: string;
  revokedAt?: string;
}

interface ShareRow {
  id: string;
  report_id: string;
  label: string;
  created_at: string;
  revoked_at: string | null;
}

const TOKEN_BYTES = 20;
export const tokenPattern = /^[A-Za-z0-9_-]{27}$/;

const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

export function makeShareStore(db: Db) {
  const insert = db.prepare(
    'INSERT INTO shares (id, report_id, token_hash, label, created_at) VALUES (?, ?, ?, ?, ?)',
  );
  const byHash = db.prepare<[string], ShareRow>('SELECT * FROM shares WHERE token_hash = ?');
  const byId = db.prepare<[string], ShareRow>('SELECT * FROM shares WHERE id = ?');
  const ofReport = db.prepare<[string], ShareRow>(
    'SELECT * FROM shares WHERE report_id = ? ORDER BY created_at, id',
  );
  const revoke = db.prepare('UPDATE shares SET revoked_at = ? WHERE id = ? AND revoked_at IS NULL');
  return {
    /** Makes a link's token: 160 random bits, told once; only its hash is kept. */
    create: (report: string, label: string, now: string): Share & { token: string } => {
      const token = randomBytes(TOKEN_BYTES).toString('base64url');
      const id = randomUUID();
      insert.run(id, report, hashOf(token), label, now);
      return { id, label, createdAt: now, token };
    },
    /** The report a token opens. */
    open: (
      token: string,
    ): { status: 'unknown' } | { status: 'revoked' } | { status: 'open'; report: string } => {
      const row = tokenPattern.test(token) ? byHash.get(hashOf(token)) : undefined;
      if (!row) return { status: 'unknown' };
      return row.revoked_at === null ? { status: 'open', report: row.report_id } : { status: 'revoked' };
    },
    ofReport: (report: string): Share[] => ofReport.all(report).map(toShare),
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
  revokedAt: row.revoked_at ?? undefined,
});

export type ShareStore = ReturnType<typeof makeShareStore>;
