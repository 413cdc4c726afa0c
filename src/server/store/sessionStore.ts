import type { Role } from '#core/people';
import type { Db } from './openDatabase';
import { hashOfToken, newToken } from './tokens';
import { wrote } from './writeLock';

interface SessionRow {
  person_id: string;
  device_id: string;
  name: string;
  role: Role;
  created_at: string;
  seen_at: string;
}

/** Somebody signed in on a device. */
export interface Session {
  hash: string;
  person: string;
  name: string;
  role: Role;
  device: string;
}

/** Unused so long it is over; and after so long however it was used. House rule, within ASVS 5.0, 7.3.1 and 7.3.2. */
export const IDLE_MS = 14 * 86_400_000;
export const LONGEST_MS = 90 * 86_400_000;
/** Being seen is written down this seldom: reading must not write. */
const SEEN_EVERY_MS = 10 * 60_000;

export function makeSessionStore(db: Db) {
  const insert = db.prepare(
    'INSERT INTO sessions (hash, person_id, device_id, created_at, seen_at) VALUES (?, ?, ?, ?, ?)',
  );
  const one = db.prepare<[string], SessionRow>(
    `SELECT sessions.*, people.name, accounts.role FROM sessions JOIN accounts USING (person_id)
     JOIN people ON people.id = person_id JOIN devices ON devices.id = device_id
     WHERE sessions.hash = ? AND accounts.ended_at IS NULL AND devices.ended_at IS NULL`,
  );
  const seen = db.prepare('UPDATE sessions SET seen_at = ? WHERE hash = ?');
  const end = db.prepare('DELETE FROM sessions WHERE hash = ?');
  const endOfDevice = db.prepare('DELETE FROM sessions WHERE device_id = ?');
  const endOfPerson = db.prepare('DELETE FROM sessions WHERE person_id = ? AND hash <> ?');
  const forget = db.prepare('DELETE FROM sessions WHERE seen_at < ? OR created_at < ?');
  const ago = (now: Date, ms: number) => new Date(now.getTime() - ms).toISOString();
  return {
    /** Signs in; what the cookie holds is told once. */
    begin: (person: string, device: string, at: string): string => {
      const token = newToken();
      insert.run(hashOfToken(token), person, device, at, at);
      return token;
    },
    /** Who a cookie stands for at a time, if anybody. */
    of: (token: string, now: Date): Session | undefined => {
      const hash = hashOfToken(token);
      const row = one.get(hash);
      if (!row || row.seen_at < ago(now, IDLE_MS) || row.created_at < ago(now, LONGEST_MS)) return undefined;
      // Where it cannot be noted now, it is the next time.
      if (row.seen_at < ago(now, SEEN_EVERY_MS)) wrote(() => seen.run(now.toISOString(), hash));
      return { hash, person: row.person_id, name: row.name, role: row.role, device: row.device_id };
    },
    end: (hash: string): void => {
      end.run(hash);
    },
    endOfDevice: (device: string): void => {
      endOfDevice.run(device);
    },
    /** All of a person's but one. */
    endOfPerson: (person: string, but = ''): void => {
      endOfPerson.run(person, but);
    },
    /** Forgets those that are over. */
    forget: (now: Date): void => {
      forget.run(ago(now, IDLE_MS), ago(now, LONGEST_MS));
    },
  };
}
