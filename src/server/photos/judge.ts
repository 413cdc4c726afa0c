import { setImmediate as breathe, setTimeout as wait } from 'node:timers/promises';
import type { Logger } from 'pino';
import type { Pool } from '../aside/pool';
import type { PhotoStore } from '../store/photoStore';
import { isLocked } from '../store/writeLock';
import type { Copies } from './copies';

/** Another program writes: so much later it is done again. */
const AGAIN_MS = 500;

/**
 * Judges photos once nobody is waiting for anything to be taken in: the phone has judged them for the person standing there, this is
 * for the desk and the report. One at a time.
 */
export class Judge {
  readonly #waiting = new Set<string>();
  #running: Promise<void> | undefined;

  constructor(
    private readonly copyOf: Copies['copyOf'],
    private readonly pool: Pool,
    private readonly photos: PhotoStore,
    private readonly log: Logger,
    /** Whether photos are being taken in. */
    private readonly isBusy: () => boolean,
  ) {}

  /** What a server that ended did not come to judge. */
  addUnjudged(): void {
    for (const sha256 of this.photos.unjudged()) this.add(sha256);
  }

  add(sha256: string): void {
    this.#waiting.add(sha256);
    this.#running ??= this.#run().finally(() => {
      this.#running = undefined;
    });
  }

  /** How many wait to be judged. */
  get waiting(): number {
    return this.#waiting.size;
  }

  /** Resolves when nothing waits to be judged. */
  async idle(): Promise<void> {
    while (this.#running) await this.#running;
  }

  /** Forgets what waits; a later start finds it again. */
  stop(): void {
    this.#waiting.clear();
  }

  async #run(): Promise<void> {
    for (let [sha256] = this.#waiting; sha256 !== undefined; [sha256] = this.#waiting) {
      while (this.isBusy()) await new Promise((later) => setTimeout(later, 50));
      // A stop may have come meanwhile.
      if (!this.#waiting.delete(sha256)) continue;
      await this.#judge(sha256).catch(async (error) => {
        if (!isLocked(error)) this.log.warn({ err: error, sha256 }, 'a photo could not be judged');
        else await wait(AGAIN_MS).then(() => this.#waiting.add(sha256));
      });
      await breathe();
    }
  }

  async #judge(sha256: string): Promise<void> {
    const { quality, likeness } = await this.pool.run('judge', { file: await this.copyOf(sha256, 1600) });
    this.photos.judge(sha256, quality, likeness);
  }
}
