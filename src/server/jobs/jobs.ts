import { readFile, writeFile } from 'node:fs/promises';
import type { JobInput, JobName, JobOutput } from '../aside/jobTypes';
import { develop } from '../photos/develop';
import { photoTypeOf } from '../photos/photoType';
import { takeApart } from '../recordings/takeApart';
import { cleanLogo } from '../yard/cleanLogo';
import { judgeFile } from './judgeFile';
import { learn } from './learn';
import { readWalk } from './readWalk';
import { schedule } from './schedule';
import { solve } from './solve';

type Doers = { readonly [N in JobName]: (input: JobInput<N>) => Promise<JobOutput<N>> };

/** How each job is done. */
export const jobs: Doers = {
  develop: async ({ file, large, small }) => {
    const mime = await photoTypeOf(file);
    return { mime, ...(await develop(file, mime, { large, small })) };
  },
  judge: judgeFile,
  learn,
  logo: async ({ file, png: to }) => {
    const { sha256, png } = await cleanLogo(await readFile(file));
    await writeFile(to, png);
    return sha256;
  },
  recording: takeApart,
  schedule,
  solve,
  walk: readWalk,
};
