import type { Role } from '#core/people';
import type { Db } from './openDatabase';

interface AccountRow {
  person_id: string;
  name: string;
  role: Role;
  password: string;
  created_at: string;
  ended_at: string | null;
}

/** Somebody of the yard who signs in. */
export interface Account {
  person: string;
  name: string;
  role: Role;
  createdAt: string;
  endedAt?: string;
}

/** Names are the same however they are written: small, composed, with single blanks. */
export const signInName = (name: string): string =>
  name.normalize('NFKC').trim().replace(/\s+/g, ' ').toLowerCase();

const toAccount = (row: AccountRow): Account => ({
  person: row.person_id,
  name: row.name,
  role: row.role,
  createdAt: row.created_at,
  ...(row.ended_at && { endedAt: row.ended_at }),
});

export function makeAccountStore(db: Db) {
  const columns = 'person_id, people.name, role, password, accounts.created_at, ended_at';
  const all = db.prepare<[], AccountRow>(
    `SELECT ${columns} FROM accounts JOIN people ON people.id = person_id ORDER BY people.name, person_id`,
  );
  const byPerson = db.prepare<[string], AccountRow>(
    `SELECT ${columns} FROM accounts JOIN people ON people.id = person_id WHERE person_id = ?`,
  );
  const byName = db.prepare<[string], AccountRow>(
    `SELECT ${columns} FROM accounts JOIN people ON people.id = person_id WHERE sign_in_name = ?`,
  );
  const insert = db.prepare(
    `INSERT INTO accounts (person_id, sign_in_name, role, password, created_at) VALUES (?, ?, ?, ?, ?)`,
  );
  const setPassword = db.prepare('UPDATE accounts SET password = ? WHERE person_id = ?');
  const setRole = db.prepare('UPDATE accounts SET role = ? WHERE person_id = ?');
  const end = db.prepare('UPDATE accounts SET ended_at = ? WHERE person_id = ?');
  const owners = db
    .prepare<[], number>("SELECT count(*) FROM accounts WHERE role = 'owner' AND ended_at IS NULL")
    .pluck();
  const count = db.prepare<[], number>('SELECT count(*) FROM accounts').pluck();
  return {
    list: (): Account[] => all.all().map(toAccount),
    get: (person: string): Account | undefined => {
      const row = byPerson.get(person);
      return row && toAccount(row);
    },
    /** Somebody who may sign in under a name, with what their password is held against. */
    named: (name: string): { account: Account; password: string } | undefined => {
      const row = byName.get(signInName(name));
      return row && row.ended_at === null ? { account: toAccount(row), password: row.password } : undefined;
    },
    passwordOf: (person: string): string | undefined => byPerson.get(person)?.password,
    isTaken: (name: string): boolean => byName.get(signInName(name)) !== undefined,
    /** The person must be known already. */
    add: (account: { person: string; name: string; role: Role; password: string; at: string }): void => {
      insert.run(account.person, signInName(account.name), account.role, account.password, account.at);
    },
    setPassword: (person: string, password: string): void => {
      setPassword.run(password, person);
    },
    setRole: (person: string, role: Role): void => {
      setRole.run(role, person);
    },
    /** Ends an account, or takes that back with null. */
    end: (person: string, at: string | null): void => {
      end.run(at, person);
    },
    owners: (): number => owners.get() as number,
    isAny: (): boolean => (count.get() as number) > 0,
  };
}
