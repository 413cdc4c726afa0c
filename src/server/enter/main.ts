import { join } from 'node:path';
import { readConfig } from '../config';
import { ownOrigin } from '../reach/reach';
import { demandDatabase } from '../start/databaseGone';
import { startProblem } from '../start/startProblem';
import { openDatabase } from '../store/openDatabase';
import { makeStores } from '../store/stores';

/**
 * `enter NAME` prints an address that signs that person in once, within an hour; `enter --new-password NAME` one by which they set a new password.
 * For whoever is let at the machine Zelk runs on: who may read the data folder may do anything already.
 */
const HOUR_MS = 3_600_000;
const words = process.argv.slice(2);
const isForgotten = words[0] === '--new-password';
const name = words.slice(isForgotten ? 1 : 0).join(' ');
const config = readConfig(process.env);

try {
  if (!name) throw new Error('Usage: bin/enter [--new-password] NAME');
  demandDatabase(config.dataDir);
  const { db, accounts, audit, oneTime } = makeStores(openDatabase(join(config.dataDir, 'zelk.db')));
  const found = accounts.named(name);
  if (!found) {
    const known = accounts.list().flatMap((each) => (each.endedAt ? [] : [each.name]));
    throw new Error(`Nobody called “${name}” signs in here. There are: ${known.join(', ') || 'none yet'}.`);
  }
  const now = new Date();
  const { person, role } = found.account;
  const { token } = oneTime.make({
    opens: isForgotten ? 'invite' : 'enter',
    person,
    role,
    name: found.account.name,
    at: now.toISOString(),
    expiresAt: new Date(now.getTime() + HOUR_MS).toISOString(),
  });
  audit.add({
    at: now.toISOString(),
    what: 'address-made',
    about: `for ${found.account.name}, on the machine itself`,
  });
  db.close();
  const origin = config.publicUrl ?? ownOrigin(config, config.port);
  process.stdout.write(`Open this once, to be ${found.account.name}: ${origin}/enter#${token}\n`);
} catch (error) {
  process.stderr.write(`${startProblem(error, config.dataDir) ?? (error as Error).message}\n`);
  process.exitCode = 1;
}
