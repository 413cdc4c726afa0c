import { v7 as newEntryId } from 'uuid';
import type { CarPage, WalkPage } from '#core/api';
import type { Car } from '#core/car';
import type { Entry, Fact } from '#core/walk';
import { getJson, RefusedError, UnreachableError } from '../api/client';
import { keptOrNot } from './keptOrNot';
import type { Outbox } from './outbox';
import type { OutboxCar, OutboxStore } from './outboxStore';

/** Entries made on this device in this page's life, by walk: shown at once, whatever the server says meanwhile. */
export class WalkSessions {
  readonly #made = new Map<string, Entry[]>();
  readonly #listeners = new Set<() => void>();
  /** Entries of one walk must sort in the order they were made, also within a millisecond. */
  #lastAt = 0;

  constructor(
    readonly outbox: Outbox,
    private readonly store: OutboxStore | undefined,
  ) {}

  /** Turns facts into entries, shows them at once and hands them to the outbox. */
  record(walk: string, who: string, facts: readonly Fact[]): Entry[] {
    const entries = facts.map((fact) => {
      this.#lastAt = Math.max(Date.now(), this.#lastAt);
      return {
        ...keepable(fact),
        id: newEntryId(),
        walk,
        who,
        at: new Date(this.#lastAt).toISOString(),
      } as Entry;
    });
    this.#made.set(walk, [...(this.#made.get(walk) ?? []), ...entries]);
    for (const listener of this.#listeners) listener();
    void this.outbox.addEntries(entries);
    return entries;
  }

  /** Forgets refused things the person has read about and given up, here as well as in the outbox. */
  async giveUp(ids: readonly string[]): Promise<void> {
    for (const [walk, entries] of this.#made) {
      this.#made.set(
        walk,
        entries.filter((entry) => !ids.includes(entry.id)),
      );
    }
    for (const listener of this.#listeners) listener();
    await this.outbox.setAside(ids);
  }

  readonly made = (walk: string): readonly Entry[] => this.#made.get(walk) ?? none;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** Remembers a walk, as the server tells it or before the server knows it, so that it opens without signal. */
  async remember(page: WalkPage): Promise<void> {
    await keptOrNot(this.store, async (store) => {
      const tx = store.transaction(['walks', 'sent'], 'readwrite');
      const sent = tx.objectStore('sent');
      const told = new Set(page.entries.map(({ id }) => id));
      tx.objectStore('walks').put(page);
      for (const id of await sent.index('walk').getAllKeys(page.walk)) if (told.has(id)) sent.delete(id);
      await tx.done;
    });
  }

  /** A walk as this device knows it: as last told, and what was sent since. */
  async #held(walk: string): Promise<WalkPage | undefined> {
    let held: WalkPage | undefined;
    await keptOrNot(this.store, async (store) => {
      const page = await store.get('walks', walk);
      if (page)
        held = {
          ...page,
          entries: [...page.entries, ...(await store.getAllFromIndex('sent', 'walk', walk))],
        };
    });
    return held;
  }

  /** The walk as this device has it when nothing was added since `lastEntryAt`, fetched otherwise; undefined where it cannot be had. */
  async upToDate(walk: string, lastEntryAt: string): Promise<WalkPage | undefined> {
    const held = await this.#held(walk);
    if (held?.entries.some(({ at }) => at === lastEntryAt)) return held;
    return this.load(walk).catch(() => undefined);
  }

  /** A car from the server, or as it waits here. */
  async loadCar(id: string): Promise<CarPage> {
    const waiting = this.outbox.car(id);
    if (waiting) return { car: carOf(waiting), walks: [] };
    return getJson<CarPage>(`/api/cars/${id}`);
  }

  /** Walks of a car that were begun here and the server may not have. */
  async begunHere(car: string): Promise<WalkPage[]> {
    let pages: WalkPage[] = [];
    await keptOrNot(this.store, async (store) => {
      pages = (await store.getAll('walks')).filter(
        (page) => page.car.id === car && page.entries.length === 0 && page.reports.length === 0,
      );
    });
    return pages.filter(({ walk }) => this.outbox.entriesOf(walk).length > 0);
  }

  /** The walk from the server, or as this device last saw it. */
  async load(walk: string): Promise<WalkPage> {
    try {
      const page = await getJson<WalkPage>(`/api/walks/${walk}`);
      // Kept for when there is no signal; whoever asks now need not wait for that.
      void this.remember(page);
      return page;
    } catch (error) {
      const lost =
        error instanceof UnreachableError || (error instanceof RefusedError && error.problem.status === 404);
      const held = lost ? await this.#held(walk) : undefined;
      if (held) return held;
      throw error;
    }
  }
}

/** A car that waits, as the server will have it. */
export const carOf = ({ id, details, addedAt }: OutboxCar): Car => ({
  ...details,
  id,
  createdAt: addedAt,
  updatedAt: addedAt,
});

const none: readonly Entry[] = [];

/** What is pasted may hold characters that cannot be shown, which the server would refuse: they are blanks from the start. */
function keepable<T>(value: T): T {
  if (typeof value === 'string') return value.replace(/[^\P{Cc}\t\n\r]|\p{Cs}|[\ufffe\uffff]/gu, ' ') as T;
  if (Array.isArray(value)) return value.map(keepable) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, keepable(inner)])) as T;
}
