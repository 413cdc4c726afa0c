import type { DistanceUnit } from '../car';
import { speakDistance } from '../measure';
import { shortDay } from '../wording';
import { addDays, addMonths, type Day, daysBetween, monthsBetween, yearsBetween } from './calendar';
import type { ServiceEntry } from './serviceEntrySchema';
import { proofWords } from './serviceWorks';

/** What the maker asks for: whichever comes first. */
export interface ServiceInterval {
  /** In the unit of the car's country. */
  distance: number;
  months: number;
  /** Timing belt, where the car has one. */
  beltDistance?: number;
  beltMonths?: number;
}

export interface CarNow {
  today: Day;
  unit: DistanceUnit;
  /** The odometer today. */
  odometer?: number;
  /** First use, where the record begins. */
  firstUse?: Day;
  /** Distance a year. */
  perYear?: number;
  /** Stamps counted in the book, entered here or not. */
  stamps?: number;
  /** Entries left out of the reckoning: their figure does not fit the odometer. */
  doubtful?: number;
}

export interface ServiceSpan {
  from?: ServiceEntry;
  /** Absent for the span that still runs. */
  to?: ServiceEntry;
  /** Unknown: neither a time nor a distance tells how long it was. */
  kind: 'kept' | 'early' | 'late' | 'missing' | 'unknown';
  says: string;
}

export type Completeness = 'full' | 'partial' | 'none';

export interface ServiceStory {
  /** Oldest first. */
  entries: readonly ServiceEntry[];
  spans: readonly ServiceSpan[];
  completeness: Completeness;
  /** Why, each in a sentence. */
  says: readonly string[];
}

/** House rules: so much over an interval is still kept; over this many of it, a service is missing; under this share it came early. */
const KEPT = { distance: 0.1, months: 1 } as const;
const MISSING_TIMES = 1.75;
const EARLY_SHARE = 0.5;
/** Rate of distance foretold as a range: a quarter less to a quarter more. House rule. */
const RATE_SPREAD = 0.25;

const order = (a: ServiceEntry, b: ServiceEntry): number => {
  if (a.day && b.day && a.day !== b.day) return daysBetween(b.day, a.day);
  return (a.distance ?? 0) - (b.distance ?? 0);
};

/** What a service record says of how a car was kept, against its maker's interval, by stated rules. */
export function judgeService(
  all: readonly ServiceEntry[],
  interval: ServiceInterval,
  now: CarNow,
): ServiceStory {
  const entries = all.toSorted(order);
  if (entries.length === 0) return { entries, spans: [], ...withoutEntries(now) };
  // A history begins when the car did, whether or not anybody entered the day: at no distance.
  const start: ServiceEntry = {
    ...(now.firstUse !== undefined && { day: now.firstUse }),
    distance: 0,
    proof: 'said',
    works: [],
  };
  const chain = [start, ...entries];
  const spans = chain
    .slice(1)
    .map((to, i) =>
      spanOf(chain[i] as ServiceEntry, to, interval, now.unit, i === 0 ? 'first use' : undefined),
    );
  const last = entries.at(-1) as ServiceEntry;
  const running = spanOf(last, undefined, interval, now.unit, undefined, {
    day: now.today,
    ...(now.odometer !== undefined && { distance: now.odometer }),
    proof: 'said',
    works: [],
  });
  const whole = [...spans, running];
  const proven = entries.filter(({ proof }) => proof !== 'said').length;
  const bad = whole.filter(({ kind }) => kind === 'late' || kind === 'missing');
  const gaps = gapsOf(whole, entries, proven, now);
  return {
    entries,
    spans: whole,
    completeness: gaps.length === 0 ? 'full' : 'partial',
    says: [
      sinceLast(last, now),
      ...bad.map(({ says }) => says),
      ...nextDue(last, interval, now),
      ...beltDue(entries, interval, now),
      gaps.length === 0
        ? `Full history: every one of ${entries.length} entries is proven and every interval kept from first use on.`
        : `Partial history: ${gaps.join(', ')}.`,
    ],
  };
}

