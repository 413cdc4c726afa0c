import type { Db } from './openDatabase';

interface Waiting {
  run: () => unknown;
  done: (value: never) => void;
  fail: (error: unknown) => void;
}

/** More would keep those who come after waiting for longer than they gain. */
const MOST = 200;

/**
 * Writes that arrive together are made durable together: one flush of the disk for all instead of one for each. Each succeeds or fails by itself, and none is
 * answered before the disk has it. `onLost` is told when a whole group was not taken.
 */
export function makeGroupCommit(db: Db, onLost: () => void) {
  const waiting: Waiting[] = [];
  // Within the group's transaction each has a savepoint of its own.
  const byItself = db.transaction((run: () => unknown) => run());
  const together = db.transaction((group: readonly Waiting[]) =>
    group.map(({ run }) => {
      try {
        return { ok: true, value: byItself(run) } as const;
      } catch (error) {
        // The disk is full or failing: SQLite has given up the whole transaction, and nothing before this holds either.
        if (!db.inTransaction) throw error;
        return { ok: false, error } as const;
      }
    }),
  );
  function commit(): void {
    const group = waiting.splice(0, MOST);
    if (waiting.length > 0) setImmediate(commit);
    try {
      const results = together.immediate(group);
      group.forEach(({ done, fail }, i) => {
        const result = results[i];
        if (result?.ok) done(result.value as never);
        else fail(result?.error);
      });
    } catch (error) {
      onLost();
      for (const { fail } of group) fail(error);
    }
  }
  return <T>(run: () => T): Promise<T> =>
    new Promise<T>((done, fail) => {
      if (waiting.push({ run, done: done as (value: never) => void, fail }) === 1) setImmediate(commit);
    });
}
