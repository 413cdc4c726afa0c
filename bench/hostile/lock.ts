import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';

/** Holds the write lock of a database in a process of its own for so long, as a backup tool may. Resolves once it is held, with when it is free again. */
export async function holdLock(dataDir: string, ms: number): Promise<{ free: Promise<unknown> }> {
  const hold = `
    const db = new (require('better-sqlite3'))(${JSON.stringify(join(dataDir, 'zelk.db'))});
    db.exec('BEGIN IMMEDIATE');
    console.log('held');
    setTimeout(() => db.close(), ${ms});`;
  const child = spawn(process.execPath, ['-e', hold], { stdio: ['ignore', 'pipe', 'inherit'] });
  const free = once(child, 'exit');
  await once(child.stdout, 'data');
  return { free };
}
