import { z } from 'zod';
import { carSchema } from '../car';
import { yardSchema } from '../yard';
import { personSchema } from './walkFile';

export const YARD_FILE_VERSION = 1;

/** What a whole yard’s archive says of itself in `yard.json`; its walks, photos and reports lie beside it as files. */
export const yardFileSchema = z.strictObject({
  format: z.literal('zelk-yard'),
  version: z.literal(YARD_FILE_VERSION),
  exportedAt: z.iso.datetime(),
  yard: yardSchema,
  /** Whose names stand on entries. */
  people: z.array(personSchema),
  cars: z.array(carSchema),
  /** How many files of each kind lie beside it. */
  counts: z.strictObject({ walks: z.int(), photos: z.int(), recordings: z.int(), reports: z.int() }),
});
export type YardFile = z.output<typeof yardFileSchema>;

export type YardFileReading = { ok: true; file: YardFile } | { ok: false; message: string };

/** Reads `yard.json`. Says in words why it cannot be taken. */
export function readYardFile(raw: unknown): YardFileReading {
  const { format, version } = (raw ?? {}) as { format?: unknown; version?: unknown };
  if (format !== 'zelk-yard')
    return {
      ok: false,
      message: 'This is no archive of a whole yard. Choose the ZIP that “Take everything out” saved.',
    };
  if (typeof version === 'number' && version > YARD_FILE_VERSION)
    return { ok: false, message: 'This archive was saved by a newer Zelk. Update this one first.' };
  const parsed = yardFileSchema.safeParse(raw);
  return parsed.success
    ? { ok: true, file: parsed.data }
    : { ok: false, message: 'The archive’s yard.json is damaged. Save it again where it came from.' };
}
