import type { DistanceUnit } from '../car';
import { distanceTold } from '../measure';
import { listed, own, starting, type Text } from '../told';
import { addDays, addMonths, type Day, daysBetween, monthsBetween, yearsBetween } from './calendar';
import { dayTold, say } from './say';
import type { ServiceEntry } from './serviceEntrySchema';

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
  says: Text;
}

export type Completeness = 'full' | 'partial' | 'none';

export interface ServiceStory {
  /** Oldest first. */
  entries: readonly ServiceEntry[];
  spans: readonly ServiceSpan[];
  completeness: Completeness;
  /** Why, each in a sentence. */
  says: readonly Text[];
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
    .map((to, i) => spanOf(chain[i] as ServiceEntry, to, interval, now.unit, i === 0));
  const last = entries.at(-1) as ServiceEntry;
  const running = spanOf(last, undefined, interval, now.unit, false, {
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
        ? say('history.full', { n: entries.length })
        : say('history.partial', { gaps: listed('comma', gaps) }),
    ],
  };
}

function spanOf(
  from: ServiceEntry,
  to: ServiceEntry | undefined,
  interval: ServiceInterval,
  unit: DistanceUnit,
  isFirst: boolean,
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
  const lengths = [
    distance === undefined ? undefined : distanceTold(distance, unit),
    months === undefined ? undefined : say('service.months', { n: months }),
  ];
  const begins = isFirst
    ? listed('comma', [say('service.firstUse'), from.day ? dayTold(from.day) : undefined])
    : placeOf(from, unit);
  const says = say('service.stretch', {
    where: to
      ? say('service.between', { from: begins, to: placeOf(to, unit) })
      : say('service.since', { from: begins }),
    length: isKnown ? listed('and', lengths) : say('service.noLength'),
    kind,
    asked: say('service.asked', { distance: distanceTold(interval.distance, unit), n: interval.months }),
  });
  return { from, ...(to && { to }), kind, says: starting(says) };
}

/** A figure under an earlier one is a question for the papers, not a distance of nought. */
const covered = (from: number | undefined, to: number | undefined): number | undefined =>
  from === undefined || to === undefined || to < from ? undefined : to - from;

const placeOf = ({ day, distance, isMonthOnly }: ServiceEntry, unit: DistanceUnit): Text =>
  listed('comma', [
    day ? (isMonthOnly ? say('month', { month: { month: day.slice(0, 7) } }) : dayTold(day)) : undefined,
    distance === undefined ? undefined : distanceTold(distance, unit),
  ]);

function sinceLast(last: ServiceEntry, { today, odometer, unit }: CarNow): Text {
  const far = covered(last.distance, odometer);
  const long = last.day && monthsBetween(last.day, today);
  const place = placeOf(last, unit);
  if (far === undefined && long === undefined) return say('service.last', { place });
  const ago = listed('and', [
    far === undefined ? undefined : say('service.ago', { distance: distanceTold(far, unit) }),
    long === undefined ? undefined : say('service.monthsAgo', { n: long }),
  ]);
  return say('service.lastAgo', { place, ago });
}

/** When the next is due: by time, or at the car's own rate as a range, whichever comes first. */
function nextDue(last: ServiceEntry, interval: ServiceInterval, now: CarNow): Text[] {
  const byTime = last.day && addMonths(last.day, interval.months);
  const driven = covered(last.distance, now.odometer);
  const left = driven === undefined ? undefined : interval.distance - driven;
  if (left !== undefined && left <= 0) return [say('due.now', { distance: distanceTold(-left, now.unit) })];
  if (byTime && daysBetween(now.today, byTime) <= 0) return [say('due.was', { day: { day: byTime } })];
  const range = left !== undefined && now.perYear ? dueRange(left, now.perYear, now.today) : undefined;
  const when = [
    left === undefined ? undefined : say('due.in', { distance: distanceTold(left, now.unit) }),
    range && say('due.between', { from: { day: range[0] }, to: { day: range[1] } }),
    byTime ? say('due.latest', { day: { day: byTime } }) : undefined,
  ];
  return when.some(Boolean) ? [say('due.next', { when: listed('comma', when) })] : [];
}

