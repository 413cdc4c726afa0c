import { createHash } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import type { PhotoRecord } from '#core/exchange';
import type { Context } from '../../src/server/context';
import { COPY_QUALITY, develop } from '../../src/server/photos/develop';

/** Beside the packages: gone with them, and never part of the project. */
const SHELF = join('node_modules', '.cache', 'zelk-demo-pictures');
/** Pictures under way together. */
const AT_ONCE = 4;

/** What the copies rest on beside the picture: they are made anew when any of it changes. */
const madeBy = createHash('sha256')
  .update(JSON.stringify([COPY_QUALITY, sharp.versions, develop.toString()]))
  .digest('hex')
  .slice(0, 12);

interface OnShelf {
  record: PhotoRecord;
  original: string;
  large: string;
  small: string;
}

/** The copies of one of the yard's own pictures: made once on a machine, and taken from the shelf from then on. */
async function fromShelf(original: string): Promise<OnShelf> {
  const bytes = readFileSync(original);
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  const at = join(SHELF, `${sha256}-${madeBy}`);
  const [large, small, facts] = [`${at}-1600.jpg`, `${at}-320.jpg`, `${at}.json`];
  // The facts come last: where they are, everything is.
  if (!existsSync(facts)) {
    const making = { large: `${large}.${process.pid}`, small: `${small}.${process.pid}` };
    const developed = await develop(original, 'image/jpeg', making);
    renameSync(making.large, large);
    renameSync(making.small, small);
    writeFileSync(`${facts}.${process.pid}`, JSON.stringify(developed));
    renameSync(`${facts}.${process.pid}`, facts);
  }
  const developed = JSON.parse(readFileSync(facts, 'utf8')) as Omit<PhotoRecord, 'sha256' | 'bytes' | 'mime'>;
  return {
    record: { sha256, bytes: bytes.length, mime: 'image/jpeg', ...developed },
    original,
    large,
    small,
  };
}

type Yard = Pick<Context, 'files' | 'keeper' | 'stores'>;

/** Puts pictures into the yard as its intake would, and tells each one's hash by its name. The server judges them when it first starts. */
export async function putPictures(
  { files, keeper, stores }: Yard,
  dir: string,
  names: readonly string[],
  now: Date,
): Promise<Map<string, string>> {
  mkdirSync(SHELF, { recursive: true });
  const hashes = new Map<string, string>();
  const waiting = [...new Set(names)];
  const putNext = async (): Promise<void> => {
    const name = waiting.pop();
    if (name === undefined) return;
    const { record, original, large, small } = await fromShelf(join(dir, `${name}.jpg`));
    const { sha256 } = record;
    const incoming = files.incoming(sha256);
    const moves = [
      [small, `${incoming}.320`, files.derivative(sha256, 320)],
      [large, `${incoming}.1600`, files.derivative(sha256, 1600)],
      [original, incoming, files.original(sha256)],
    ] as const;
    for (const [from, to] of moves) copyFileSync(from, to);
    await keeper.keep(moves.map(([, from, to]) => [from, to] as const));
    stores.photos.put(record, true, now.toISOString());
    hashes.set(name, sha256);
    await putNext();
  };
  await Promise.all(Array.from({ length: AT_ONCE }, putNext));
  return hashes;
}
