import { mkdirSync, rmSync } from 'node:fs';
import { access, open, rename, rm } from 'node:fs/promises';
import { dirname, join } from 'node:path';

export const derivativeWidths = [320, 1600] as const;
export type DerivativeWidth = (typeof derivativeWidths)[number];

/** Where photos lie on disk: named by their content, originals apart from what is shown. */
export class PhotoFiles {
  /** What a killed server left half-taken is swept away: no row names it, and its sender still has it. */
  constructor(private readonly root: string) {
    rmSync(join(root, 'incoming'), { recursive: true, force: true });
    mkdirSync(join(root, 'incoming'), { recursive: true });
  }

  incoming(name: string): string {
    return join(this.root, 'incoming', name);
  }

  /** Private: with all metadata, never served. */
  original(sha256: string): string {
    return this.#place('originals', sha256, '');
  }

  derivative(sha256: string, width: DerivativeWidth): string {
    return this.#place(String(width), sha256, '.jpg');
  }

  async has(sha256: string): Promise<boolean> {
    return access(this.original(sha256)).then(
      () => true,
      () => false,
    );
  }

  #place(kind: string, sha256: string, ending: string): string {
    return join(this.root, kind, sha256.slice(0, 2), sha256 + ending);
  }
}

/** Moves a finished file into place so that it is there whole or not at all, also after a power cut. */
export async function settle(from: string, to: string): Promise<void> {
  mkdirSync(dirname(to), { recursive: true });
  await sync(from);
  await rename(from, to);
  await sync(dirname(to));
}

async function sync(path: string): Promise<void> {
  const handle = await open(path, 'r');
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

export const discard = (path: string): Promise<void> => rm(path, { force: true });
