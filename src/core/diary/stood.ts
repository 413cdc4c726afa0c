import type { PartId } from '../car';
import type { FindingKind } from '../walk';
import { longDay } from '../wording';
import { type Corner, corners } from './choices';
import type { MorningLook } from './look';
import { slopeOf } from './trend';

/** What of a look the diary rests on: a morning's, or a test over night of a walk. */
export type Looked = Omit<MorningLook, 'id' | 'car' | 'note' | 'photos'> & {
  /** The battery held over night, or did not: of a test of the functions list. */
  held?: boolean;
};

/** Something that repeats from morning to morning, to be confirmed by somebody before it is a fault. */
export interface StoodTrend {
  id: 'slow-start' | 'no-start' | 'sinks' | 'drops' | 'loses-air' | 'falling-volts' | 'lamp';
  /** "Slow to start on 3 of the last 5 mornings". */
  says: string;
  /** What it becomes when it is confirmed: a function that does not work, or a finding on a part. */
  becomes: { function: string } | { part: PartId; kind: FindingKind; note: string } | { lamps: true };
}

export interface Stood {
  from: string;
  to: string;
  /** Days from the first look to the last, both counted. */
  days: number;
  mornings: number;
  /** The whole in one sentence, without its stop. */
  says: string;
  /** What was read of the battery. */
  volts?: string;
  trends: StoodTrend[];
}

/** So many mornings back a trend is looked for, and on so many of them it must be met. House figures. */
const LAST = 5;
const MET = 2;
/** A battery that falls slower than this a day, or less in all, is only colder. House figures. */
const LEAST_FALL_PER_DAY = 0.01;
const LEAST_FALL = 0.15;
const FEWEST_VOLTS = 5;

interface Aspect {
  of: (look: Looked) => boolean | undefined;
  /** Said where it was fine every time it was looked at; and on how many, where not on all mornings. */
  fine: string;
  fineOn: (n: number) => string;
  /** Said where it was not, on so many of so many. */
  bad: (n: number, of: number) => string;
}

const mornings = (n: number): string => (n === 1 ? 'one morning' : `${n} mornings`);
const onSome = (what: string) => (n: number, of: number) =>
  of === 1 ? `${what} on the one morning this was looked at` : `${what} on ${n} of ${of} mornings`;

/** What is looked at of a car that stands, in the order it is told. */
const aspects = {
  start: {
    of: ({ start }) => start && start === 'at-once',
    fine: 'started at once every time',
    fineOn: (n) => `started at once on the ${mornings(n)} it was tried`,
    bad: onSome('did not start at once'),
  },
  level: {
    of: ({ level }) => level && level === 'level',
    fine: 'never sank',
    fineOn: (n) => `stood level on the ${mornings(n)} this was looked at`,
    bad: onSome('had sunk'),
  },
  under: {
    of: ({ under }) => under && under === 'dry',
    fine: 'no drops under it',
    fineOn: (n) => `no drops under it on the ${mornings(n)} this was looked at`,
    bad: onSome('drops under it'),
  },
  lamps: {
    of: ({ lamps }) => lamps && lamps === 'none',
    fine: 'no warning lamp stayed lit',
    fineOn: (n) => `no warning lamp stayed lit on the ${mornings(n)} this was looked at`,
    bad: onSome('a warning lamp stayed lit'),
  },
  battery: {
    of: ({ held }) => held,
    fine: 'battery held over night every time',
    fineOn: (n) => `battery held over night on the ${mornings(n)} it was tested`,
    bad: onSome('battery did not hold over night'),
  },
  tyres: {
    of: ({ tyres }) => tyres && tyres === 'hold',
    fine: 'no tyre lost air',
    fineOn: (n) => `no tyre lost air on the ${mornings(n)} this was looked at`,
    bad: onSome('a tyre had lost air'),
  },
} as const satisfies Record<string, { of: (look: Looked) => boolean | undefined | '' } & Omit<Aspect, 'of'>>;

type AspectId = keyof typeof aspects;
const aspectIds = Object.keys(aspects) as AspectId[];

/** What the mornings of a standing car come to; undefined where nobody looked. Of several looks on a morning the worst counts: what was seen once was there. */
export function stoodOf(looks: readonly Looked[]): Stood | undefined {
  const byDay = morningsOf(looks);
  const [first, last] = [byDay[0], byDay.at(-1)];
  if (!first || !last) return undefined;
  const days = dayNumber(last.day) - dayNumber(first.day) + 1;
  const told = aspectIds.flatMap((id) => {
    const answers = answersOf(id, byDay);
    const bad = answers.filter((fine) => !fine).length;
    if (answers.length === 0) return [];
    if (bad > 0) return [aspects[id].bad(bad, answers.length)];
    return [
      answers.length === byDay.length && byDay.length > 1
        ? aspects[id].fine
        : aspects[id].fineOn(answers.length),
    ];
  });
  const read = voltsOf(looks);
  const volts = voltsWords(read.map(({ value }) => value));
  return {
    from: first.day,
    to: last.day,
    days,
    mornings: byDay.length,
    says: [leadOf(byDay, days), told.join(', ')].filter(Boolean).join(': '),
    ...(volts && { volts }),
    trends: trendsOf(byDay, read),
  };
}

/** Nobody says that it stood through a gap like this: it may have been away. House figure. */
const LONGEST_GAP_DAYS = 14;

