import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** What nobody named is kept so long before it goes. */
const KEEP_DAYS = 30;
const DAY_MS = 86_400_000;

export interface PutAside {
  /** Where it lay, within the photo folder. */
  place: string;
  /** ISO date on which it was put aside. */
  since: string;
  bytes: number;
}

/** A shelf for files that no photo names: nothing is deleted because an index does not know it. One folder a day. */
export class Quarantine {
  constructor(private readonly root: string) {}

  /** Moves a file here from its place within the photo folder. */
  add(from: string, place: string, day: string): void {
    const to = join(this.root, day, ...place.split('/'));
    mkdirSync(dirname(to), { recursive: true });
    renameSync(from, to);
  }

  /** Everything here, the oldest first. */
  list(): PutAside[] {
    return days(this.root).flatMap((since) =>
      filesBelow(join(this.root, since)).map(({ place, path }) => ({
        place,
        since,
        bytes: statSync(path).size,
      })),
    );
  }

  /** Puts a file back where it lay, unless another has come there. */
  bringBack({ place, since }: PutAside, to: string): boolean {
    if (existsSync(to)) return false;
    mkdirSync(dirname(to), { recursive: true });
    renameSync(join(this.root, since, ...place.split('/')), to);
    return true;
  }

  /** Removes what has been here longer than a month. Returns how many days' folders went. */
  removeOld(now: Date): number {
    const tooOld = days(this.root).filter((day) => now.getTime() - Date.parse(day) > KEEP_DAYS * DAY_MS);
    for (const day of tooOld) rmSync(join(this.root, day), { recursive: true, force: true });
    return tooOld.length;
  }
}

const days = (root: string): string[] =>
  existsSync(root)
    ? readdirSync(root)
        .filter((name) => /^\d{4}-\d{2}-\d{2}$/.test(name))
        .toSorted()
    : [];

function filesBelow(dir: string): { place: string; path: string }[] {
  return readdirSync(dir, { withFileTypes: true, recursive: true })
    .filter((item) => item.isFile())
    .map((item) => {
      const path = join(item.parentPath, item.name);
      return {
        place: path
          .slice(dir.length + 1)
          .split(/[\\/]/)
          .join('/'),
        path,
      };
    });
}