const dueRange = (left: number, perYear: number, today: Day): [Day, Day] => [
  addDays(today, (left / (perYear * (1 + RATE_SPREAD))) * 365.25),
  addDays(today, (left / (perYear * (1 - RATE_SPREAD))) * 365.25),
];

function beltDue(
  entries: readonly ServiceEntry[],
  { beltDistance, beltMonths }: ServiceInterval,
  now: CarNow,
): Text[] {
  if (beltDistance === undefined && beltMonths === undefined) return [];
  const belt = entries.filter(({ works }) => works.includes('belt')).at(-1);
  const from = belt ?? { ...(now.firstUse && { day: now.firstUse }), distance: 0 };
  const far =
    beltDistance !== undefined && from.distance !== undefined ? from.distance + beltDistance : undefined;
  const when = beltMonths !== undefined && from.day ? addMonths(from.day, beltMonths) : undefined;
  const isOver =
    (far !== undefined && now.odometer !== undefined && now.odometer >= far) ||
    (when !== undefined && daysBetween(now.today, when) <= 0);
  const distance = far === undefined ? undefined : distanceTold(far, now.unit);
  const day = when && dayTold(when);
  const due = distance && day ? say('belt.or', { distance, day }) : (distance ?? day);
  if (!due) return [];
  return [
    say('belt', {
      since: belt ? say('belt.changed', { place: placeOf(belt, now.unit) }) : say('belt.never'),
      due: say(isOver ? 'belt.overdue' : 'belt.due', { when: due }),
    }),
  ];
}

/** Why a history is not full; none when it is. */
function gapsOf(
  spans: readonly ServiceSpan[],
  entries: readonly ServiceEntry[],
  proven: number,
  { firstUse, stamps = 0, doubtful = 0 }: CarNow,
): Text[] {
  const bad = spans.filter(({ kind }) => kind === 'late' || kind === 'missing').length;
  const unknown = spans.filter(({ kind }) => kind === 'unknown').length;
  const more = stamps - entries.length;
  return [
    ...(bad > 0 ? [say('gap.over', { n: bad })] : []),
    ...(unknown > 0 ? [say('gap.unknown', { n: unknown })] : []),
    ...(proven < entries.length
      ? [say('gap.unproven', { n: entries.length - proven, of: entries.length })]
      : []),
    ...(doubtful > 0 ? [say('gap.doubtful', { n: doubtful })] : []),
    ...(firstUse === undefined ? [say('gap.firstUse')] : []),
    ...(more > 0 ? [say('gap.stamps', { n: more })] : []),
  ];
}

/** Nothing was entered that can be reckoned with; the book may still have been counted. */
function withoutEntries({ stamps = 0, doubtful = 0 }: CarNow): Pick<ServiceStory, 'completeness' | 'says'> {
  const said = [
    ...(stamps > 0 ? [say('history.stamps', { n: stamps })] : []),
    ...(doubtful > 0 ? [say('history.doubtful')] : []),
  ];
  return said.length > 0
    ? { completeness: 'partial', says: said }
    : { completeness: 'none', says: [say('history.none')] };
}

/** How long a certificate still runs. */
export function certificateTold(expires: Day, today: Day): Text {
  const left = daysBetween(today, expires);
  const day = { day: expires };
  if (left < 0) return say('certificate.expired', { day, n: -left });
  if (left === 0) return say('certificate.today');
  return say(yearsBetween(today, expires) > 3 ? 'certificate.long' : 'certificate.left', { n: left, day });
}

/** "April 2023, 31,200 miles: oil, belt; main dealer; stamp" */
export const serviceTold = (entry: ServiceEntry, unit: DistanceUnit): Text =>
  say('service.entry', {
    place: placeOf(entry, unit),
    says: listed('semicolon', [
      entry.works.length > 0
        ? listed(
            'comma',
            entry.works.map((work) => say(`work.${work}`)),
          )
        : undefined,
      entry.who ? own(entry.who) : undefined,
      say(`proof.${entry.proof}`),
      entry.note ? own(entry.note) : undefined,
    ]),
  });
