import { RateLimiterMemory } from 'rate-limiter-flexible';
import { Problem } from '../problems';

/** Wrong links and passphrases from one address, in so much time; and wrong passphrases of one link, from wherever. */
const [MOST_FROM_ONE, MOST_OF_A_LINK] = [60, 30] as const;
const WINDOW_S = 10 * 60;

export const tooManyTries = () =>
  new Problem(
    429,
    'too-many-tries',
    'Too many wrong tries',
    'Links or passphrases were tried that do not fit. Wait ten minutes, then open the link as the yard sent it.',
  );

/** Counts who guesses links or passphrases. What is right, or only comes too early, is never counted, however it ends. */
export function makeGuesses() {
  const from = new RateLimiterMemory({ points: MOST_FROM_ONE, duration: WINDOW_S });
  const ofLink = new RateLimiterMemory({ points: MOST_OF_A_LINK, duration: WINDOW_S });
  const isOver = async (limit: RateLimiterMemory, key: string): Promise<boolean> =>
    ((await limit.get(key))?.consumedPoints ?? 0) >= limit.points;
  return {
    /** Whether too many wrong tries came from an address lately. */
    isGuessing: (address: string): Promise<boolean> => isOver(from, address),
    /** A link that opens nothing. */
    wrongLink: (address: string): void => {
      void from.penalty(address);
    },
    /** A passphrase that does not fit. */
    wrongPassphrase: (address: string, share: string): void => {
      void from.penalty(address);
      void ofLink.penalty(share);
    },
    /** Throws a Problem when one link's passphrase was tried too often. */
    mayTry: async (share: string): Promise<void> => {
      if (await isOver(ofLink, share)) throw tooManyTries();
    },
  };
}

export type Guesses = ReturnType<typeof makeGuesses>;
