import { checkYard, scheduleYard } from '#core/schedule';
import type { JobInput, JobOutput } from '../aside/jobTypes';
import { unprocessable } from '../problems';

/** Searches a schedule until the time is over. */
export async function schedule({ yard, ms, seed }: JobInput<'schedule'>): Promise<JobOutput<'schedule'>> {
  const fixed = new Map(yard.fixed);
  const wrong = checkYard({ ...yard, fixed });
  if (wrong.length > 0) throw unprocessable('no-schedule', wrong.join(' '));
  const end = performance.now() + ms;
  const {
    schedule: found,
    cost,
    bound,
    tries,
  } = scheduleYard({ ...yard, fixed }, { random: numbersFrom(seed), isOver: () => performance.now() > end });
  return {
    placed: [...found.placed.values()].map(({ task, crew, start }) => ({ task, crew, start })),
    cost,
    bound,
    tries,
  };
}

/** Park and Miller, Communications of the ACM 31 (1988): evenly enough for a search, and the same for the same seed. */
function numbersFrom(seed: number): () => number {
  let state = (seed % 2_147_483_646) + 1;
  return () => {
    state = (state * 16_807) % 2_147_483_647;
    return (state - 1) / 2_147_483_646;
  };
}
