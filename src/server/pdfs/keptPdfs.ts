import { randomUUID } from 'node:crypto';
import { mkdir, readdir, rename, rm, stat, utimes } from 'node:fs/promises';
import { join } from 'node:path';

/** Together they take so much of the disk at most; those that nobody asked for longest go first. */
const MOST_BYTES = 400 * 1024 * 1024;

/** PDFs of reports that were made once, by a key that tells everything they show. They can be made again: no backup holds them. */
export class KeptPdfs {
  readonly #making = new Map<string, Promise<string>>();

  constructor(
    private readonly dir: string,
    private readonly mostBytes = MOST_BYTES,
  ) {}

  /** Path of the file of a key, made by `write` where it is not there; two who ask at once wait for the same one. Throws what `write` and the disk throw. */
  async pathOf(key: string, write: (file: string) => Promise<void>): Promise<string> {
    const path = this.#place(key);
    if (await this.has(key)) {
      const now = new Date();
      await utimes(path, now, now).catch(() => undefined);
      return path;
    }
    const made = this.#making.get(key) ?? this.#make(path, write).finally(() => this.#making.delete(key));
    this.#making.set(key, made);
    return made;
  }

  has(key: string): Promise<boolean> {
    return stat(this.#place(key)).then(
      (here) => here.isFile(),
      () => false,
    );
  }

  /** Forgets all of them: something they may show was erased. */
  async forget(): Promise<void> {
    await rm(this.dir, { recursive: true, force: true });
  }

  #place(key: string): string {
    return join(this.dir, `${key}.pdf`);
  }

  async #make(path: string, write: (file: string) => Promise<void>): Promise<string> {
    await mkdir(this.dir, { recursive: true, mode: 0o700 });
    const part = join(this.dir, `${randomUUID()}.part`);
    try {
      await write(part);
      await rename(part, path);
    } catch (error) {
      await rm(part, { force: true });
      throw error;
    }
    await this.#prune(path);
    return path;
  }

  async #prune(fresh: string): Promise<void> {
    const names = await readdir(this.dir).catch(() => []);
    const found = await Promise.all(
      names.map(async (name) => {
        const path = join(this.dir, name);
        const { size, mtimeMs } = await stat(path).catch(() => ({ size: 0, mtimeMs: 0 }));
        return { path, size, mtimeMs };
      }),
    );
    let total = found.reduce((sum, { size }) => sum + size, 0);
    for (const { path, size } of found.toSorted((a, b) => a.mtimeMs - b.mtimeMs)) {
      if (total <= this.mostBytes) return;
      if (path === fresh) continue;
      await rm(path, { force: true });
      total -= size;
    }
  }
}
