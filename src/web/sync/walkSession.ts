import { v7 as newEntryId } from 'uuid';
import type { WalkPage } from '#core/api';
import type { Entry, Fact } from '#core/walk';
import { getJson, RefusedError, UnreachableError } from '../api/client';
import { keptOrNot } from './keptOrNot';
import type { Outbox } from './outbox';
import type { OutboxStore } from './outboxStore';

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

  /** Remembers a walk before the server knows it, so that it opens without signal. */
  async remember(page: WalkPage): Promise<void> {
    await keptOrNot(this.store, (store) => store.put('walks', page));
  }

  async #held(walk: string): Promise<WalkPage | undefined> {
    let held: WalkPage | undefined;
    await keptOrNot(this.store, async (store) => {
      held = await store.get('walks', walk);
    });
    return held;
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

const none: readonly Entry[] = [];

/** What is pasted may hold characters that cannot be shown, which the server would refuse: they are blanks from the start. */
function keepable<T>(value: T): T {
  if (typeof value === 'string') return value.replace(/[^\P{Cc}\t\n\r]|\p{Cs}|[\ufffe\uffff]/gu, ' ') as T;
  if (Array.isArray(value)) return value.map(keepable) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, keepable(inner)])) as T;
}
