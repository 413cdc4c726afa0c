import type { Entry } from '#core/walk';

/**
 * Parsed logs of the walks in use, so that appending does not read a whole log again.
 * A prefix of what the database holds: entries are never changed or removed there, so it cannot go stale,
 * only short, and the store reads what is missing.
 */
export class LogCache {
  readonly #logs = new Map<string, readonly Entry[]>();

  constructor(private readonly most = 24) {}

  get(walk: string): readonly Entry[] | undefined {
    const log = this.#logs.get(walk);
    if (log) this.set(walk, log);
    return log;
  }

  /** Only entries already committed belong here. */
  set(walk: string, log: readonly Entry[]): readonly Entry[] {
    this.#logs.delete(walk);
    this.#logs.set(walk, log);
    const [oldest] = this.#logs.keys();
    if (this.#logs.size > this.most && oldest !== undefined) this.#logs.delete(oldest);
    return log;
  }
}
