/** A challenge is answered while somebody looks at the screen. */
const GOOD_FOR_MS = 5 * 60_000;
/** Nobody asks for so many and answers none. */
const MOST = 1000;

/** Challenges that were handed out for passkeys. Each is answered once. */
export function makeChallenges(now: () => Date) {
  const out = new Map<string, number>();
  return {
    handOut: (challenge: string): void => {
      if (out.size >= MOST) out.delete(out.keys().next().value as string);
      out.set(challenge, now().getTime() + GOOD_FOR_MS);
    },
    /** Whether it was handed out and is answered in time, for the first time. */
    take: (challenge: string): boolean => {
      const until = out.get(challenge) ?? 0;
      out.delete(challenge);
      return until > now().getTime();
    },
  };
}

export type Challenges = ReturnType<typeof makeChallenges>;
