import type { Fault } from '#core/cures';
import type { StaysBecause } from '#core/plan';
import { type NoticeDistance, noticeDistances, noticeWords, type Sureness } from '#core/walk';

export const staysWords: Record<StaysBecause, string> = {
  'not-asked': 'not asked for',
  suspected: 'only suspected: make sure of it first',
  left: 'left as it is: so it was decided',
  'no-cure': 'no rule knows a cure',
  'no-price': 'its price is missing',
  'taken-out': 'taken out by hand',
};

export const sureWords: Record<Sureness, string> = {
  will: 'will mend it',
  should: 'should mend it',
  may: 'may mend it',
};

/** Faults by from where they are noticed, the farthest first; those of which nobody said last. */
export function byNotice<T extends { fault: Fault }>(
  all: readonly T[],
): { says: string; of: readonly T[] }[] {
  const groups: (NoticeDistance | undefined)[] = [...noticeDistances.toReversed(), undefined];
  return groups.flatMap((notice) => {
    const of = all.filter(({ fault }) => fault.notice === notice);
    if (of.length === 0) return [];
    return [
      {
        says: notice
          ? `Noticed ${noticeWords[notice].name.toLowerCase()}`
          : 'Nobody said from where it is seen',
        of,
      },
    ];
  });
}
