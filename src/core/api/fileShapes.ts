import { z } from 'zod';

/** A file of the server that is not what it was, and the walks that show it. */
export const brokenFileSchema = z.object({
  what: z.enum(['original', 'copy', 'recording']),
  sha256: z.string(),
  problem: z.enum(['missing', 'damaged']),
  walks: z.array(z.object({ walk: z.uuid(), title: z.string() })),
});
export type BrokenFile = z.output<typeof brokenFileSchema>;

/** What the server keeps of photos and recordings, and how it stands. */
export const filesPageSchema = z.object({
  kept: z.int(),
  /** Read again and found whole since they were put there. */
  checked: z.int(),
  broken: z.array(brokenFileSchema),
  /** Files no photo names, left where they are since the database may not be theirs. */
  left: z.object({ files: z.int(), why: z.enum(['new-index', 'older-index', 'smaller-index']) }).optional(),
  /** Files no photo names, by the day they were put aside. */
  aside: z.array(z.object({ since: z.string(), files: z.int(), bytes: z.int() })),
  /** Bytes of room left on the server's disk. */
  free: z.int(),
});
export type FilesPage = z.output<typeof filesPageSchema>;

/** How backups stand. */
export const backupsPageSchema = z.object({
  /** Whether the server makes any by itself. */
  isSetUp: z.boolean(),
  dir: z.string().optional(),
  everyHours: z.number().optional(),
  /** Those that are whole, the newest first. */
  made: z.array(z.object({ at: z.string(), files: z.int(), bytes: z.int() })),
  isRunning: z.boolean(),
  /** The last whole one is older than two should be. */
  isLate: z.boolean(),
  /** What went wrong with the last try, in words. */
  problem: z.string().optional(),
  /** Bytes of room left where they are kept. */
  free: z.int().optional(),
  /** Where copies go to another machine: the last one that got there, and what went wrong since. */
  away: z
    .object({
      last: z.string().optional(),
      problem: z.string().optional(),
      /** Files of photos and recordings that lie there alone. */
      livesThere: z.int(),
    })
    .optional(),
});
export type BackupsPage = z.output<typeof backupsPageSchema>;

/** What would go with a car that is erased. */
export const carErasingSchema = z.object({
  stockNumber: z.string(),
  walks: z.int(),
  reports: z.int(),
  /** Links that open a report of it today. */
  openLinks: z.int(),
  /** Photos and recordings its walks and readers brought. */
  files: z.int(),
});
export type CarErasing = z.output<typeof carErasingSchema>;

/** What came in of a whole yard; what was here already is not counted. */
export const yardTakenInSchema = z.object({
  cars: z.int(),
  walks: z.int(),
  photos: z.int(),
  recordings: z.int(),
  /** Files that were not taken, and why. */
  refused: z.array(z.object({ file: z.string(), why: z.string() })),
});
export type YardTakenIn = z.output<typeof yardTakenInSchema>;

/** For monitors: with 503 where something of it keeps the yard from working. */
export const healthSchema = z.object({
  status: z.enum(['up', 'ailing']),
  /** Whether it answers, and can be written; held for a moment by another program that writes. */
  database: z.enum(['open', 'held', 'failing']),
  /** Bytes of room left for photos, and whether that ends soon. */
  disk: z.object({ free: z.int(), isLow: z.boolean() }),
  /** Files that wait to be opened, and pictures that wait to be judged. */
  queue: z.object({ files: z.int(), pictures: z.int() }),
  /** Files that are missing or damaged. */
  files: z.object({ broken: z.int() }),
  /** Of the server's own backups; left out where it makes none. */
  backups: z.object({ last: z.string().optional(), isLate: z.boolean(), hasProblem: z.boolean() }).optional(),
});
