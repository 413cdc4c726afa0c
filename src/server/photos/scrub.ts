import { setImmediate as breathe, setTimeout as wait } from 'node:timers/promises';
import type { Logger } from 'pino';
import type { FileStore, KeptFile } from '../store/fileStore';
import type { Copies } from './copies';
import type { Keeper } from './keeper';
import { derivativeWidths, discard, exists, type PhotoFiles } from './photoFiles';

/** Every file is read again after so long. */
const EVERY_MS = 7 * 86_400_000;
/** Between two files: slow enough that nobody notices. */
const PAUSE_MS = 250;

interface ScrubParts {
  files: PhotoFiles;
  store: FileStore;
  keeper: Keeper;
  copies: Copies;
  log: Logger;
  now: () => Date;
  pauseMs?: number;
}

/** Reads every kept file again, one after another and without hurry, and holds it against what it ought to hold. Heals what can be made again. */
export class Scrub {
  #isStopped = false;
  #running: Promise<void> | undefined;

  constructor(private readonly parts: ScrubParts) {}

  /** Also those of photos and recordings that came before hashes were kept are expected from now on. Photos come some at a time. */
  async expect(photos: Iterable<readonly string[]>, recordings: readonly string[]): Promise<void> {
    const { files } = this.parts;
    for (const some of photos) {
      if (this.#isStopped) return;
      await this.#expect(some, (sha256) => derivativeWidths.map((width) => files.derivative(sha256, width)));
      await breathe();
    }
    if (!this.#isStopped) await this.#expect(recordings, (sha256) => [files.recording(sha256)]);
  }

  async #expect(hashes: readonly string[], copiesOf: (sha256: string) => string[]): Promise<void> {
    const { files, store } = this.parts;
    const paths: string[] = [];
    for (const sha256 of hashes) {
      if (await exists(files.original(sha256))) paths.push(files.original(sha256));
      paths.push(...copiesOf(sha256));
    }
    // A stop may have come meanwhile.
    if (!this.#isStopped) store.expectAll(paths.map((path) => files.relative(path)));
  }

  start(): void {
    this.#running ??= this.#run();
  }

  async stop(): Promise<void> {
    this.#isStopped = true;
    await this.#running;
  }

  /** Looks at the file whose turn it is. False when none is due. */
  async step(): Promise<boolean> {
    const { store, now } = this.parts;
    const file = store.due(new Date(now().getTime() - EVERY_MS).toISOString());
    if (!file) return false;
    await this.#check(file);
    return true;
  }

  async #run(): Promise<void> {
    const { pauseMs = PAUSE_MS, log } = this.parts;
    while (!this.#isStopped) {
      const wasDue = await this.step().catch((error) => {
        log.warn({ err: error }, 'a file could not be checked');
        return false;
      });
      // Nothing due: looked for again now and then. Stopping does not wait for it.
      for (let left = wasDue ? pauseMs : 60_000; left > 0 && !this.#isStopped; left -= 250)
        await wait(Math.min(250, left), undefined, { ref: false });
    }
  }

  async #check({ path: place }: KeptFile): Promise<void> {
    const { files, store, keeper, log, now } = this.parts;
    const path = files.at(place);
    const at = now().toISOString();
    const problem = await keeper.problemOf(path);
    if (problem && place.startsWith('burned/')) {
      // Drawn again when it is next asked for.
      files.clearFolder(path);
      await discard(path);
      store.forget(place);
      return;
    }
    if (problem && (await this.#healed(place))) {
      log.warn({ place, problem }, 'a copy was made again from its original');
      store.checked(place, at);
      return;
    }
    if (problem) log.error({ place, problem }, 'a file is not what it was');
    store.checked(place, at, problem);
  }

  async #healed(place: string): Promise<boolean> {
    const width = derivativeWidths.find((each) => place.startsWith(`${each}/`));
    if (!width) return false;
    const sha256 = (place.split('/').at(-1) as string).slice(0, 64);
    return this.parts.copies.copyOf(sha256, width).then(
      () => true,
      () => false,
    );
  }
}
