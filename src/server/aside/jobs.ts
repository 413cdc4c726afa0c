import { readFile, writeFile } from 'node:fs/promises';
import { develop } from '../photos/develop';
import { photoTypeOf } from '../photos/photoType';
import { takeApart } from '../recordings/takeApart';
import { cleanLogo } from '../yard/cleanLogo';
import { judgeFile } from './judgeFile';
import { readWalk } from './readWalk';

/** What is done with strangers' files, each in a process of its own. Files go in and out by path. */
export const jobs = {
  /** A photo into its copies. */
  develop: async ({ file, large, small }: { file: string; large: string; small: string }) => {
    const mime = await photoTypeOf(file);
    return { mime, ...(await develop(file, mime, { large, small })) };
  },
  /** How sharp a photo is, and what it looks like. */
  judge: judgeFile,
  /** A picture into a logo; gives its hash. */
  logo: async ({ file, png: to }: { file: string; png: string }) => {
    const { sha256, png } = await cleanLogo(await readFile(file));
    await writeFile(to, png);
    return sha256;
  },
  /** A recording into a copy that tells nothing beyond sound and picture. */
  recording: takeApart,
  /** A walk file, proven. */
  walk: readWalk,
} as const;

export type JobName = keyof typeof jobs;
export type JobInput<N extends JobName> = Parameters<(typeof jobs)[N]>[0];
export type JobOutput<N extends JobName> = Awaited<ReturnType<(typeof jobs)[N]>>;
