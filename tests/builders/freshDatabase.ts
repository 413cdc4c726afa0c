import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '../../src/server/store/openDatabase';

let made: Buffer | undefined;

/** What a new yard's database file holds: every migration applied, nothing in it. */
function fresh(): Buffer {
  if (made) return made;
  const dir = mkdtempSync(join(tmpdir(), 'zelk-fresh-'));
  const file = join(dir, 'zelk.db');
  openDatabase(file).close();
  made = readFileSync(file);
  rmSync(dir, { recursive: true, force: true });
  return made;
}

/** Puts a new yard's database into a folder that has none: how it comes about has tests of its own. */
export function putFreshDatabase(dir: string): void {
  const file = join(dir, 'zelk.db');
  if (!existsSync(file)) writeFileSync(file, fresh());
}
