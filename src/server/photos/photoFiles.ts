import { mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { open, readdir, rename, rm, stat } from 'node:fs/promises';
import { dirname, join, relative, sep } from 'node:path';
import { Quarantine } from './quarantine';

export const derivativeWidths = [320, 1600] as const;
export type DerivativeWidth = (typeof derivativeWidths)[number];

/** What was cut on the way is kept so long for its rest. */
const KEEP_PARTS_MS = 7 * 86_400_000;
const PART = '.part';

export interface FileOnDisk {
  place: string;
  path: string;
  writtenMs: number;
  settledMs: number;
}

/** Where photos lie on disk: named by their content, originals apart from what is shown. */
export class PhotoFiles {
  /** Where files go that no photo names. */
  readonly quarantine: Quarantine;

  /**
   * What a killed server left half-taken is swept away: no row names it, and its sender still has it. Uploads cut on the way stay a
   * week, to be gone on with.
   */
  constructor(private readonly root: string) {
    this.quarantine = new Quarantine(join(root, 'quarantine'));
    const incoming = join(root, 'incoming');
    mkdirSync(incoming, { recursive: true });
    const tooOld = Date.now() - KEEP_PARTS_MS;
    for (const name of readdirSync(incoming)) {
      const path = join(incoming, name);
      if (!name.endsWith(PART) || statSync(path).mtimeMs < tooOld) rmSync(path, { force: true });
    }
  }

  /** A place as it is written down: within the photo folder, the same on every machine. */
  relative(path: string): string {
    return relative(this.root, path).split(sep).join('/');
  }

  /** Where a place that was written down lies. */
  at(place: string): string {
    return join(this.root, ...place.split('/'));
  }

  /** The hash a file must have by its own name: originals are named by what they hold. */
  hashInName(place: string): string | undefined {
    return /^originals\/[0-9a-f]{2}\/([0-9a-f]{64})$/.exec(place)?.[1];
  }

  incoming(name: string): string {
    return join(this.root, 'incoming', name);
  }

  /** The beginning of an upload that was cut. */
  part(sha256: string): string {
    return this.incoming(sha256 + PART);
  }

  /** How many bytes of a cut upload are here. */
  async received(sha256: string): Promise<number> {
    return stat(this.part(sha256)).then(
      (here) => (here.isFile() ? here.size : 0),
      () => 0,
    );
  }

  /** Private: with all metadata, never served. */
  original(sha256: string): string {
    return this.#place('originals', sha256, '');
  }

  derivative(sha256: string, width: DerivativeWidth): string {
    return this.#place(String(width), sha256, '.jpg');
  }

  /** A sound or video as it may be played. */
  recording(sha256: string): string {
    return this.#place('recordings', sha256, '');
  }

  /** A copy with its marks and boxes burned in, named by the picture and what is drawn on it. */
  burned(sha256: string, drawing: string, width: DerivativeWidth): string {
    return join(this.root, 'burned', sha256.slice(0, 2), `${sha256}-${drawing}-${width}.jpg`);
  }

  async has(sha256: string): Promise<boolean> {
    return exists(this.original(sha256));
  }

  /** Puts a folder that lies where a file belongs aside: what is in it nobody knows here. */
  clearFolder(path: string): void {
    if (statSync(path, { throwIfNoEntry: false })?.isDirectory())
      this.quarantine.add(
        path,
        `${this.relative(path)}-${Date.now()}`,
        new Date().toISOString().slice(0, 10),
      );
  }

  /** Every file that stands for a photo or recording, with when it was written and when it was put there; shelf by shelf, since there may be a million. */
  async *shelves(): AsyncGenerator<FileOnDisk[]> {
    for (const kind of ['originals', 'burned', 'recordings', ...derivativeWidths.map(String)])
      for (const shelf of await list(join(this.root, kind))) {
        const found: FileOnDisk[] = [];
        for (const name of await list(join(this.root, kind, shelf))) {
          const path = join(this.root, kind, shelf, name);
          // It may go while others are looked at.
          const here = await stat(path).catch(() => undefined);
          if (here)
            found.push({
              place: this.relative(path),
              path,
              writtenMs: here.mtimeMs,
              settledMs: here.ctimeMs,
            });
        }
        yield found;
      }
  }

  #place(kind: string, sha256: string, ending: string): string {
    return join(this.root, kind, sha256.slice(0, 2), sha256 + ending);
  }
}

/** Whether a file lies there; a folder in its place is none. */
export const exists = (path: string): Promise<boolean> =>
  stat(path).then(
    (here) => here.isFile(),
    () => false,
  );

const list = (dir: string): Promise<string[]> => readdir(dir).catch(() => []);

/** Moves a finished file into place so that it is there whole or not at all, also after a power cut. A folder that lies there goes into quarantine. */
export async function settle(files: PhotoFiles, from: string, to: string): Promise<void> {
  mkdirSync(dirname(to), { recursive: true });
  await sync(from);
  files.clearFolder(to);
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
