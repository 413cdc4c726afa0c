import type { Entry } from '#core/walk';
import { keptOrNot } from './keptOrNot';
import type { OutboxCar, OutboxEntry, OutboxLook, OutboxPhoto, OutboxStore } from './outboxStore';
import { Retries } from './retries';

/** How the outbox reaches the server. A refusal names the entries it is about; anything else thrown means "later". */
export interface Courier {
  postCar(car: OutboxCar): Promise<{ refusal?: string }>;
  postLook(look: OutboxLook): Promise<{ refusal?: string }>;
  postEntries(walk: string, entries: readonly Entry[]): Promise<{ refused: ReadonlyMap<string, string> }>;
  putPhoto(sha256: string, blob: Blob): Promise<{ refusal?: string }>;
  putRecording(sha256: string, blob: Blob, as: 'recording' | 'film'): Promise<{ refusal?: string }>;
}

export interface OutboxSnapshot {
  waiting: number;
  refusedEntries: readonly OutboxEntry[];
  refusedPhotos: readonly OutboxPhoto[];
  /** Cars added here that the server has not, refused ones too. */
  cars: readonly OutboxCar[];
  /** Looks at standing cars likewise. */
  looks: readonly OutboxLook[];
  /** The last attempt did not get through. */
  stalled: boolean;
  /** Why, in words. */
  stalledBy?: string;
  /** Files that failed again and again, though the server is there for others. */
  failing: readonly { what: 'photo' | 'recording' | 'film'; why: string }[];
  /** Things this device could not keep: they are lost when the page is closed before they are sent. */
  unkept: number;
  unkeptBy?: string;
}

const BATCH = 200;
/** Files on their way at once: one that takes long does not hold the others. */
const LANES = 4;
/** Failed so often, a file is shown by itself. */
const SHOWN_AFTER = 3;

/**
 * Holds cars, entries and photos until the server has them. Sending the same thing twice is harmless there, so after any doubt it is simply sent
 * again. Each thing waits for itself: what fails holds nothing that comes after it.
 */
