import { dayProblemMessage, parseDay } from '#core/papers';
import type { Fact, NumberPlace, Papers } from '#core/walk';

export type PapersKey =
  | 'keepers'
  | 'keys'
  | 'keysTried'
  | 'stamps'
  | 'certificateUntil'
  | 'firstUse'
  | 'recalls'
  | 'registrationSays'
  | 'certificateSays'
  | 'keepersSays'
  | 'every'
  | 'months'
  | 'beltEvery'
  | 'beltMonths'
  | NumberPlace;
export type PapersTyped = Record<PapersKey, string>;
export type PapersErrors = Partial<PapersTyped>;
type Noted = Extract<Fact, { kind: 'papers-noted' }>['body'];

interface Asked {
  today: string;
  isMonthFirst: boolean;
  /** Somebody is about to type there: its half of a pair is not missing yet. */
  isBusy: (key: PapersKey) => boolean;
  /** It was typed here and is not saved yet: what somebody else noted meanwhile is not taken back. */
  isTyped: (key: PapersKey) => boolean;
}

/** The fields that an interval is made of. */
export const intervalKeys = ['every', 'months', 'beltEvery', 'beltMonths'] as const;

/** What was typed of the papers: what of it can be read and is new, and what is wrong with the rest, field by field. */
export function readPapers(
  values: PapersTyped,
  noted: Papers['noted'],
  { today, isMonthFirst, isBusy, isTyped }: Asked,
): { errors: PapersErrors; changed: Noted } {
  const found: PapersErrors = {};
  const whole = (key: PapersKey, least: number, most: number, says: string): number | null => {
    const typed = values[key].trim().replace(/[\s,.]/g, '');
    if (typed === '') return null;
    const value = Number(typed);
    if (!/^\d+$/.test(typed) || value < least || value > most) found[key] = says;
    return value;
  };
  const day = (key: 'certificateUntil' | 'firstUse', mayBeAhead: boolean): string | null => {
    if (values[key].trim() === '') return null;
    const reading = parseDay(values[key], today, { monthFirst: isMonthFirst, mayBeAhead });
    if (!reading.ok) found[key] = dayProblemMessage(reading.problem);
    return reading.ok ? reading.day : null;
  };
  const keepers = whole('keepers', 1, 99, 'A used car has had 1 to 99 keepers.');
  const keys = whole('keys', 0, 10, 'At most 10 keys: check the count.');
  const keysTried = whole('keysTried', 0, keys ?? 10, 'Not more than there are.');
  const stamps = whole('stamps', 0, 99, 'At most 99 stamps: check the count.');
  const every = whole('every', 1000, 100_000, 'Between 1,000 and 100,000.');
  const months = whole('months', 3, 60, 'Between 3 and 60 months.');
  // One half of a pair waits while one types the other.
  if ((every === null) !== (months === null) && !isBusy('every') && !isBusy('months'))
    found[every === null ? 'every' : 'months'] = 'Give both, or neither.';
  const beltEvery = whole('beltEvery', 10_000, 500_000, 'Between 10,000 and 500,000.');
  const beltMonths = whole('beltMonths', 12, 240, 'Between 12 and 240 months.');
  if ((beltEvery ?? beltMonths) !== null && every === null && months === null)
    found.every = 'Enter the service interval too.';
  const certificateUntil = day('certificateUntil', true);
  const firstUse = day('firstUse', false);
  const interval =
    every !== null && months !== null
      ? {
          distance: every,
          months,
          ...(beltEvery !== null && { beltDistance: beltEvery }),
          ...(beltMonths !== null && { beltMonths }),
        }
      : null;
  const wanted = {
    keepers,
    keys,
    keysTried,
    stamps,
    certificateUntil,
    firstUse,
    recalls: values.recalls.trim() || null,
    registrationSays: values.registrationSays.trim() || null,
    certificateSays: values.certificateSays.trim() || null,
    keepersSays: values.keepersSays.trim() || null,
    ...((every === null) === (months === null) && { interval }),
  };
  const isWrong = (key: string) =>
    found[key as PapersKey] !== undefined ||
    (key === 'interval' &&
      (found.every ?? found.months ?? found.beltEvery ?? found.beltMonths) !== undefined);
  const changed = Object.entries(wanted).filter(
    ([key, value]) =>
      !isWrong(key) &&
      (key === 'interval' ? intervalKeys.some(isTyped) : isTyped(key as PapersKey)) &&
      JSON.stringify(value ?? null) !== JSON.stringify(noted[key as keyof typeof noted] ?? null),
  );
  return { errors: found, changed: Object.fromEntries(changed) };
}
