import { chmodSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';

/** Another process works in this folder. */
export class FolderTaken extends Error {
  constructor(dir: string) {
    super(`Another Zelk works in ${dir}. Stop it first, or set ZELK_DATA to another folder.`);
  }
}

/**
 * Makes a data folder this process's own until it ends, however it ends: the operating system gives a lock back when its holder dies.
 * The folder is closed to other people of the machine. Throws FolderTaken when another process has it.
 */
export function lockFolder(dir: string): () => void {
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  chmodSync(dir, 0o700);
  const lock = new Database(join(dir, 'in-use'), { timeout: 0 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    if ((error as { code?: unknown }).code === 'SQLITE_BUSY') throw new FolderTaken(dir);
    throw error;
  }
  return () => lock.close();
}
