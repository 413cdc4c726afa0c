import { z } from 'zod';
import { sha256Schema } from '../walk';
import type { NamedTask } from './tasksOf';

/** So many pictures of one task. */
export const MOST_WORK_PHOTOS = 6;

/** What whoever does a task says of it. That it is done is their word: whether the fault is gone is seen on the second walk. */
export const workSaidSchema = z
  .strictObject({
    says: z.enum(['done', 'cannot']),
    /** Why it cannot be done, or what was done. */
    why: z.string().trim().max(200, 'At most 200 characters.').default(''),
    photos: z
      .array(sha256Schema)
      .max(MOST_WORK_PHOTOS, `At most ${MOST_WORK_PHOTOS} pictures of one job.`)
      .default([]),
  })
  .refine(({ says, why }) => says === 'done' || why !== '', {
    path: ['why'],
    message: 'Say why it cannot be done: the yard plans anew by it.',
  });
export type WorkSaid = z.output<typeof workSaidSchema>;

export interface WorkNoted extends WorkSaid {
  /** The half-day it was said in, counted from the first day of the schedule; less than 0 for what is past. */
  slot: number;
}

/** Tasks that are still to do: what is done is none any more, but paint goes on curing; what cannot be done stands in the way and says why. */
export function tasksLeft(tasks: readonly NamedTask[], said: ReadonlyMap<string, WorkNoted>): NamedTask[] {
  const isDone = (id: string) => said.get(id)?.says === 'done';
  return tasks.flatMap((task): NamedTask[] => {
    if (isDone(task.id)) return [];
    const done = task.after.filter((each) => isDone(each.task));
    const curing = done
      .map(({ task: id, lag }) => ({ task: id, slot: lag > 0 ? (said.get(id)?.slot ?? 0) + 1 + lag : 0 }))
      .filter(({ slot }) => slot > 0)
      .toSorted((a, b) => b.slot - a.slot)[0];
    const own = said.get(task.id);
    return [
      {
        ...task,
        after: task.after.filter((each) => !isDone(each.task)),
        ...(curing && { notBefore: curing }),
        ...(own?.says === 'cannot' && { stopped: own.why }),
      },
    ];
  });
}
