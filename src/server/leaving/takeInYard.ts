import { randomUUID } from 'node:crypto';
import { mkdir, readFile, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { type Entry, openPromise, type ZipFile } from 'yauzl';
import { z } from 'zod';
import type { YardTakenIn } from '#core/api';
import { readYardFile, type YardFile } from '#core/exchange';
import { MOST_TAUGHT, taughtWordSchema } from '#core/speech';
import { isZip } from '../archive/importArchive';
import { isUnsafeName, MOST_WALK_BYTES, unpack } from '../archive/readArchive';
import { receiveFile } from '../aside/receiveFile';
import type { Context } from '../context';
import { asNoRoom } from '../noRoom';
import { parseJson } from '../parseJson';
import { badRequest, Problem, unprocessable } from '../problems';
import { importWalk } from '../reports/exchange';
import { detailsOf } from '../store/carStore';
import { knownFiles, takeInKnown } from './takeInKnown';

/** Larger than any disk this runs on; the room that is left decides. */
const MOST_BYTES = 4 * 1024 ** 4;
const MOST_YARD_BYTES = 256 * 1024 * 1024;
const MOST_FILES = 5_000_000;

const walkName = /^walks\/[^/]+\/walk\.json$/;
const photoName = /^photos\/([0-9a-f]{64})\.(jpeg|png|webp)$/;
const copyName = /^copies\/([0-9a-f]{64})\.jpeg$/;
const recordingName = /^recordings\/([0-9a-f]{64})\.[a-z0-9-]+$/;

const damaged = () =>
  unprocessable(
    'archive-damaged',
    'This is not a ZIP, or it was cut short. Save it again where it came from.',
  );

/**
 * Takes in all that another Zelk gave out. Each car, walk, photo and recording comes in whole or not at all; what is here already stays as it is, so that
 * what was broken off is simply begun again. The yard's own settings are taken where this one has no cars yet.
 */
export async function takeInYard(context: Context, stream: Readable): Promise<YardTakenIn> {
  const { files } = context;
  const scratch = files.incoming(`yard-${randomUUID()}`);
  const within = (name: string) => join(scratch, name);
  await mkdir(scratch, { recursive: true });
  try {
    await receiveFile(stream, within('zip'), {
      what: 'The ZIP',
      mostBytes: MOST_BYTES,
      begins: { isRight: isZip, otherwise: damaged },
    });
    const zip = await openPromise(within('zip'), { lazyEntries: true, autoClose: false }).catch(() => {
      throw damaged();
    });
    try {
      return await takeIn(context, zip, await entriesIn(zip), within);
    } finally {
      zip.close();
    }
  } catch (error) {
    throw asNoRoom(error);
  } finally {
    await rm(scratch, { recursive: true, force: true });
  }
}

async function entriesIn(zip: ZipFile): Promise<Entry[]> {
  const entries: Entry[] = [];
  try {
    for await (const entry of zip.eachEntry()) if (entries.push(entry) > MOST_FILES) break;
  } catch {
    throw damaged();
  }
  if (entries.some(({ fileName }) => isUnsafeName(fileName)))
    throw unprocessable(
      'archive-suspicious',
      'A file in it has a name that leads out of its folder. Nothing was taken in.',
    );
  return entries;
}

async function takeIn(
  context: Context,
  zip: ZipFile,
  entries: readonly Entry[],
  within: (name: string) => string,
): Promise<YardTakenIn> {
  const { stores, pool, now } = context;
  const yard = await yardIn(zip, entries, within('yard.json'));
  const taken: YardTakenIn = { cars: 0, walks: 0, photos: 0, recordings: 0, refused: [] };
  const isNew = stores.cars.all().length === 0;
  for (const person of yard.people) stores.people.put(person);
  for (const car of yard.cars) {
    if (stores.cars.get(car.id)) continue;
    stores.cars.add(car.id, detailsOf(car), now().toISOString(), car.createdAt);
    taken.cars++;
  }
  // The logo is a file of this server's own; it is chosen anew.
  if (isNew) stores.people.setYard({ ...yard.yard, logo: undefined });
  await takeInWords(context, zip, entries, within('words.json'));
  for (const name of knownFiles) {
    const found = entries.find(({ fileName }) => fileName === name);
    if (!found) continue;
    await unpack(zip, found, within(name), MOST_YARD_BYTES);
    const why = takeInKnown(context, name, parseJson(await readFile(within(name))));
    if (why) taken.refused.push({ file: name, why });
  }
  for (const entry of entries.filter(({ fileName }) => walkName.test(fileName))) {
    const file = within('walk.json');
    try {
      await unpack(zip, entry, file, MOST_WALK_BYTES);
      const walk = await pool.run('walk', { path: file, now: now().toISOString() });
      const { entries: added, reports } = importWalk(stores, walk, now());
      if (added > 0 || reports > 0) taken.walks++;
    } catch (error) {
      if (!(error instanceof Problem) || error.status >= 500) throw error;
      taken.refused.push({ file: entry.fileName, why: error.message });
    } finally {
      await rm(file, { force: true });
    }
  }
  for (const entry of entries) await takeInFile(context, zip, entry, within('copy'), taken);
  return taken;
}

/** The house's own words, but for those that stand for something else here. */
async function takeInWords(
  { stores, now }: Context,
  zip: ZipFile,
  entries: readonly Entry[],
  to: string,
): Promise<void> {
  const found = entries.find(({ fileName }) => fileName === 'words.json');
  if (!found) return;
  await unpack(zip, found, to, MOST_YARD_BYTES);
  const read = z
    .array(taughtWordSchema)
    .max(MOST_TAUGHT)
    .safeParse(parseJson(await readFile(to)));
  const here = new Set(stores.words.all().map(({ word }) => word));
  for (const taught of read.data ?? [])
    if (!here.has(taught.word)) stores.words.put(taught, 'import', now().toISOString());
}

/** A photo or a recording, proven by the name it has by its content. */
async function takeInFile(
  { stores, takeIn, takeInRecording, pool, keeper, files, judge, now }: Context,
  zip: ZipFile,
  entry: Entry,
  scratch: string,
  taken: YardTakenIn,
): Promise<void> {
  const open = async () => (await zip.openReadStreamPromise(entry)) as Readable;
  const at = now().toISOString();
  const [, photo] = photoName.exec(entry.fileName) ?? [];
  const [, copy] = copyName.exec(entry.fileName) ?? [];
  const [, recording] = recordingName.exec(entry.fileName) ?? [];
  try {
    if (photo && !stores.photos.get(photo)?.stored) {
      stores.photos.put(await takeIn(await open(), photo), true, at);
      judge.add(photo);
      taken.photos++;
    } else if (copy && stores.photos.get(copy)?.stored === false) {
      const record = stores.photos.get(copy)?.record;
      await unpack(zip, entry, scratch, entry.uncompressedSize);
      const targets = { large: `${scratch}.1600`, small: `${scratch}.320` };
      await pool.run('develop', { file: scratch, ...targets });
      await keeper.keep([
        [targets.small, files.derivative(copy, 320)],
        [targets.large, files.derivative(copy, 1600)],
      ]);
      if (record) stores.photos.put(record, true, at);
      taken.photos++;
    } else if (recording && !stores.recordings.get(recording)?.stored) {
      stores.recordings.put(await takeInRecording(await open(), recording, 0, 'film'), true, at);
      taken.recordings++;
    }
  } catch (error) {
    if (!(error instanceof Problem) || error.status >= 500) throw error;
    taken.refused.push({ file: entry.fileName, why: error.message });
  }
}

async function yardIn(zip: ZipFile, entries: readonly Entry[], to: string): Promise<YardFile> {
  const found = entries.find(({ fileName }) => fileName === 'yard.json');
  if (!found)
    throw badRequest(
      'archive-without-yard',
      'There is no yard in this ZIP. Choose one that “Take everything out” saved; the ZIP of a single walk is taken in by “Choose a walk file”.',
    );
  await unpack(zip, found, to, MOST_YARD_BYTES);
  const { size } = await stat(to);
  if (size === 0) throw damaged();
  let raw: unknown;
  try {
    raw = JSON.parse(await readFile(to, 'utf8'));
  } catch {
    throw damaged();
  }
  const reading = readYardFile(raw);
  if (!reading.ok) throw unprocessable('archive-damaged', reading.message);
  return reading.file;
}
