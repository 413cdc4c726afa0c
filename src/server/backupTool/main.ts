import { resolve } from 'node:path';
import { backup } from '../backup/backup';
import { restore } from '../backup/restore';
import { readConfig } from '../config';
import { lockFolder } from '../start/lockFolder';
import { startProblem } from '../start/startProblem';

/** `backup DIR` and `restore DIR`, with the data folder from the environment. */
const [what, dir] = process.argv.slice(2);
const { dataDir } = readConfig(process.env);
process.umask(0o077);

const say = (line: string) => process.stdout.write(`${line}\n`);
const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(1)} MB`;

try {
  if (!dir || (what !== 'backup' && what !== 'restore'))
    throw new Error('Usage: bin/backup DIR or bin/restore DIR');
  if (what === 'backup') {
    const { files, copied, bytes, wanting } = await backup({
      dataDir,
      dir: resolve(dir),
      now: new Date(),
    });
    say(`${files} files, ${megabytes(bytes)}, are in ${dir}; ${copied} of them were copied now.`);
    if (wanting.length > 0)
      throw new Error(
        `Missing or damaged in the data folder itself (${wanting.length}): ${wanting.slice(0, 5).join(', ')}. Everything else is in the backup.`,
      );
  } else {
    const unlock = lockFolder(dataDir);
    const { at, files, movedTo } = await restore(resolve(dir), dataDir, new Date());
    unlock();
    say(`${files} files of the backup of ${at} are back in ${dataDir}.`);
    if (movedTo)
      say(`What was there before lies in ${movedTo}; delete it when nothing in it is wanted any more.`);
  }
} catch (error) {
  process.stderr.write(`${startProblem(error, dataDir) ?? (error as Error).message}\n`);
  process.exitCode = 1;
}
