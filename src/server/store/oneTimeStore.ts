import { randomUUID } from 'node:crypto';
import type { Role } from '#core/people';
import type { Db } from './openDatabase';
import { hashOfToken, newToken } from './tokens';

/** What an address opens: the yard for its first owner, an account for somebody invited, or the yard on one more device. */
export type Opens = 'first' | 'invite' | 'enter';

interface OneTimeRow {
  id: string;
  opens: Opens;
  person_id: string | null;
  name: string | null;
  role: Role | null;
  made_by: string | null;
  created_at: string;
  expires_at: string;
  used_at: string | null;
}

export interface OneTime {
  id: string;
  opens: Opens;
  person?: string;
  name?: string;
  role?: Role;
  madeBy?: string;
  expiresAt: string;
}

interface Wish extends Omit<OneTime, 'id'> {
  at: string;
}

const toOneTime = (row: OneTimeRow): OneTime => ({
  id: row.id,
  opens: row.opens,
  expiresAt: row.expires_at,
  ...(row.person_id && { person: row.person_id }),
  ...(row.name && { name: row.name }),
  ...(row.role && { role: row.role }),
  ...(row.made_by && { madeBy: row.made_by }),
});

/** Addresses that open something once. */
export function makeOneTimeStore(db: Db) {
  const insert = db.prepare(
    `INSERT INTO one_time (id, hash, opens, person_id, name, role, made_by, created_at, expires_at)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
  );
  const byHash = db.prepare<[string], OneTimeRow>('SELECT * FROM one_time WHERE hash = ?');
  const use = db.prepare('UPDATE one_time SET used_at = ? WHERE id = ? AND used_at IS NULL');
  const waiting = db.prepare<[string], OneTimeRow>(
    "SELECT * FROM one_time WHERE opens = 'invite' AND used_at IS NULL AND expires_at > ? ORDER BY created_at, id",
  );
  const withdraw = db.prepare('DELETE FROM one_time WHERE id = ? AND used_at IS NULL');
  const withdrawOf = db.prepare('DELETE FROM one_time WHERE person_id = ? AND used_at IS NULL');
  const withdrawAll = db.prepare('DELETE FROM one_time WHERE opens = ? AND used_at IS NULL');
  const forget = db.prepare('DELETE FROM one_time WHERE expires_at < ?');
  return {
    make: ({ opens, person, name, role, madeBy, at, expiresAt }: Wish): { id: string; token: string } => {
      const token = newToken();
      const id = randomUUID();
      insert.run(
        id,
        hashOfToken(token),
        opens,
        person ?? null,
        name ?? null,
        role ?? null,
        madeBy ?? null,
        at,
        expiresAt,
      );
      return { id, token };
    },
    /** What a token opens at a time; why it does not any more. */
    look: (token: string, now: string): OneTime | 'unknown' | 'used' | 'expired' => {
      const row = byHash.get(hashOfToken(token));
      if (!row) return 'unknown';
      if (row.used_at !== null) return 'used';
      return row.expires_at <= now ? 'expired' : toOneTime(row);
    },
    /** False when somebody was quicker. */
    use: (id: string, now: string): boolean => use.run(now, id).changes === 1,
    invitations: (now: string): OneTime[] => waiting.all(now).map(toOneTime),
    withdraw: (id: string): boolean => withdraw.run(id).changes === 1,
    /** Whatever else was made for somebody opens nothing any more. */
    withdrawOf: (person: string): void => {
      withdrawOf.run(person);
    },
    withdrawAll: (opens: Opens): void => {
      withdrawAll.run(opens);
    },
    forget: (before: string): void => {
      forget.run(before);
    },
  };
}
