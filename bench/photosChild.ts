import { createHash } from 'node:crypto';
import { createReadStream, mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { pool } from '../src/server/aside/pool';
import { makeLine } from '../src/server/line';
import { makeAwayFiles } from '../src/server/photos/awayFiles';
import { makeKeeper } from '../src/server/photos/keeper';
import { PhotoFiles } from '../src/server/photos/photoFiles';
import { makePhotoIntake } from '../src/server/photos/takeIn';
import { makeFileStore } from '../src/server/store/fileStore';
import { openDatabase } from '../src/server/store/openDatabase';
import { makeWriteLock } from '../src/server/store/writeLock';

/** One way of taking the photos in, measured from inside. */
const [, , way, dir] = process.argv as [string, string, 'zelk' | 'bare', string];
const input = join(dir, 'in');
const names = readdirSync(input);
const hashes = new Map(
  names.map((name) => [
    name,
    createHash('sha256')
      .update(readFileSync(join(input, name)))
      .digest('hex'),
  ]),
);
const out = mkdtempSync(join(dir, `${way}-`));

async function zelk(): Promise<void> {
  const files = new PhotoFiles(out);
  const db = openDatabase(':memory:');
  const known = makeFileStore(db);
  const keeper = makeKeeper(files, known, makeAwayFiles(files, known), makeWriteLock(db).turn);
  const takeIn = makePhotoIntake(files, keeper.keep, pool);
  const line = makeLine(2);
  await Promise.all(
    names.map((name) =>
      line.run(name, () => takeIn(createReadStream(join(input, name)), hashes.get(name) as string)),
    ),
  );
}

/** What anyone would write with sharp alone: both widths from one file, same qualities. */
async function bare(): Promise<void> {
  const line = makeLine(2);
  await Promise.all(
    names.map((name) =>
      line.run(name, async () => {
        const image = sharp(join(input, name)).autoOrient();
        await image
          .clone()
          .resize({ width: 1600, withoutEnlargement: true })
          .jpeg({ quality: 80 })
          .toFile(join(out, `${name}.1600.jpg`));
        await image
          .clone()
          .resize({ width: 320, withoutEnlargement: true })
          .jpeg({ quality: 72 })
          .toFile(join(out, `${name}.320.jpg`));
      }),
    ),
  );
}

const start = performance.now();
await (way === 'zelk' ? zelk() : bare());
const durationMs = performance.now() - start;
process.send?.({ durationMs, peakMb: Math.round(process.resourceUsage().maxRSS / 1024) });
process.disconnect();
