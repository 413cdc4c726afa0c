import type { PartId } from '../car';
import { listed, type Text } from '../told';
import type { FindingKind } from '../walk';
import { type Corner, corners } from './choices';
import type { MorningLook } from './look';
import { slopeOf } from './trend';
import { say } from './words';

/** What of a look the diary rests on: a morning's, or a test over night of a walk. */
export type Looked = Omit<MorningLook, 'id' | 'car' | 'note' | 'photos'> & {
  /** The battery held over night, or did not: of a test of the functions list. */
  held?: boolean;
};

/** Something that repeats from morning to morning, to be confirmed by somebody before it is a fault. */
export interface StoodTrend {
  id: 'slow-start' | 'no-start' | 'sinks' | 'drops' | 'loses-air' | 'falling-volts' | 'lamp';
  /** "slow to start on 3 of the last 5 mornings". */
  says: Text;
  /** What it becomes when it is confirmed: a function that does not work, or a finding on a part that says so. */
  becomes: { function: string } | { part: PartId; kind: FindingKind } | { lamps: true };
}

export interface Stood {
  from: string;
  to: string;
  /** Days from the first look to the last, both counted. */
  days: number;
  mornings: number;
  /** The whole, as it stands within a sentence. */
  says: Text;
  /** What was read of the battery, likewise. */
  volts?: Text;
  trends: StoodTrend[];
}

/** So many mornings back a trend is looked for, and on so many of them it must be met. House figures. */
const LAST = 5;
const MET = 2;
/** A battery that falls slower than this a day, or less in all, is only colder. House figures. */
const LEAST_FALL_PER_DAY = 0.01;
const LEAST_FALL = 0.15;
const FEWEST_VOLTS = 5;

/** What is looked at of a car that stands, in the order it is told: whether it was as it should be. */
const aspects = {
  start: ({ start }) => start && start === 'at-once',
  level: ({ level }) => level && level === 'level',
  under: ({ under }) => under && under === 'dry',
  lamps: ({ lamps }) => lamps && lamps === 'none',
  battery: ({ held }) => held,
  tyres: ({ tyres }) => tyres && tyres === 'hold',
} as const satisfies Record<string, (look: Looked) => boolean | undefined | ''>;

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
    if (bad > 0) return [say(`morning.${id}.bad`, { n: bad, of: answers.length })];
    return answers.length === byDay.length && byDay.length > 1
      ? [say(`morning.${id}.fine`)]
      : [say(`morning.${id}.fineOn`, { n: answers.length })];
  });
  const read = voltsOf(looks);
  const lead = leadOf(byDay, days);
  const volts = voltsTold(read.map(({ value }) => value));
  return {
    from: first.day,
    to: last.day,
    days,
    mornings: byDay.length,
    says: told.length > 0 ? say('stood', { lead, seen: listed('comma', told) }) : lead,
    ...(volts && { volts }),
    trends: trendsOf(byDay, read),
  };
}

/** Nobody says that it stood through a gap like this: it may have been away. House figure. */
const LONGEST_GAP_DAYS = 14;

function leadOf(byDay: readonly Morning[], days: number): Text {
  if (days === 1) return say('stood.once');
  const numbers = byDay.map(({ day }) => dayNumber(day));
  const gap = Math.max(...numbers.slice(1).map((day, i) => day - (numbers[i] ?? day)));
  if (gap <= LONGEST_GAP_DAYS) return say('stood.days', { days, n: byDay.length });
  const [from, to] = [byDay[0]?.day ?? '', byDay.at(-1)?.day ?? ''];
  return say('stood.between', { n: byDay.length, from: { day: from }, to: { day: to } });
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
    const said = looks.map((look) => aspects[id](look)).filter((each) => typeof each === 'boolean');
    return said.length === 0 ? [] : [said.every(Boolean)];
  });
}

const dayNumber = (day: string): number => Math.round(Date.parse(`${day}T00:00:00Z`) / 86_400_000);

const voltsOf = (looks: readonly Looked[]) =>
  looks.flatMap(({ day, volts }) => (volts === undefined ? [] : [{ day: dayNumber(day), value: volts }]));

function voltsTold(values: readonly number[]): Text | undefined {
  if (values.length === 0) return undefined;
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const n = values.length;
  return low.toFixed(1) === high.toFixed(1) ? say('volts', { low, n }) : say('volts.range', { low, high, n });
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
      says: say('morning.trend.no-start', { n: notStarted }),
      becomes: { function: 'battery-overnight' },
    });
  else if (start.met >= MET) trends.push(lasting('slow-start', start, { function: 'starts-cold' }));
  const level = recent('level');
  if (level.met >= MET) trends.push(lasting('sinks', level, { function: 'suspension-overnight' }));
  const under = recent('under');
  if (under.met >= MET) {
    const at = looks.findLast(({ dropsAt }) => dropsAt)?.dropsAt ?? 'front';
    const part = { front: 'frontunder', middle: 'floor', rear: 'rearunder' }[at];
    trends.push(lasting('drops', under, { part, kind: 'leak' }));
  }
  const tyres = recent('tyres');
  const losing = worstCorner(looks);
  if (tyres.met >= MET && losing)
    trends.push(lasting('loses-air', tyres, { part: `tyre-${losing}`, kind: 'other' }));
  const lamps = recent('lamps');
  if (lamps.met >= MET) trends.push(lasting('lamp', lamps, { lamps: true }));
  const falling = fallOf(volts);
  if (falling)
    trends.push({ id: 'falling-volts', says: falling, becomes: { function: 'battery-overnight' } });
  return trends;
}

const lasting = (
  id: Exclude<StoodTrend['id'], 'no-start' | 'falling-volts'>,
  times: { met: number; of: number },
  becomes: StoodTrend['becomes'],
): StoodTrend => ({ id, says: say(`morning.trend.${id}`, times), becomes });

function worstCorner(looks: readonly Looked[]): Corner | undefined {
  const times = corners.map((corner) => looks.filter(({ losing }) => losing?.includes(corner)).length);
  const most = Math.max(...times);
  return most > 0 ? corners[times.indexOf(most)] : undefined;
}

function fallOf(volts: ReturnType<typeof voltsOf>): Text | undefined {
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
  return say('morning.trend.falling-volts', { volts: -slope.perDay * 7, n: volts.length });
}
