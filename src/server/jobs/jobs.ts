import { readFile, writeFile } from 'node:fs/promises';
import type { JobInput, JobName, JobOutput } from '../aside/jobTypes';

type Doers = { readonly [N in JobName]: (input: JobInput<N>) => Promise<JobOutput<N>> };

/** How each job is done. A child loads what its jobs need when it first does one: most only ever open pictures. */
export const jobs: Doers = {
  develop: async ({ file, large, small }) => {
    const [{ photoTypeOf }, { develop }] = await Promise.all([
      import('../photos/photoType'),
      import('../photos/develop'),
    ]);
    const mime = await photoTypeOf(file);
    return { mime, ...(await develop(file, mime, { large, small })) };
  },
  judge: async (input) => (await import('./judgeFile')).judgeFile(input),
  learn: async (input) => (await import('./learn')).learn(input),
  logo: async ({ file, png: to }) => {
    const { cleanLogo } = await import('../yard/cleanLogo');
    const { sha256, png } = await cleanLogo(await readFile(file));
    await writeFile(to, png);
    return sha256;
  },
  print: async ({ job, file }) => {
    await (await import('./print')).print(job, file);
    return null;
  },
  recording: async (input) => (await import('../recordings/takeApart')).takeApart(input),
  schedule: async (input) => (await import('./schedule')).schedule(input),
  solve: async (input) => (await import('./solve')).solve(input),
  walk: async (input) => (await import('./readWalk')).readWalk(input),
};
