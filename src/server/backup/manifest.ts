import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { z } from 'zod';

export const MANIFEST = 'backup.json';

export const manifestSchema = z.object({
  format: z.literal('zelk-backup'),
  /** 2 is written where files lie in a bucket alone, so that an older Zelk does not take it for all there is. */
  version: z.union([z.literal(1), z.literal(2)]),
  at: z.string(),
  /** Every file of the backup, the database among them: its place, and the SHA-256 of its bytes. */
  files: z.array(z.object({ path: z.string(), sha256: z.string(), bytes: z.int() })),
  /** Files that the database names and that lie in the bucket alone: what is there under these hashes belongs to this backup. */
  inBucket: z.array(z.string()).optional(),
});
export type Manifest = z.output<typeof manifestSchema>;

/** What a backup says it holds. Throws in words for a folder that is none. */
export async function readManifest(dir: string, name = MANIFEST): Promise<Manifest> {
  const text = await readFile(join(dir, name), 'utf8').catch(() => {
    throw new Error(
      `There is no backup in ${dir}: ${MANIFEST} is missing. A backup that was broken off has none; make it again.`,
    );
  });
  const parsed = manifestSchema.safeParse(safeJson(text));
  if (!parsed.success) throw new Error(`${join(dir, MANIFEST)} is damaged, or of a newer Zelk.`);
  return parsed.data;
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
