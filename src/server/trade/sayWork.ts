import type { WorkSaid } from '#core/schedule';
import type { Context } from '../context';
import { groundOfBoard } from '../planning/board';
import { notFound, unprocessable } from '../problems';

/**
 * Keeps what was said of a task of the board: done, or that it cannot be done and why; null takes it back. `crew` is who says it, where only their own
 * tasks are theirs to say it of. Throws a Problem for a task that is not on the board, and for pictures that are not here.
 */
export async function sayWork(
  context: Context,
  { task: id, said }: { task: string; said: WorkSaid | null },
  by: { name: string; crew?: string; hasPhoto?: (sha256: string) => boolean },
): Promise<void> {
  const { stores, now } = context;
  const ground = await groundOfBoard(context);
  const found = ground.allTasks.find(({ task }) => task.id === id);
  const known = found && stores.work.ofWalk(found.walk).find(({ task }) => task === id);
  const does = found && (known?.crew ?? ground.crewOf(id));
  if (!found || (by.crew !== undefined && does !== by.crew))
    throw notFound('job', 'It may have been put to another day, or to somebody else. Open the sheet anew.');
  if (said === null) {
    stores.work.takeBack(found.walk, id);
    return;
  }
  const isHere = by.hasPhoto ?? ((sha256: string) => stores.photos.get(sha256)?.stored === true);
  if (!said.photos.every(isHere))
    throw unprocessable(
      'picture-missing',
      'A picture has not arrived yet. Send it again, then say that it is done.',
    );
  stores.work.put({
    walk: found.walk,
    task: id,
    crew: does ?? '',
    name: found.task.says,
    mends: found.task.mends,
    said,
    by: by.name,
    at: now().toISOString(),
  });
  context.live.tell(found.walk);
}
