import type { Readable } from 'node:stream';

/** A store of files by name, on another machine. */
export interface ObjectStore {
  has(key: string): Promise<boolean>;
  /** Sends a file; one of that name is replaced. */
  put(key: string, file: string): Promise<void>;
  /** Fetches one into a file. Rejects where there is none. */
  get(key: string, file: string): Promise<void>;
  /** One as it comes. Rejects where there is none. */
  open(key: string): Promise<Readable>;
  /** Names that begin so. */
  list(prefix: string): Promise<string[]>;
  remove(key: string): Promise<void>;
}
