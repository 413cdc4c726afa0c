import { keptOrNot } from './keptOrNot';
import type { OutboxStore, Waiting, WaitingKind } from './outboxStore';

/** By what a waiting thing is known, here, on the device and at the server. */
export const idOf = (item: Waiting): string => ('sha256' in item ? item.sha256 : item.id);

/** The things of one kind that wait for the server: in memory, and on the device where it can keep them. */
export class Shelf<Kind extends WaitingKind> {
  readonly #held = new Map<string, Waiting<Kind>>();
  readonly #unkept = new Set<string>();
  #unkeptBy: string | undefined;
  #all: readonly Waiting<Kind>[] = [];
  #refused: readonly Waiting<Kind>[] = [];

  constructor(
    private readonly kind: Kind,
    private readonly store: OutboxStore | undefined,
    private readonly whenChanged: () => void,
  ) {}

  /** Takes up what the device kept of an earlier page. */
  async open(): Promise<void> {
    for (const item of (await this.store?.getAll(this.kind)) ?? []) this.#held.set(idOf(item), item);
    this.#changed();
  }

  /** Everything that is here, refused or not; the same list as long as nothing changes. */
  get all(): readonly Waiting<Kind>[] {
    return this.#all;
  }

  /** What the server would not have; the same list as long as nothing changes. */
  get refused(): readonly Waiting<Kind>[] {
    return this.#refused;
  }

  /** What is to be sent. */
  get waiting(): readonly Waiting<Kind>[] {
    return this.#all.filter(({ refusal }) => !refusal);
  }

  /** How many the device could not keep, and why; they are lost when the page is closed before they are sent. */
  get unkept(): { count: number; why: string | undefined } {
    return { count: this.#unkept.size, why: this.#unkept.size > 0 ? this.#unkeptBy : undefined };
  }

  get(id: string): Waiting<Kind> | undefined {
    return this.#held.get(id);
  }

  /** Puts things here, or what they have become. Kept on the device when this resolves, where it can be. */
  async put(items: readonly Waiting<Kind>[]): Promise<void> {
    if (items.length === 0) return;
    for (const item of items) this.#held.set(idOf(item), item);
    this.#changed();
    const isStill = (item: Waiting<Kind>) => this.#held.get(idOf(item)) === item;
    const why = await keptOrNot(this.store, async (store) => {
      // Words nobody can say again are on the disk before this resolves; a file is large, and mostly lies where it came from.
      const durability = this.kind === 'photos' ? 'default' : 'strict';
      const tx = store.transaction(this.kind, 'readwrite', { durability });
      // What arrived meanwhile, or became something else, is not kept for another time.
      for (const item of items) if (isStill(item)) tx.store.put(item);
      await tx.done;
    });
    for (const item of items) {
      if (why && isStill(item)) this.#unkept.add(idOf(item));
      else this.#unkept.delete(idOf(item));
    }
    if (why) this.#unkeptBy = why;
    this.#changed();
  }

  /** Lets refused things wait once more, after the person changed what was wrong. */
  async tryAgain(): Promise<void> {
    await this.put(this.#refused.map((item) => ({ ...item, refusal: undefined })));
  }

  /** Puts things away, here and on the device. Should that fail, they are sent once more after a reload, which does no harm. */
  async drop(ids: readonly string[]): Promise<void> {
    const here = ids.filter((id) => this.#held.has(id));
    if (here.length === 0) return;
    this.forget(here);
    await keptOrNot(this.store, async (store) => {
      const tx = store.transaction(this.kind, 'readwrite');
      for (const id of here) tx.store.delete(id);
      await tx.done;
    });
  }

  /** Puts things away here alone: whoever asks for it sees to the device. */
  forget(ids: readonly string[]): void {
    for (const id of ids) {
      this.#held.delete(id);
      this.#unkept.delete(id);
    }
    this.#changed();
  }

  #changed(): void {
    const all = [...this.#held.values()];
    this.#all = sameOr(this.#all, all);
    this.#refused = sameOr(
      this.#refused,
      all.filter(({ refusal }) => refusal),
    );
    this.whenChanged();
  }
}

/** The list one had, when nothing in it changed: who watches it need not look again. */
const sameOr = <T>(before: readonly T[], now: readonly T[]): readonly T[] =>
  before.length === now.length && now.every((item, at) => item === before[at]) ? before : now;
