/** How long one thing waits after each failure of its own; and all of them, when nothing gets through. */
const WAITS_MS = [500, 1000, 1500, 2000, 3000, 5000, 10_000];
/** Something got through so lately: no wait is longer than this then. */
const [RECENT_MS, SHORT_MS] = [15_000, 2000] as const;
/** So many failures in a row mean that it is the way that fails, not what is sent. */
const IN_A_ROW = 8;

interface Failed {
  tries: number;
  until: number;
  why: string | undefined;
}

/** Remembers what failed and when it may be tried again, each thing for itself. */
export class Retries {
  readonly #failed = new Map<string, Failed>();
  #inARow = 0;
  #pausedUntil = 0;
  #lastSuccess = Number.NEGATIVE_INFINITY;
  #why: string | undefined;

  constructor(private readonly now: () => number = Date.now) {}

  /** The last attempt did not get through. */
  get isStalled(): boolean {
    return this.#inARow > 0;
  }

  /** What was said of it. */
  get why(): string | undefined {
    return this.#why;
  }

  of(key: string): { tries: number; why: string | undefined } {
    return this.#failed.get(key) ?? { tries: 0, why: undefined };
  }

  isDue(key: string): boolean {
    return this.now() >= Math.max(this.#pausedUntil, this.#failed.get(key)?.until ?? 0);
  }

  succeeded(key: string): void {
    this.#failed.delete(key);
    this.#inARow = 0;
    this.#pausedUntil = 0;
    this.#lastSuccess = this.now();
  }

  failed(key: string, why: string | undefined): void {
    const tries = this.of(key).tries + 1;
    // While others get through, the next try is as good as theirs.
    const isThere = this.now() - this.#lastSuccess < RECENT_MS;
    const wait = Math.min(waitAfter(tries), isThere ? SHORT_MS : Number.POSITIVE_INFINITY);
    this.#failed.set(key, { tries, until: this.now() + wait, why });
    this.#why = why;
    this.#inARow++;
    if (this.#inARow >= IN_A_ROW) this.#pausedUntil = this.now() + waitAfter(this.#inARow - IN_A_ROW + 2);
  }

  /** Everything may be tried at once: somebody asks for it, or the signal is back. How often things failed stays known. */
  reset(): void {
    this.#pausedUntil = 0;
    for (const [key, failed] of this.#failed) this.#failed.set(key, { ...failed, until: 0 });
  }

  /** Milliseconds until the first of these may be tried; undefined when there are none. */
  next(keys: readonly string[]): number | undefined {
    if (keys.length === 0) return undefined;
    const first = Math.min(...keys.map((key) => this.#failed.get(key)?.until ?? 0));
    return Math.max(0, Math.max(first, this.#pausedUntil) - this.now());
  }
}

const waitAfter = (tries: number): number => WAITS_MS[Math.min(tries, WAITS_MS.length) - 1] as number;
