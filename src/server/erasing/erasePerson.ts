import type { Context } from '../context';
import { conflict, notFound } from '../problems';
import { overwriting } from './carRows';

/** Who stands on entries once their name is erased. */
export const NOBODYS_NAME = 'A former colleague';

/**
 * Erases what is kept of somebody whose account has ended: name, password, passkeys, devices they used, routes. What they said on walks stays, under no name.
 * Reports they signed stay as they were signed, and the trail of who did what as it was written.
 */
export async function erasePerson(
  { stores, pdfs }: Pick<Context, 'stores' | 'pdfs'>,
  person: string,
): Promise<void> {
  const account = stores.accounts.get(person);
  if (!account) throw notFound('account', 'Load the list again.');
  if (!account.endedAt)
    throw conflict('account-open', `${account.name} still signs in here. End the account first.`);
  const { db } = stores;
  await pdfs.forget();
  await overwriting(db, async () => {
    db.transaction(() => {
      const theirs = db
        .prepare<[string], { id: string }>('SELECT device_id AS id FROM device_people WHERE person_id = ?')
        .all(person);
      for (const sql of [
        'DELETE FROM sessions WHERE person_id = ?',
        'DELETE FROM passkeys WHERE person_id = ?',
        'DELETE FROM device_people WHERE person_id = ?',
        'DELETE FROM routes WHERE person_id = ?',
        'DELETE FROM practice_answers WHERE person = ?',
        'DELETE FROM practice_cards WHERE person = ?',
        'DELETE FROM practice_shared WHERE person = ?',
        'DELETE FROM one_time WHERE person_id = ?',
        'DELETE FROM accounts WHERE person_id = ?',
      ])
        db.prepare(sql).run(person);
      // A device that nobody else used is somebody's own.
      const device = db.prepare(
        `DELETE FROM devices WHERE id = ? AND id NOT IN (SELECT device_id FROM device_people)
         AND id NOT IN (SELECT device_id FROM sessions)`,
      );
      for (const { id } of theirs) device.run(id);
      db.prepare('UPDATE people SET name = ? WHERE id = ?').run(NOBODYS_NAME, person);
    }).immediate();
  });
}
