import type { Context } from '../context';
import { rememberNamed } from '../photos/namedCount';
import { conflict, notFound } from '../problems';
import { overwriting, ownFiles } from './carRows';
import { eraseFiles } from './eraseFiles';

interface ShareRow {
  walk_id: string;
  revoked_at: string | null;
}

/**
 * Erases what one reader sent by a link that was withdrawn: questions, what they signed at collection and on arrival, their pictures, and whom the link was for. The
 * report stays as it was frozen; the yard's answers stay in the log of the walk.
 */
export async function eraseReader(context: Context, share: string): Promise<void> {
  const { stores } = context;
  const { db } = stores;
  stores.shares.flush();
  const row = db
    .prepare<[string], ShareRow>(
      'SELECT reports.walk_id, revoked_at FROM shares JOIN reports ON reports.id = shares.report_id WHERE shares.id = ?',
    )
    .get(share);
  if (!row) throw notFound('link');
  if (row.revoked_at === null)
    throw conflict('link-open', 'Whoever has this link can still open it. Withdraw it first.');
  const brought = db
    .prepare<[string], { sha256: string }>('SELECT sha256 FROM share_photos WHERE share_id = ?')
    .all(share)
    .map(({ sha256 }) => sha256);
  await overwriting(db, async () => {
    db.transaction(() => {
      for (const sql of [
        'DELETE FROM questions WHERE share_id = ?',
        'DELETE FROM arrival_checks WHERE share_id = ?',
        'DELETE FROM choices WHERE share_id = ?',
        'DELETE FROM share_photos WHERE share_id = ?',
        'DELETE FROM unlocks WHERE share_id = ?',
        "UPDATE shares SET label = '', passphrase = NULL WHERE id = ?",
      ])
        db.prepare(sql).run(share);
    }).immediate();
    // What a walk or another reader shows too is theirs.
    const own = await ownFiles(db, [], new Set(brought));
    const photo = db.prepare('DELETE FROM photos WHERE sha256 = ?');
    for (const hash of own) photo.run(hash);
    rememberNamed(context);
    for (const hash of own) await eraseFiles(context, hash);
    // What they signed was printed too.
    await context.pdfs.forget();
  });
}

/** Erases a message that went out: to whom, and what it said. */
export async function eraseMessage({ stores }: Pick<Context, 'stores'>, id: string): Promise<void> {
  const { db } = stores;
  await overwriting(db, async () => {
    const { changes } = db.prepare('DELETE FROM messages WHERE id = ?').run(id);
    if (changes === 0) throw notFound('message', 'Load the list again.');
  });
}
