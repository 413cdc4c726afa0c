import type { Answer, Sent } from '../aside/pool';
import { Problem } from '../problems';
import { jobs } from './jobs';

/** The child process: one job after another, each answered. It ends with its parent. */
process.on('disconnect', () => process.exit());
process.on('message', ({ id, name, input }: Sent) => {
  const job = jobs[name] as (input: unknown) => Promise<unknown>;
  job(input).then(
    (value) => answer({ id, ok: true, value }),
    (error: unknown) =>
      answer(
        error instanceof Problem
          ? { id, ok: false, problem: { ...error.toJSON(), code: error.code } }
          : { id, ok: false, failure: String((error as Error)?.stack ?? error) },
      ),
  );
});

const answer = (said: Answer): void => {
  process.send?.(said);
};
