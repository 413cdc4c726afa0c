import type { Entry } from '#core/walk';
import type { OutboxEntry, OutboxPhoto, OutboxStore } from './outboxStore';

/** How the outbox reaches the server. A refusal names the entries it is about; anything else thrown means "later". */
export interface Courier {
  postEntries(walk: string, entries: readonly Entry[]): Promise<{ refused: ReadonlyMap<string, string> }>;
  putPhoto(sha256: string, blob: Blob): Promise<{ refusal?: string }>;
  putRecording(sha256: string, blob: Blob): Promise<{ refusal?: string }>;
}

export interface OutboxSnapshot {
  waiting: number;
  refusedEntries: readonly OutboxEntry[];
  refusedPhotos: readonly OutboxPhoto[];
  /** The last attempt did not get through. */
  stalled: boolean;
  /** Why, in words. */
  stalledBy?: string;
}

const BATCH = 200;
const RETRY_MS = [1000, 2000, 5000, 10_000];

/**
 * Holds entries and photos until the server has them. Sending the same thing twice is harmless there,
 * so after any doubt it is simply sent again.
 */
export class Outbox {
  #entries = new Map<string, OutboxEntry>();
  #photos = new Map<string, OutboxPhoto>();
  #snapshot: OutboxSnapshot = { waiting: 0, refusedEntries: [], refusedPhotos: [], stalled: false };
  readonly #listeners = new Set<() => void>();
  #flushing: Promise<void> | undefined;
  #failures = 0;
  #stalledBy: string | undefined;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #takingIn = 0;

  private constructor(
    private readonly store: OutboxStore,
    private readonly courier: Courier,
  ) {}

  static async open(store: OutboxStore, courier: Courier): Promise<Outbox> {
    const outbox = new Outbox(store, courier);
    for (const item of await store.getAll('entries')) outbox.#entries.set(item.id, item);
    for (const item of await store.getAll('photos')) outbox.#photos.set(item.sha256, item);
    outbox.#changed();
    return outbox;
  }

  /** Kept on the device before this resolves; sent in the background. */
  async addEntries(entries: readonly Entry[]): Promise<void> {
    for (const entry of entries) this.#entries.set(entry.id, { id: entry.id, walk: entry.walk, entry });
    this.#changed();
    const tx = this.store.transaction('entries', 'readwrite', { durability: 'strict' });
    for (const entry of entries) tx.store.put({ id: entry.id, walk: entry.walk, entry });
    await tx.done;
    void this.flush();
  }

  /**
   * Counts as waiting what is still being read and kept: until then "Saved" would let a person leave the page and lose
   * what was just chosen.
   */
  async takeIn<T>(work: () => Promise<T>): Promise<T> {
    this.#takingIn++;
    this.#changed();
    try {
      return await work();
    } finally {
      this.#takingIn--;
      this.#changed();
    }
  }

  async addPhoto(sha256: string, blob: Blob): Promise<void> {
    this.#photos.set(sha256, { sha256, blob });
    this.#changed();
    await this.store.put('photos', { sha256, blob });
    void this.flush();
  }

  async addRecording(sha256: string, blob: Blob): Promise<void> {
    const item: OutboxPhoto = { sha256, blob, is: 'recording' };
    this.#photos.set(sha256, item);
    this.#changed();
    await this.store.put('photos', item);
    void this.flush();
  }