export class Outbox {
  #entries = new Map<string, OutboxEntry>();
  #photos = new Map<string, OutboxPhoto>();
  #cars = new Map<string, OutboxCar>();
  #looks = new Map<string, OutboxLook>();
  #snapshot: OutboxSnapshot = {
    waiting: 0,
    refusedEntries: [],
    refusedPhotos: [],
    cars: [],
    looks: [],
    stalled: false,
    failing: [],
    unkept: 0,
  };
  readonly #listeners = new Set<() => void>();
  readonly #retries = new Retries();
  readonly #sending = new Set<string>();
  readonly #unkept = new Set<string>();
  #unkeptBy: string | undefined;
  #whenIdle: (() => void)[] = [];
  #timer: ReturnType<typeof setTimeout> | undefined;
  #takingIn = 0;
  #isStopped = false;

  private constructor(
    private readonly store: OutboxStore | undefined,
    private readonly courier: Courier,
  ) {}

  /** Without a store nothing outlives the page; everything is sent from memory all the same. */
  static async open(store: OutboxStore | undefined, courier: Courier): Promise<Outbox> {
    const outbox = new Outbox(store, courier);
    if (store) {
      for (const item of await store.getAll('entries')) outbox.#entries.set(item.id, item);
      for (const item of await store.getAll('photos')) outbox.#photos.set(item.sha256, item);
      for (const item of await store.getAll('cars')) outbox.#cars.set(item.id, item);
      for (const item of await store.getAll('looks')) outbox.#looks.set(item.id, item);
    }
    outbox.#changed();
    return outbox;
  }

  /** Kept on the device when this resolves, where it can be; sent in the background, from now on. */
  async addEntries(entries: readonly Entry[]): Promise<void> {
    for (const entry of entries) this.#entries.set(entry.id, { id: entry.id, walk: entry.walk, entry });
    this.#changed();
    this.#pumpSoon();
    await this.#keep(
      entries.map(({ id }) => id),
      async (store) => {
        const tx = store.transaction('entries', 'readwrite', { durability: 'strict' });
        // One that arrived meanwhile is not kept for another time.
        for (const { id, walk, ...rest } of entries)
          if (this.#entries.has(id)) tx.store.put({ id, walk, entry: { id, walk, ...rest } as Entry });
        await tx.done;
      },
    );
  }

  /**
   * Counts as waiting what is still being read and kept: until then "Saved" would let a person leave the page and lose what was just chosen.
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

  /**
   * Adds a car, or what was changed of one that waits. Its walks wait for it. Tells how it went when the server answers, and that it waits when
   * it does not within `patienceMs`.
   */
  async addCar(car: OutboxCar, patienceMs: number): Promise<'sent' | 'waits' | { refusal: string }> {
    this.#cars.set(car.id, car);
    this.#changed();
    await this.#keepCar(car);
    this.#retries.reset();
    this.#pump();
    const outcome = () => {
      const now = this.#cars.get(car.id);
      return !now ? 'sent' : now.refusal ? { refusal: now.refusal } : undefined;
    };
    return new Promise((tell) => {
      const settle = () => {
        const known = outcome();
        if (known) leave(known);
      };
      const leave = (how: 'sent' | 'waits' | { refusal: string }) => {
        clearTimeout(timer);
        stop();
        tell(how);
      };
      const timer = setTimeout(() => leave('waits'), patienceMs);
      const stop = this.subscribe(settle);
      settle();
    });
  }

  /** A car that waits here. */
  car(id: string): OutboxCar | undefined {
    return this.#cars.get(id);
  }

  /** Adds a look at a standing car, or takes one back: kept on the device when this resolves, where it can be. */
  async addLook(item: OutboxLook): Promise<void> {
    this.#looks.set(item.id, item);
    this.#changed();
    this.#retries.reset();
    this.#pump();
    await this.#keep([item.id], async (store) => {
      if (this.#looks.get(item.id) === item) await store.put('looks', item);
    });
  }

  addPhoto(sha256: string, blob: Blob): Promise<void> {
    return this.#addFile({ sha256, blob });
  }

  addRecording(sha256: string, blob: Blob): Promise<void> {
    return this.#addFile({ sha256, blob, is: 'recording' });
  }

  addFilm(sha256: string, blob: Blob): Promise<void> {
    return this.#addFile({ sha256, blob, is: 'film' });
  }

  async #addFile({ blob, ...named }: OutboxPhoto): Promise<void> {
    // A file that was chosen may go from where it lies before it is sent, as with a card that is drawn out: a copy is held.
    const copy = await this.takeIn(async () => new Blob([await blob.arrayBuffer()], { type: blob.type }));
    const item = { ...named, blob: copy };
    this.#photos.set(item.sha256, item);
    this.#changed();
    this.#pump();
    await this.#keep([item.sha256], async (store) => {
      if (this.#photos.has(item.sha256)) await store.put('photos', item);
    });
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
      this.#cars.delete(id);
      this.#looks.delete(id);
      this.#unkept.delete(id);
      await this.#forget('entries', [id]);
      await this.#forget('looks', [id]);
      await this.#forget('photos', [id]);
      await this.#forget('cars', [id]);
    }
    this.#changed();
  }

  /** Sends refused things once more, after the person changed what was wrong. */
  async tryAgain(): Promise<void> {
    for (const item of this.#entries.values())
      if (item.refusal) await this.#keepEntry({ ...item, refusal: undefined });
    for (const item of this.#photos.values())
      if (item.refusal) await this.#keepPhoto({ ...item, refusal: undefined });
    for (const item of this.#cars.values())
      if (item.refusal) await this.#keepCar({ ...item, refusal: undefined });
    for (const item of this.#looks.values())
      if (item.refusal) await this.#keepLook({ ...item, refusal: undefined });
    this.#changed();
    await this.flush();
  }

  readonly snapshot = (): OutboxSnapshot => this.#snapshot;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** Sends what waits, whatever it waited for, and what is added meanwhile. Resolves when nothing more can be sent now. */
  flush(): Promise<void> {
    this.#retries.reset();
    const idle = new Promise<void>((done) => this.#whenIdle.push(done));
    this.#pump();
    return idle;
  }

  stop(): void {
    this.#isStopped = true;
    clearTimeout(this.#timer);
  }

  /** Sending begins after the tap that made something is on the screen; it is kept at once. */
  #pumpSoon(): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => this.#pump());
  }

  /** Begins whatever may be sent now; called again whenever something has ended. */
  #pump(): void {
    if (this.#isStopped) return;
    for (const car of this.#cars.values())
      if (!car.refusal && !this.#sending.has(car.id) && this.#retries.isDue(car.id))
        this.#begin(car.id, car.id, () => this.#sendCar(car));
    for (const look of this.#looks.values())
      if (!look.refusal && !this.#sending.has(look.id) && this.#retries.isDue(look.id))
        this.#begin(look.id, look.id, () => this.#sendLook(look));
    const batch = this.#sending.has('entries') ? undefined : this.#nextBatch();
    if (batch) this.#begin('entries', batch[0]?.walk as string, () => this.#sendBatch(batch));
    for (let file = this.#nextFile(); file; file = this.#nextFile()) {
      const item = file;
      this.#begin(item.sha256, item.sha256, () => this.#sendFile(item));
    }
    if (this.#sending.size > 0) return;
    clearTimeout(this.#timer);
    const next = this.#retries.next(this.#waitingKeys());
    if (next !== undefined) this.#timer = setTimeout(() => this.#pump(), next);
    for (const done of this.#whenIdle.splice(0)) done();
  }

  #begin(slot: string, key: string, send: () => Promise<void>): void {
    this.#sending.add(slot);
    send()
      .then(
        () => this.#retries.succeeded(key),
        (error) => this.#retries.failed(key, error instanceof Error ? error.message : undefined),
      )
      .finally(() => {
        this.#sending.delete(slot);
        this.#changed();
        this.#pump();
      });
  }

  /** Waiting entries of one walk, in the order they were made. */
  #nextBatch(): OutboxEntry[] | undefined {
    const waiting = this.#sendable().filter((item) => this.#retries.isDue(item.walk));
    const [first] = waiting;
    return (
      first &&
      waiting
        .filter((item) => item.walk === first.walk)
        .sort((a, b) => (a.id < b.id ? -1 : 1))
        .slice(0, BATCH)
    );
  }

  /** Entries that may go out: those of a car that waits itself would be refused. */
  #sendable(): OutboxEntry[] {
    const all = [...this.#entries.values()];
    const held = new Set(
      this.#cars.size === 0
        ? []
        : all.flatMap(({ walk, entry }) =>
            entry.kind === 'walk-begun' && this.#cars.has(entry.body.carId) ? [walk] : [],
          ),
    );
    return all.filter(({ refusal, walk }) => !refusal && !held.has(walk));
  }

  #nextFile(): OutboxPhoto | undefined {
    const under = [...this.#sending].filter((slot) => this.#photos.has(slot)).length;
    if (under >= LANES) return undefined;
    return [...this.#photos.values()].find(
      ({ refusal, sha256 }) => !refusal && !this.#sending.has(sha256) && this.#retries.isDue(sha256),
    );
  }

  #waitingKeys(): string[] {
    const cars = [...this.#cars.values()].filter(({ refusal }) => !refusal).map(({ id }) => id);
    const looks = [...this.#looks.values()].filter(({ refusal }) => !refusal).map(({ id }) => id);
    const entries = this.#sendable().map(({ walk }) => walk);
    const files = [...this.#photos.values()].filter(({ refusal }) => !refusal).map(({ sha256 }) => sha256);
    return [...cars, ...looks, ...entries, ...files];
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
      return;
    }
    const ids = batch.map(({ id }) => id);
    for (const id of ids) {
      this.#entries.delete(id);
      this.#unkept.delete(id);
    }
    await keptOrNot(this.store, async (store) => {
      const tx = store.transaction(['entries', 'sent'], 'readwrite');
      for (const entry of entries) {
        tx.objectStore('entries').delete(entry.id);
        tx.objectStore('sent').put(entry);
      }
      await tx.done;
    });
  }

  async #sendCar(car: OutboxCar): Promise<void> {
    const { refusal } = await this.courier.postCar(car);
    // It may have been changed meanwhile: then it goes once more.
    if (this.#cars.get(car.id) !== car) return;
    if (refusal) {
      await this.#keepCar({ ...car, refusal });
      return;
    }
    this.#cars.delete(car.id);
    this.#unkept.delete(car.id);
    await this.#forget('cars', [car.id]);
  }

  async #sendLook(item: OutboxLook): Promise<void> {
    const { refusal } = await this.courier.postLook(item);
    // It may have been taken back meanwhile: then that goes too.
    if (this.#looks.get(item.id) !== item) return;
    if (refusal) {
      await this.#keepLook({ ...item, refusal });
      return;
    }
    this.#looks.delete(item.id);
    this.#unkept.delete(item.id);
    await this.#forget('looks', [item.id]);
  }

  async #sendFile(item: OutboxPhoto): Promise<void> {
    const { sha256, blob, is } = item;
    const { refusal } = await (is
      ? this.courier.putRecording(sha256, blob, is)
      : this.courier.putPhoto(sha256, blob));
    if (refusal) {
      await this.#keepPhoto({ ...item, refusal });
      return;
    }
    this.#photos.delete(sha256);
    this.#unkept.delete(sha256);
    await this.#forget('photos', [sha256]);
  }

  async #keepEntry(item: OutboxEntry): Promise<void> {
    this.#entries.set(item.id, item);
    await this.#keep([item.id], (store) => store.put('entries', item));
  }

  async #keepPhoto(item: OutboxPhoto): Promise<void> {
    this.#photos.set(item.sha256, item);
    await this.#keep([item.sha256], (store) => store.put('photos', item));
  }

  async #keepCar(item: OutboxCar): Promise<void> {
    this.#cars.set(item.id, item);
    await this.#keep([item.id], (store) => store.put('cars', item));
  }

  async #keepLook(item: OutboxLook): Promise<void> {
    this.#looks.set(item.id, item);
    await this.#keep([item.id], (store) => store.put('looks', item));
  }

  /** Keeps things on the device; what cannot be kept is told, and sent all the same. */
  async #keep(ids: readonly string[], write: (store: OutboxStore) => Promise<unknown>): Promise<void> {
    const why = await keptOrNot(this.store, write);
    for (const id of ids) {
      // Sent already: nothing is lost.
      const isHere = [this.#entries, this.#photos, this.#cars, this.#looks].some((held) => held.has(id));
      if (why && isHere) this.#unkept.add(id);
      else this.#unkept.delete(id);
    }
    if (why) this.#unkeptBy = why;
    this.#changed();
  }

  /** What the server has is forgotten here. Should that fail, it is sent once more after a reload, which does no harm. */
  async #forget(from: 'entries' | 'photos' | 'cars' | 'looks', ids: readonly string[]): Promise<void> {
    await keptOrNot(this.store, async (store) => {
      const tx = store.transaction(from, 'readwrite');
      for (const id of ids) tx.store.delete(id);
      await tx.done;
    });
  }

  #changed(): void {
    const entries = [...this.#entries.values()];
    const photos = [...this.#photos.values()];
    const cars = [...this.#cars.values()];
    const looks = [...this.#looks.values()];
    const failing = photos.flatMap(({ sha256, is, refusal }) => {
      const { tries, why } = this.#retries.of(sha256);
      return !refusal && tries >= SHOWN_AFTER
        ? [{ what: is ?? 'photo', why: why ?? 'No answer came.' } as const]
        : [];
    });
    const { isStalled, why } = this.#retries;
    this.#snapshot = {
      waiting:
        [...cars, ...looks, ...entries, ...photos].filter((item) => !item.refusal).length + this.#takingIn,
      refusedEntries: kept(
        this.#snapshot.refusedEntries,
        entries.filter((item) => item.refusal),
      ),
      refusedPhotos: kept(
        this.#snapshot.refusedPhotos,
        photos.filter((item) => item.refusal),
      ),
      cars: kept(this.#snapshot.cars, cars),
      looks: kept(this.#snapshot.looks, looks),
      stalled: isStalled,
      ...(isStalled && why && { stalledBy: why }),
      failing,
      unkept: this.#unkept.size,
      ...(this.#unkept.size > 0 && this.#unkeptBy && { unkeptBy: this.#unkeptBy }),
    };
    for (const listener of this.#listeners) listener();
  }
}

/** The list one had, when nothing in it changed: who watches it need not look again. */
function kept<T>(before: readonly T[], now: readonly T[]): readonly T[] {
  return before.length === now.length && now.every((item, i) => item === before[i]) ? before : now;
}
