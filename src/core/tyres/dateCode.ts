/** Week and year a tyre was made. */
export interface MadeIn {
  week: number;
  year: number;
}

export type DateCodeReading =
  | { ok: true; made: MadeIn }
  | { ok: false; problem: 'not-a-code' | 'no-such-week' | 'in-the-future' | 'three-figures' };

/**
 * Reads the last four figures of a tyre’s identification number: week, then year (49 CFR 574.5); or week and year as spoken. Three figures were
 * used until 1999; they may also be four that are not typed to their end. `now` tells what lies in the future.
 */
export function parseDateCode(text: string, now: Date): DateCodeReading {
  const said = /\bw(?:ee)?k\.?\s*(\d{1,2})\b\D*\b((?:20)?\d{2})\s*$/i.exec(text);
  if (said) return checked({ week: Number(said[1]), year: 2000 + (Number(said[2]) % 100) }, now);
  const figures = text.replace(/[^0-9]/g, '');
  if (/^\d{3}$/.test(figures)) return { ok: false, problem: 'three-figures' };
  // A whole identification number may be typed: its end is what counts.
  const code = /(\d{2})(\d{2})$/.exec(
    /^\d{4}$/.test(figures) ? figures : (/\d{4}\s*$/.exec(text.trim())?.[0] ?? ''),
  );
  if (!code) return { ok: false, problem: 'not-a-code' };
  return checked({ week: Number(code[1]), year: 2000 + Number(code[2]) }, now);
}

function checked(made: MadeIn, now: Date): DateCodeReading {
  if (made.week < 1 || made.week > 53) return { ok: false, problem: 'no-such-week' };
  if (mondayOf(made) > now.getTime()) return { ok: false, problem: 'in-the-future' };
  return { ok: true, made };
}

/** Age in whole months at a day. Weeks are counted from the year’s first day, near enough for a tyre. */
export function ageMonths(made: MadeIn, now: Date): number {
  const from = new Date(mondayOf(made));
  const months = (now.getUTCFullYear() - from.getUTCFullYear()) * 12 + now.getUTCMonth() - from.getUTCMonth();
  return now.getUTCDate() < from.getUTCDate() ? months - 1 : months;
}

const mondayOf = ({ week, year }: MadeIn): number => Date.UTC(year, 0, 1 + (week - 1) * 7);

export function dateCodeProblemMessage(problem: Extract<DateCodeReading, { ok: false }>['problem']): string {
  switch (problem) {
    case 'not-a-code':
      return 'Type the last four figures after DOT: two for the week, two for the year, like 2319.';
    case 'no-such-week':
      return 'The first two figures are the week, 01 to 53. Look at the code again.';
    case 'in-the-future':
      return 'That week has not come yet. Look at the code again.';
    case 'three-figures':
      return 'Four figures are wanted: two for the week, two for the year. If there are only three, the tyre was made before 2000: replace it whatever its tread.';
  }
}
