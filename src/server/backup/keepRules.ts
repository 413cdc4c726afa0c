const DAY_MS = 86_400_000;

/** So many of the newest are kept: one of each of the last days, weeks and months that have one. House rule. */
export const KEPT = { days: 7, weeks: 4, months: 12 } as const;

/** The backups to keep, of those made at these times (UTC): the newest of each day, week and month, as far back as the rule goes. The newest is always kept. */
export function toKeep(times: readonly Date[]): ReadonlySet<Date> {
  const newestFirst = times.toSorted((a, b) => b.getTime() - a.getTime());
  const kept = new Set<Date>();
  const keepOneOfEach = (most: number, spanOf: (time: Date) => string | number) => {
    const spans = new Set<string | number>();
    for (const time of newestFirst) {
      const span = spanOf(time);
      if (spans.has(span) || spans.size === most) continue;
      spans.add(span);
      kept.add(time);
    }
  };
  const day = (time: Date) => Math.floor(time.getTime() / DAY_MS);
  keepOneOfEach(KEPT.days, day);
  // Weeks begin on Mondays; the first of January 1970 was a Thursday.
  keepOneOfEach(KEPT.weeks, (time) => Math.floor((day(time) + 3) / 7));
  keepOneOfEach(KEPT.months, (time) => time.toISOString().slice(0, 7));
  return kept;
}