function leadOf(byDay: readonly Morning[], days: number): string {
  if (days === 1) return 'Looked at on one morning';
  const numbers = byDay.map(({ day }) => dayNumber(day));
  const gap = Math.max(...numbers.slice(1).map((day, i) => day - (numbers[i] ?? day)));
  if (gap <= LONGEST_GAP_DAYS) return `Stood ${days} days, looked at on ${mornings(byDay.length)}`;
  const [from, to] = [byDay[0]?.day ?? '', byDay.at(-1)?.day ?? ''];
  return `Looked at on ${mornings(byDay.length)} between ${longDay(from)} and ${longDay(to)}`;
}

interface Morning {
  day: string;
  looks: readonly Looked[];
}

function morningsOf(looks: readonly Looked[]): Morning[] {
  const byDay = new Map<string, Looked[]>();
  const inOrder = looks.toSorted((a, b) => (`${a.day} ${a.at}` < `${b.day} ${b.at}` ? -1 : 1));
  for (const look of inOrder) {
    const here = byDay.get(look.day);
    if (here) here.push(look);
    else byDay.set(look.day, [look]);
  }
  return [...byDay].map(([day, here]) => ({ day, looks: here }));
}

/** Of each morning it was looked at: fine, or not. */
function answersOf(id: AspectId, byDay: readonly Morning[]): boolean[] {
  return byDay.flatMap(({ looks }) => {
    const said = looks.map((look) => aspects[id].of(look)).filter((each) => typeof each === 'boolean');
    return said.length === 0 ? [] : [said.every(Boolean)];
  });
}

const dayNumber = (day: string): number => Math.round(Date.parse(`${day}T00:00:00Z`) / 86_400_000);

const voltsOf = (looks: readonly Looked[]) =>
  looks.flatMap(({ day, volts }) => (volts === undefined ? [] : [{ day: dayNumber(day), value: volts }]));

function voltsWords(values: readonly number[]): string | undefined {
  if (values.length === 0) return undefined;
  const [low, high] = [Math.min(...values), Math.max(...values)].map((value) => value.toFixed(1));
  const range = low === high ? `${low} V` : `${low} to ${high} V`;
  return `Battery at rest ${range}, read ${values.length === 1 ? 'once' : `${values.length} times`}`;
}

function trendsOf(byDay: readonly Morning[], volts: ReturnType<typeof voltsOf>): StoodTrend[] {
  const recent = (id: AspectId) => {
    const answers = answersOf(id, byDay).slice(-LAST);
    return { met: answers.filter((fine) => !fine).length, of: answers.length };
  };
  const trends: StoodTrend[] = [];
  const looks = byDay.flatMap(({ looks: here }) => here);
  const start = recent('start');
  const notStarted = byDay.filter(({ looks: here }) => here.some((look) => look.start === 'not')).length;
  if (notStarted > 0)
    trends.push({
      id: 'no-start',
      says: `Did not start on ${mornings(notStarted)}`,
      becomes: { function: 'battery-overnight' },
    });
  else if (start.met >= MET)
    trends.push({
      id: 'slow-start',
      says: lastSays('Slow to start', start),
      becomes: { function: 'starts-cold' },
    });
  const level = recent('level');
  if (level.met >= MET)
    trends.push({
      id: 'sinks',
      says: lastSays('Had sunk', level),
      becomes: { function: 'suspension-overnight' },
    });
  const under = recent('under');
  if (under.met >= MET) {
    const at = looks.findLast(({ dropsAt }) => dropsAt)?.dropsAt ?? 'front';
    const part = { front: 'frontunder', middle: 'floor', rear: 'rearunder' }[at];
    const says = lastSays('Drops under it', under);
    trends.push({ id: 'drops', says, becomes: { part, kind: 'leak', note: says } });
  }
  const tyres = recent('tyres');
  if (tyres.met >= MET) {
    const losing = worstCorner(looks);
    const says = lastSays('A tyre had lost air', tyres);
    if (losing)
      trends.push({ id: 'loses-air', says, becomes: { part: `tyre-${losing}`, kind: 'other', note: says } });
  }
  const lamps = recent('lamps');
  if (lamps.met >= MET)
    trends.push({ id: 'lamp', says: lastSays('A warning lamp stayed lit', lamps), becomes: { lamps: true } });
  const falling = fallOf(volts);
  if (falling)
    trends.push({ id: 'falling-volts', says: falling, becomes: { function: 'battery-overnight' } });
  return trends;
}

const lastSays = (what: string, { met, of }: { met: number; of: number }): string =>
  `${what} on ${met} of the last ${of} mornings`;

function worstCorner(looks: readonly Looked[]): Corner | undefined {
  const times = corners.map((corner) => looks.filter(({ losing }) => losing?.includes(corner)).length);
  const most = Math.max(...times);
  return most > 0 ? corners[times.indexOf(most)] : undefined;
}

function fallOf(volts: ReturnType<typeof voltsOf>): string | undefined {
  if (volts.length < FEWEST_VOLTS) return undefined;
  const slope = slopeOf(volts);
  const inOrder = volts.toSorted((a, b) => a.day - b.day);
  const days = (inOrder.at(-1)?.day ?? 0) - (inOrder[0]?.day ?? 0);
  if (
    !slope ||
    slope.pFalls > 0.05 ||
    -slope.perDay < LEAST_FALL_PER_DAY ||
    -slope.perDay * days < LEAST_FALL
  )
    return undefined;
  return `Battery falls by about ${(-slope.perDay * 7).toFixed(1)} V a week, over ${volts.length} readings`;
}