  /** Entries of a walk the server may not have yet; refused ones are not part of the walk. */
  entriesOf(walk: string): Entry[] {
    return [...this.#entries.values()]
      .filter((item) => item.walk === walk && !item.refusal)
      .map((item) => item.entry);
  }

  /** A photo or recording that waits to be sent. */
  photo(sha256: string): Blob | undefined {
    return this.#photos.get(sha256)?.blob;
  }

  /** Forgets refused things the person has read about and given up. */
  async setAside(ids: readonly string[]): Promise<void> {
    for (const id of ids) {
      this.#entries.delete(id);
      this.#photos.delete(id);
      await this.store.delete('entries', id);
      await this.store.delete('photos', id);
    }
    this.#changed();
  }

  /** Sends refused things once more, after the person changed what was wrong. */
  async tryAgain(): Promise<void> {
    for (const item of this.#entries.values())
      if (item.refusal) await this.#keepEntry({ ...item, refusal: undefined });
    for (const item of this.#photos.values())
      if (item.refusal) await this.#keepPhoto({ ...item, refusal: undefined });
    this.#changed();
    await this.flush();
  }

  readonly snapshot = (): OutboxSnapshot => this.#snapshot;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** Sends what waits, and what is added meanwhile. Resolves when nothing more can be sent now. */
  flush(): Promise<void> {
    this.#flushing ??= this.#sendAll();
    return this.#flushing;
  }

  stop(): void {
    clearTimeout(this.#timer);
  }

  async #sendAll(): Promise<void> {
    // Nothing below may finish before `#flushing` holds this run.
    await Promise.resolve();
    clearTimeout(this.#timer);
    try {
      // Asked anew each time round: a walk goes on while photos are sent, and its entries come first.
      for (let send = this.#next(); send; send = this.#next()) await send();
      this.#failures = 0;
    } catch (error) {
      this.#stalledBy = error instanceof Error ? error.message : undefined;
      // Not reached: kept, and tried again, less and less often.
      const delay = RETRY_MS[Math.min(this.#failures, RETRY_MS.length - 1)] as number;
      this.#failures++;
      this.#timer = setTimeout(() => void this.flush(), delay);
    } finally {
      // In the same breath as finding nothing left, so that what is added next starts a new run.
      this.#flushing = undefined;
      this.#changed();
    }
  }

  #next(): (() => Promise<void>) | undefined {
    const batch = this.#nextBatch();
    if (batch.length > 0) return () => this.#sendBatch(batch);
    const photo = this.#nextPhoto();
    return photo && (() => this.#sendPhoto(photo));
  }

  /** Waiting entries of one walk, in the order they were made. */
  #nextBatch(): OutboxEntry[] {
    const waiting = [...this.#entries.values()].filter((item) => !item.refusal);
    return waiting
      .filter((item) => item.walk === waiting[0]?.walk)
      .sort((a, b) => (a.id < b.id ? -1 : 1))
      .slice(0, BATCH);
  }

  #nextPhoto(): OutboxPhoto | undefined {
    return [...this.#photos.values()].find((item) => !item.refusal);
  }

  async #sendBatch(batch: OutboxEntry[]): Promise<void> {
    const entries = batch.map((item) => item.entry);
    const { refused } = await this.courier.postEntries(batch[0]?.walk as string, entries);
    // A refusal stores nothing: the others go again without the refused ones.
    if (refused.size > 0) {
      for (const item of batch) {
        const refusal = refused.get(item.id);
        if (refusal) await this.#keepEntry({ ...item, refusal });
      }
    } else {
      const tx = this.store.transaction('entries', 'readwrite');
      for (const { id } of batch) {
        this.#entries.delete(id);
        tx.store.delete(id);
      }
      await tx.done;
    }
    this.#changed();
  }

  async #sendPhoto(item: OutboxPhoto): Promise<void> {
    const { sha256, blob } = item;
    const { refusal } = await (item.is === 'recording'
      ? this.courier.putRecording(sha256, blob)
      : this.courier.putPhoto(sha256, blob));
    if (refusal) await this.#keepPhoto({ ...item, refusal });
    else {
      this.#photos.delete(item.sha256);
      await this.store.delete('photos', item.sha256);
    }
    this.#changed();
  }

  async #keepEntry(item: OutboxEntry): Promise<void> {
    this.#entries.set(item.id, item);
    await this.store.put('entries', item);
  }

  async #keepPhoto(item: OutboxPhoto): Promise<void> {
    this.#photos.set(item.sha256, item);
    await this.store.put('photos', item);
  }

  #changed(): void {
    const entries = [...this.#entries.values()];
    const photos = [...this.#photos.values()];
    this.#snapshot = {
      waiting: [...entries, ...photos].filter((item) => !item.refusal).length + this.#takingIn,
      refusedEntries: kept(
        this.#snapshot.refusedEntries,
        entries.filter((item) => item.refusal),
      ),
      refusedPhotos: kept(
        this.#snapshot.refusedPhotos,
        photos.filter((item) => item.refusal),
      ),
      stalled: this.#failures > 0,
      ...(this.#failures > 0 && this.#stalledBy && { stalledBy: this.#stalledBy }),
    };
    for (const listener of this.#listeners) listener();
  }
}

/** The list one had, when nothing in it changed: who watches it need not look again. */
function kept<T>(before: readonly T[], now: readonly T[]): readonly T[] {
  return before.length === now.length && now.every((item, i) => item === before[i]) ? before : now;
}
