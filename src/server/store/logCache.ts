import type { Entry } from '#core/walk';

export interface HeldLog {
  entries: readonly Entry[];
  /** Rows read, also those that could not be understood. */
  rows: number;
  /** Rows whose bytes are no entry any more. */
  damaged: number;
}

/**
 * Parsed logs of the walks in use, so that appending does not read a whole log again.
 * A prefix of what the database holds: entries are never changed there, and removed only with their whole walk, so it cannot go stale,
 * only short, and the store reads what is missing.
 */
export class LogCache {
  readonly #logs = new Map<string, HeldLog>();

  constructor(private readonly most = 24) {}

  get(walk: string): HeldLog | undefined {
    const log = this.#logs.get(walk);
    if (log) this.set(walk, log);
    return log;
  }

  clear(): void {
    this.#logs.clear();
  }

  delete(walk: string): void {
    this.#logs.delete(walk);
  }

  /** Only entries already committed belong here, or those of a transaction whose failure clears it. */
  set(walk: string, log: HeldLog): HeldLog {
    this.#logs.delete(walk);
    this.#logs.set(walk, log);
    const [oldest] = this.#logs.keys();
    if (this.#logs.size > this.most && oldest !== undefined) this.#logs.delete(oldest);
    return log;
  }
}
