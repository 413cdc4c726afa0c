import { RateLimiterMemory } from 'rate-limiter-flexible';
import { Problem } from '../problems';

/** Wrong tries in a quarter of an hour: from one address; for one name from devices it never signed in on; on a device it did. */
const [MOST_FROM_ONE, MOST_FROM_STRANGERS, MOST_ON_KNOWN] = [30, 10, 10] as const;
const WINDOW_S = 15 * 60;

const tooMany = (what: string) =>
  new Problem(
    429,
    'too-many-tries',
    'Too many wrong tries',
    `${what} Wait a quarter of an hour, or have somebody sign you in from their device.`,
  );

/**
 * Counts wrong passwords. Strangers who try a name shut out strangers alone: where somebody has signed in before, their tries are counted apart,
 * so that nobody can be locked out from elsewhere (OWASP: device cookies).
 */
export function makeTries() {
  const from = new RateLimiterMemory({ points: MOST_FROM_ONE, duration: WINDOW_S });
  const strangers = new RateLimiterMemory({ points: MOST_FROM_STRANGERS, duration: WINDOW_S });
  const known = new RateLimiterMemory({ points: MOST_ON_KNOWN, duration: WINDOW_S });
  const isOver = async (limit: RateLimiterMemory, key: string): Promise<boolean> =>
    ((await limit.get(key))?.consumedPoints ?? 0) >= limit.points;
  const counterOf = (name: string, device: string | undefined) =>
    device ? ([known, `${device} ${name}`] as const) : ([strangers, name] as const);
  return {
    /**
     * Counts a try before it is proven, so that many at once are many; throws a Problem when there were too many. `device` where that name has signed
     * in before.
     */
    begin: async (address: string, name: string, device: string | undefined): Promise<void> => {
      const [limit, key] = counterOf(name, device);
      if (await isOver(limit, key)) throw tooMany('That name was tried too often with a wrong password.');
      if (!device && (await isOver(from, address))) throw tooMany('Too many wrong passwords came from here.');
      await Promise.all([from.penalty(address), limit.penalty(key)]);
    },
    /** It was right, and counts for nothing. */
    right: async (address: string, name: string, device: string | undefined): Promise<void> => {
      const [limit, key] = counterOf(name, device);
      await Promise.all([from.reward(address), limit.reward(key)]);
    },
  };
}

export type Tries = ReturnType<typeof makeTries>;
