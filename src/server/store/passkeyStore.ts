import type { Db } from './openDatabase';

interface PasskeyRow {
  id: string;
  person_id: string;
  public_key: Buffer;
  counter: number;
  transports: string;
  name: string;
  created_at: string;
  used_at: string | null;
}

/** The public half of a key that somebody's device holds. */
export interface Passkey {
  id: string;
  person: string;
  publicKey: Buffer;
  /** How often it was used, as some devices count; 0 where they do not. */
  counter: number;
  transports: string[];
  name: string;
  createdAt: string;
  usedAt?: string;
}

const toPasskey = (row: PasskeyRow): Passkey => ({
  id: row.id,
  person: row.person_id,
  publicKey: row.public_key,
  counter: row.counter,
  transports: JSON.parse(row.transports) as string[],
  name: row.name,
  createdAt: row.created_at,
  ...(row.used_at && { usedAt: row.used_at }),
});

export function makePasskeyStore(db: Db) {
  const one = db.prepare<[string], PasskeyRow>(
    `SELECT passkeys.* FROM passkeys JOIN accounts USING (person_id) WHERE id = ? AND ended_at IS NULL`,
  );
  const ofPerson = db.prepare<[string], PasskeyRow>(
    'SELECT * FROM passkeys WHERE person_id = ? ORDER BY created_at, id',
  );
  const insert = db.prepare(
    `INSERT INTO passkeys (id, person_id, public_key, counter, transports, name, created_at) VALUES (?, ?, ?, ?, ?, ?, ?)`,
  );
  const used = db.prepare('UPDATE passkeys SET counter = ?, used_at = ? WHERE id = ?');
  const remove = db.prepare('DELETE FROM passkeys WHERE id = ? AND person_id = ?');
  return {
    /** One whose owner still signs in. */
    get: (id: string): Passkey | undefined => {
      const row = one.get(id);
      return row && toPasskey(row);
    },
    ofPerson: (person: string): Passkey[] => ofPerson.all(person).map(toPasskey),
    add: (key: Omit<Passkey, 'usedAt'>): void => {
      insert.run(
        key.id,
        key.person,
        key.publicKey,
        key.counter,
        JSON.stringify(key.transports),
        key.name,
        key.createdAt,
      );
    },
    used: (id: string, counter: number, at: string): void => {
      used.run(counter, at, id);
    },
    remove: (id: string, person: string): boolean => remove.run(id, person).changes === 1,
  };
}
