import { z } from 'zod';
import { carSchema } from '../car';
import { pictureQualitySchema } from '../photos';
import { reportDocumentSchema } from '../report';
import { entrySchema, sha256Schema } from '../walk';

/**
 * 1: until reports told which words they were composed by. 2: with that, and their fingerprints. 3: with cures and decisions apart, what was looked
 * for, sweeps, statements, materials, film, story and equipment. 4: with what was looked at again after it was mended. 5: with the words of films,
 * weak spots, how a car stands to others of its age, and the days it stood. 6: with how bad apart from how deep, and what is told first. 7: with what
 * the words of reports were told from. Entries of earlier files keep their bodies; they are read as they were meant.
 */
export const WALK_FILE_VERSION = 7;

export const photoRecordSchema = z.strictObject({
  sha256: sha256Schema,
  mime: z.enum(['image/jpeg', 'image/png', 'image/webp']),
  /** Pixels, upright. */
  width: z.int().positive(),
  height: z.int().positive(),
  bytes: z.int().positive(),
  /** When the camera says it was taken; local time without a zone, as cameras keep it. */
  takenAt: z.string().max(40).optional(),
  /** Focal length as the camera wrote it, and as it would be on a 35 mm film, millimetres. */
  focalMm: z.number().positive().optional(),
  focal35Mm: z.number().positive().optional(),
  quality: pictureQualitySchema.optional(),
  /** What it looks like, 64 bits: copies of one picture differ in few. */
  likeness: z
    .string()
    .regex(/^[0-9a-f]{16}$/)
    .optional(),
});
export type PhotoRecord = z.output<typeof photoRecordSchema>;

export const recordingMimes = [
  'video/mp4',
  'video/webm',
  'audio/mp4',
  'audio/mpeg',
  'audio/ogg',
  'audio/wav',
] as const;
export type RecordingMime = (typeof recordingMimes)[number];

export const recordingRecordSchema = z.strictObject({
  sha256: sha256Schema,
  mime: z.enum(recordingMimes),
  bytes: z.int().positive(),
  /** As the file tells it; those made live do not. */
  seconds: z.number().positive().optional(),
});
export type RecordingRecord = z.output<typeof recordingRecordSchema>;

export const personSchema = z.strictObject({
  id: z.uuid(),
  name: z.string().trim().min(1, 'Type a name.').max(60),
});
export type Person = z.output<typeof personSchema>;

/** One walk with its car, people, log, photo list and frozen reports, as exchanged between Zelks. */
export const walkFileSchema = z.strictObject({
  format: z.literal('zelk-walk'),
  version: z.union([
    z.literal(1),
    z.literal(2),
    z.literal(3),
    z.literal(4),
    z.literal(5),
    z.literal(6),
    z.literal(WALK_FILE_VERSION),
  ]),
  exportedAt: z.iso.datetime(),
  walk: z.uuid(),
  car: carSchema.strict(),
  people: z.array(personSchema),
  /** In the order the exporting server took them in; a report's position counts along it. */
  entries: z.array(entrySchema).min(1).max(100_000),
  photos: z.array(photoRecordSchema).max(10_000),
  recordings: z.array(recordingRecordSchema).max(1000).default([]),
  reports: z.array(reportDocumentSchema).max(1000),
  /** SHA-256 of each report's canonical form as it was frozen, by its id. */
  fingerprints: z.record(z.uuid(), sha256Schema).optional(),
});
export type WalkFile = z.output<typeof walkFileSchema>;

export type WalkFileReading =
  | { ok: true; file: WalkFile }
  | { ok: false; problem: 'not-a-walk-file' | 'newer-version' | 'damaged'; message: string };

/** From anything to a walk file, or what is wrong with it. */
export function readWalkFile(raw: unknown): WalkFileReading {
  const head = raw as { format?: unknown; version?: unknown } | null;
  if (typeof head !== 'object' || head === null || head.format !== 'zelk-walk') {
    return {
      ok: false,
      problem: 'not-a-walk-file',
      message: 'This is not a walk exported from Zelk. Choose the .json file that “Export walk” saved.',
    };
  }
  if (typeof head.version === 'number' && head.version > WALK_FILE_VERSION) {
    return {
      ok: false,
      problem: 'newer-version',
      message: `The file was written by a newer Zelk (format ${head.version}; this one reads up to ${WALK_FILE_VERSION}). Update Zelk and import it again.`,
    };
  }
  const parsed = walkFileSchema.safeParse(raw);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    return {
      ok: false,
      problem: 'damaged',
      message: `The file is damaged at “${issue?.path.join('.') ?? ''}”: ${issue?.message ?? ''} Export it again.`,
    };
  }
  const stray = parsed.data.entries.find((entry) => entry.walk !== parsed.data.walk);
  if (stray) {
    return {
      ok: false,
      problem: 'damaged',
      message: `Entry ${stray.id} belongs to another walk. Export the file again.`,
    };
  }
  return { ok: true, file: parsed.data };
}