function spanOf(
  from: ServiceEntry,
  to: ServiceEntry | undefined,
  interval: ServiceInterval,
  unit: DistanceUnit,
  beginning: string | undefined,
  end: ServiceEntry = to as ServiceEntry,
): ServiceSpan {
  const months = from.day && end.day ? monthsBetween(from.day, end.day) : undefined;
  const distance = covered(from.distance, end.distance);
  const times = Math.max(
    months === undefined ? 0 : months / interval.months,
    distance === undefined ? 0 : distance / interval.distance,
  );
  const isOver =
    (months !== undefined && months > interval.months + KEPT.months) ||
    (distance !== undefined && distance > interval.distance * (1 + KEPT.distance));
  const isKnown = months !== undefined || distance !== undefined;
  const kind = !isKnown
    ? 'unknown'
    : !isOver
      ? to && times > 0 && times < EARLY_SHARE
        ? 'early'
        : 'kept'
      : times >= MISSING_TIMES && to
        ? 'missing'
        : 'late';
  const length = [
    ...(distance === undefined ? [] : [speakDistance(distance, unit)]),
    ...(months === undefined ? [] : [`${months} months`]),
  ].join(' and ');
  const asked = `${speakDistance(interval.distance, unit)} or ${interval.months} months`;
  const begins = beginning
    ? [beginning, ...(from.day ? [shortDay(from.day)] : [])].join(', ')
    : placeOf(from, unit);
  const where = to ? `Between ${begins} and ${placeOf(to, unit)}` : `Since ${begins}`;
  const words = {
    kept: 'within the interval',
    early: 'earlier than asked',
    late: 'overdue',
    missing: 'a service or more is missing from the record',
    unknown: 'so nothing can be said of it',
  }[kind];
  return {
    from,
    ...(to && { to }),
    kind,
    says: `${where}: ${length || 'no telling how far'}, ${words} (${asked}).`,
  };
}

/** A figure under an earlier one is a question for the papers, not a distance of nought. */
const covered = (from: number | undefined, to: number | undefined): number | undefined =>
  from === undefined || to === undefined || to < from ? undefined : to - from;

const placeOf = ({ day, distance, isMonthOnly }: ServiceEntry, unit: DistanceUnit): string =>
  [
    ...(day ? [isMonthOnly ? shortDay(day).replace(/^\d+ /, '') : shortDay(day)] : []),
    ...(distance === undefined ? [] : [speakDistance(distance, unit)]),
  ].join(', ');

function sinceLast(last: ServiceEntry, { today, odometer, unit }: CarNow): string {
  const far = covered(last.distance, odometer);
  const long = last.day && monthsBetween(last.day, today);
  const said = [
    ...(far === undefined ? [] : [`${speakDistance(far, unit)} ago`]),
    ...(long === undefined ? [] : [`${long} months ago`]),
  ];
  return `Last service: ${placeOf(last, unit)}${said.length > 0 ? `, ${said.join(' and ')}` : ''}.`;
}

/** When the next is due: by time, or at the car's own rate as a range, whichever comes first. */
function nextDue(last: ServiceEntry, interval: ServiceInterval, now: CarNow): string[] {
  const byTime = last.day && addMonths(last.day, interval.months);
  const driven = covered(last.distance, now.odometer);
  const left = driven === undefined ? undefined : interval.distance - driven;
  if (left !== undefined && left <= 0)
    return [`The next service is due now: ${speakDistance(-left, now.unit)} over.`];
  if (byTime && daysBetween(now.today, byTime) <= 0)
    return [`The next service was due by ${shortDay(byTime)}.`];
  const range = left !== undefined && now.perYear ? dueRange(left, now.perYear, now.today) : undefined;
  const said = [
    ...(left === undefined ? [] : [`in ${speakDistance(left, now.unit)}`]),
    ...(range ? [`at this car’s rate between ${shortDay(range[0])} and ${shortDay(range[1])}`] : []),
    ...(byTime ? [`at the latest by ${shortDay(byTime)}`] : []),
  ];
  return said.length > 0 ? [`Next service due ${said.join(', ')}.`] : [];
}

const dueRange = (left: number, perYear: number, today: Day): [Day, Day] => [
  addDays(today, (left / (perYear * (1 + RATE_SPREAD))) * 365.25),
  addDays(today, (left / (perYear * (1 - RATE_SPREAD))) * 365.25),
];

