import type { Caption } from './caption';

/** Captions may run on so long after the film's end. */
const SLACK_S = 3;

/** Two offers so near are one. */
const SAME_S = 1;

/** How captions may lie beside the film, when they do not fit as they are. */
export interface Shift {
  /** Added to every time of the captions. */
  byS: number;
  because: 'whole-hours' | 'first-at-start' | 'last-at-end';
}

const hour = 3600;

/**
 * What to offer where captions lie outside the film: whole hours off, as film clocks count them; the first word at its beginning; the last at its end. None where
 * they fit, or carry no times. Seconds, both.
 */
export function shiftsFor(captions: readonly Caption[], filmS: number): Shift[] {
  const timed = captions.filter(({ startS }) => startS !== undefined);
  const [first, last] = [timed[0]?.startS, timed.at(-1)];
  if (first === undefined || last?.startS === undefined) return [];
  const end = last.endS ?? last.startS;
  if (first >= 0 && end <= filmS + SLACK_S) return [];
  const fits = (byS: number) => first + byS >= -SLACK_S && end + byS <= filmS + SLACK_S;
  const hours = -Math.floor(Math.max(0, first) / hour) * hour;
  const offers: Shift[] = [
    { byS: hours, because: 'whole-hours' },
    { byS: -first, because: 'first-at-start' },
    { byS: filmS - end, because: 'last-at-end' },
  ];
  return offers
    .map((offer) => ({ ...offer, byS: Math.round(offer.byS * 10) / 10 }))
    .filter(({ byS }) => byS !== 0 && fits(byS))
    .filter(({ byS }, i, all) => !all.slice(0, i).some((one) => Math.abs(one.byS - byS) < SAME_S));
}
