import type { Entry } from '#core/walk';
import { keptOrNot } from './keptOrNot';
import type {
  OutboxCar,
  OutboxEntry,
  OutboxLook,
  OutboxPhoto,
  OutboxStore,
  Waiting,
  WaitingKind,
} from './outboxStore';
import { Retries } from './retries';
import { idOf, Shelf } from './shelf';

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
  readonly #entries: Shelf<'entries'>;
  readonly #photos: Shelf<'photos'>;
  readonly #cars: Shelf<'cars'>;
  readonly #looks: Shelf<'looks'>;
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
  #whenIdle: (() => void)[] = [];
  #timer: ReturnType<typeof setTimeout> | undefined;
  #takingIn = 0;
  #isStopped = false;

  private constructor(
    private readonly store: OutboxStore | undefined,
    private readonly courier: Courier,
  ) {
    const shelf = <Kind extends WaitingKind>(kind: Kind) => new Shelf(kind, store, () => this.#changed());
    this.#entries = shelf('entries');
    this.#photos = shelf('photos');
    this.#cars = shelf('cars');
    this.#looks = shelf('looks');
  }

  /** Without a store nothing outlives the page; everything is sent from memory all the same. */
  static async open(store: OutboxStore | undefined, courier: Courier): Promise<Outbox> {
    const outbox = new Outbox(store, courier);
    for (const shelf of outbox.#shelves) await shelf.open();
    return outbox;
  }

  /** Kept on the device when this resolves, where it can be; sent in the background, from now on. */
  async addEntries(entries: readonly Entry[]): Promise<void> {
    const kept = this.#entries.put(entries.map((entry) => ({ id: entry.id, walk: entry.walk, entry })));
    this.#pumpSoon();
    await kept;
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
    await this.#cars.put([car]);
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
    const kept = this.#looks.put([item]);
    this.#retries.reset();
    this.#pump();
    await kept;
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
    const kept = this.#photos.put([{ ...named, blob: copy }]);
    this.#pump();
    await kept;
  }

  /** Entries of a walk the server may not have yet; refused ones are not part of the walk. */
  entriesOf(walk: string): Entry[] {
    return this.#entries.waiting.filter((item) => item.walk === walk).map((item) => item.entry);
  }

  /** A photo or recording that waits to be sent. */
  photo(sha256: string): Blob | undefined {
    return this.#photos.get(sha256)?.blob;
  }

  /** Forgets refused things the person has read about and given up. */
  async setAside(ids: readonly string[]): Promise<void> {
    for (const shelf of this.#shelves) await shelf.drop(ids);
  }

  /** Sends refused things once more, after the person changed what was wrong. */
  async tryAgain(): Promise<void> {
    for (const shelf of this.#shelves) await shelf.tryAgain();
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
    for (const car of this.#due(this.#cars))
      this.#begin(car.id, car.id, () => this.#send(this.#cars, car, () => this.courier.postCar(car)));
    for (const look of this.#due(this.#looks))
      this.#begin(look.id, look.id, () => this.#send(this.#looks, look, () => this.courier.postLook(look)));
    const batch = this.#sending.has('entries') ? undefined : this.#nextBatch();
    if (batch) this.#begin('entries', batch[0]?.walk as string, () => this.#sendBatch(batch));
    const lanes = LANES - [...this.#sending].filter((slot) => this.#photos.get(slot)).length;
    for (const file of this.#due(this.#photos).slice(0, lanes))
      this.#begin(file.sha256, file.sha256, () => this.#send(this.#photos, file, () => this.#putFile(file)));
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
    const held = new Set(
      this.#cars.all.length === 0
        ? []
        : this.#entries.all.flatMap(({ walk, entry }) =>
            entry.kind === 'walk-begun' && this.#cars.get(entry.body.carId) ? [walk] : [],
          ),
    );
    return this.#entries.waiting.filter(({ walk }) => !held.has(walk));
  }

  /** What of a shelf may be sent now. */
  #due<Kind extends WaitingKind>(shelf: Shelf<Kind>): Waiting<Kind>[] {
    return shelf.waiting.filter((item) => !this.#sending.has(idOf(item)) && this.#retries.isDue(idOf(item)));
  }

  #waitingKeys(): string[] {
    const entries = this.#sendable().map(({ walk }) => walk);
    const others = [this.#cars, this.#looks, this.#photos].flatMap(({ waiting }) => waiting.map(idOf));
    return [...entries, ...others];
  }

  async #sendBatch(batch: OutboxEntry[]): Promise<void> {
    const entries = batch.map((item) => item.entry);
    const { refused } = await this.courier.postEntries(batch[0]?.walk as string, entries);
    // A refusal stores nothing: the others go again without the refused ones.
    if (refused.size > 0) {
      await this.#entries.put(
        batch.flatMap((item) => {
          const refusal = refused.get(item.id);
          return refusal ? [{ ...item, refusal }] : [];
        }),
      );
      return;
    }
    this.#entries.forget(batch.map(({ id }) => id));
    await keptOrNot(this.store, async (store) => {
      const tx = store.transaction(['entries', 'sent'], 'readwrite');
      for (const entry of entries) {
        tx.objectStore('entries').delete(entry.id);
        tx.objectStore('sent').put(entry);
      }
      await tx.done;
    });
  }

  async #send<Kind extends WaitingKind>(
    shelf: Shelf<Kind>,
    item: Waiting<Kind>,
    post: () => Promise<{ refusal?: string }>,
  ): Promise<void> {
    const { refusal } = await post();
    // It may have been changed or taken back meanwhile: then that goes too.
    if (shelf.get(idOf(item)) !== item) return;
    await (refusal ? shelf.put([{ ...item, refusal }]) : shelf.drop([idOf(item)]));
  }

  #putFile({ sha256, blob, is }: OutboxPhoto): Promise<{ refusal?: string }> {
    return is ? this.courier.putRecording(sha256, blob, is) : this.courier.putPhoto(sha256, blob);
  }

  get #shelves() {
    return [this.#entries, this.#photos, this.#cars, this.#looks] as const;
  }

  #changed(): void {
    const failing = this.#photos.waiting.flatMap(({ sha256, is }) => {
      const { tries, why } = this.#retries.of(sha256);
      return tries >= SHOWN_AFTER ? [{ what: is ?? 'photo', why: why ?? 'No answer came.' } as const] : [];
    });
    const { isStalled, why } = this.#retries;
    const unkept = this.#shelves.map((shelf) => shelf.unkept);
    const unkeptBy = unkept.find((each) => each.why)?.why;
    this.#snapshot = {
      waiting: this.#shelves.reduce((sum, { waiting }) => sum + waiting.length, this.#takingIn),
      refusedEntries: this.#entries.refused,
      refusedPhotos: this.#photos.refused,
      cars: this.#cars.all,
      looks: this.#looks.all,
      stalled: isStalled,
      ...(isStalled && why && { stalledBy: why }),
      failing,
      unkept: unkept.reduce((sum, { count }) => sum + count, 0),
      ...(unkeptBy && { unkeptBy }),
    };
    for (const listener of this.#listeners) listener();
  }
}