function beltDue(
  entries: readonly ServiceEntry[],
  { beltDistance, beltMonths }: ServiceInterval,
  now: CarNow,
): string[] {
  if (beltDistance === undefined && beltMonths === undefined) return [];
  const belt = entries.filter(({ works }) => works.includes('belt')).at(-1);
  const from = belt ?? { ...(now.firstUse && { day: now.firstUse }), distance: 0 };
  const far =
    beltDistance !== undefined && from.distance !== undefined ? from.distance + beltDistance : undefined;
  const when = beltMonths !== undefined && from.day ? addMonths(from.day, beltMonths) : undefined;
  const isOver =
    (far !== undefined && now.odometer !== undefined && now.odometer >= far) ||
    (when !== undefined && daysBetween(now.today, when) <= 0);
  const due = [
    ...(far === undefined ? [] : [speakDistance(far, now.unit)]),
    ...(when ? [shortDay(when)] : []),
  ].join(' or ');
  const since = belt ? `changed ${placeOf(belt, now.unit)}` : 'no change on record';
  return [`Timing belt: ${since}; ${isOver ? `overdue since ${due}` : `due at ${due}`}.`];
}

/** Why a history is not full; none when it is. */
function gapsOf(
  spans: readonly ServiceSpan[],
  entries: readonly ServiceEntry[],
  proven: number,
  { firstUse, stamps = 0, doubtful = 0 }: CarNow,
): string[] {
  const bad = spans.filter(({ kind }) => kind === 'late' || kind === 'missing').length;
  const unknown = spans.filter(({ kind }) => kind === 'unknown').length;
  const more = stamps - entries.length;
  return [
    ...(bad > 0 ? [`${bad === 1 ? 'one stretch' : `${bad} stretches`} over the interval`] : []),
    ...(unknown > 0 ? [`${unknown === 1 ? 'one stretch' : `${unknown} stretches`} of unknown length`] : []),
    ...(proven < entries.length
      ? [`${entries.length - proven} of ${entries.length} entries without proof`]
      : []),
    ...(doubtful > 0 ? [`${doubtful} with a figure that does not fit the odometer`] : []),
    ...(firstUse === undefined
      ? ['the day of first use was not entered, so its beginning is not proven']
      : []),
    ...(more > 0
      ? [`${more} more ${more === 1 ? 'stamp' : 'stamps'} counted in the book and not entered`]
      : []),
  ];
}

/** Nothing was entered that can be reckoned with; the book may still have been counted. */
function withoutEntries({ stamps = 0, doubtful = 0 }: CarNow): Pick<ServiceStory, 'completeness' | 'says'> {
  const said = [
    ...(stamps > 0
      ? [`${stamps} ${stamps === 1 ? 'stamp' : 'stamps'} counted in the book; none was entered one by one.`]
      : []),
    ...(doubtful > 0 ? ['What was entered does not fit the odometer.'] : []),
  ];
  return said.length > 0
    ? { completeness: 'partial', says: said }
    : { completeness: 'none', says: ['There is no record of any service.'] };
}

/** Days a certificate still runs, in a sentence. */
export function certificateWords(expires: Day, today: Day): string {
  const left = daysBetween(today, expires);
  if (left < 0)
    return `Expired ${shortDay(expires)}, ${-left} ${left === -1 ? 'day' : 'days'} ago: not to be driven on the road where one is required.`;
  if (left === 0) return 'Runs out today.';
  const years = yearsBetween(today, expires);
  return `${left} ${left === 1 ? 'day' : 'days'} left, until ${shortDay(expires)}${years > 3 ? ': check the year, few certificates run so long' : ''}.`;
}

/** "Apr 2023, 31,200 miles: oil, belt; main dealer; stamp" */
export function serviceWords(entry: ServiceEntry, unit: DistanceUnit): string {
  const rest = [entry.works.join(', '), entry.who, proofWords[entry.proof], entry.note]
    .filter(Boolean)
    .join('; ');
  return `${placeOf(entry, unit)}: ${rest}`;
}
