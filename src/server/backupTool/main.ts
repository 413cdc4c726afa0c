import { resolve } from 'node:path';
import { backupsAway, fetchBack } from '../backup/away';
import { backup } from '../backup/backup';
import { restore } from '../backup/restore';
import { awayOf, readConfig } from '../config';
import { lockFolder } from '../start/lockFolder';
import { startProblem } from '../start/startProblem';

/** `backup DIR`, `restore DIR` and `fetch [DIR [STAMP]]`, with the data folder and the bucket from the environment. */
const [what, dir, stamp] = process.argv.slice(2);
const { dataDir } = readConfig({ ...process.env, ZELK_S3: undefined });
process.umask(0o077);

const say = (line: string) => process.stdout.write(`${line}\n`);
const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(1)} MB`;

try {
  if (what === 'fetch') await fetchFrom(dir, stamp);
  else if (!dir || (what !== 'backup' && what !== 'restore'))
    throw new Error('Usage: bin/backup DIR, bin/restore DIR or bin/fetch-backup DIR');
  else if (what === 'backup') {
    const { files, copied, bytes, wanting, inBucket } = await backup({
      dataDir,
      dir: resolve(dir),
      now: new Date(),
    });
    say(`${files} files, ${megabytes(bytes)}, are in ${dir}; ${copied} of them were copied now.`);
    if (inBucket > 0)
      say(`${inBucket} files of photos lie in the bucket alone: they are not in ${dir}. Keep the bucket.`);
    if (wanting.length > 0)
      throw new Error(
        `Missing or damaged in the data folder itself (${wanting.length}): ${wanting.slice(0, 5).join(', ')}. Everything else is in the backup.`,
      );
  } else {
    const unlock = lockFolder(dataDir);
    const { at, files, movedTo, inBucket } = await restore(resolve(dir), dataDir, new Date());
    unlock();
    say(`${files} files of the backup of ${at} are back in ${dataDir}.`);
    if (inBucket > 0)
      say(`${inBucket} files of photos lie in the bucket: start Zelk with the ZELK_S3 that this yard had.`);
    if (movedTo)
      say(`What was there before lies in ${movedTo}; delete it when nothing in it is wanted any more.`);
  }
} catch (error) {
  process.stderr.write(`${startProblem(error, dataDir) ?? (error as Error).message}\n`);
  process.exitCode = 1;
}

async function fetchFrom(to: string | undefined, named: string | undefined): Promise<void> {
  const away = awayOf(process.env);
  if (!away) throw new Error('Set ZELK_S3, ZELK_S3_KEY and ZELK_S3_SECRET to say where the backups are.');
  const { makeS3 } = await import('../bucket/s3');
  const store = makeS3(away);
  if (!to) {
    const all = await backupsAway(store);
    say(all.length > 0 ? all.join('\n') : 'There is no backup in the bucket.');
    return;
  }
  const fetched = await fetchBack(store, resolve(to), named || undefined);
  say(`The backup of ${fetched} is in ${to}. Bring it back with bin/restore ${to}`);
}
