import type { DistanceUnit } from '../car';
import { distanceTold, KM_PER_MILE } from '../measure';
import type { Text } from '../told';
import { type Day, daysBetween, yearsBetween } from './calendar';
import { say } from './say';
import { theilSen } from './theilSen';

export const odometerSources = ['service', 'certificate', 'walk', 'photo', 'other'] as const;
export type OdometerSource = (typeof odometerSources)[number];

export interface OdometerPoint {
  day: Day;
  /** In `unit`, as it was written. */
  value: number;
  source: OdometerSource;
}

export type OdometerFault =
  /** Lower than before, and nothing simpler explains it. */
  | 'goes-down'
  /** Fits when read in the other unit. */
  | 'other-unit'
  /** Fits with one figure changed, two swapped, one left out or doubled. */
  | 'digit-slip'
  /** Farther than the car can have gone in the time. */
  | 'jump'
  /** Does not fit between its neighbours, and nothing simpler explains it. */
  | 'does-not-fit';

export interface OdometerFlag {
  /** Position in the points as sorted by day. */
  at: number;
  fault: OdometerFault;
  /** The value that would fit. */
  perhaps?: number;
  /** As it stands within a sentence, without its stop. */
  says: Text;
}

export interface OdometerStory {
  /** By day; on one day the lower first. */
  points: readonly OdometerPoint[];
  /** Distance a year, robust against single faults; absent with too little time. */
  perYear?: number;
  flags: readonly OdometerFlag[];
}

/** House rule: a stretch driven at this many times the car's own rate, and this far, is asked about. Distances in kilometres. */
const JUMP = { times: 4, perYearKm: 80_000, stepKm: 15_000 } as const;
/** A rate from fewer readings is not sure enough to call a long stretch a change of unit. */
const UNIT_STEP_AFTER = 4;
/** Less time than this says nothing of a rate. Years. */
const SHORTEST = 0.25;
/** Figures of one day, or rounded ones ("31.2k"), may be lower by so much without meaning anything. */
const ROUNDING = 0.002;

/** Whether a car's distances over time can all be right, and which is not. Never down, yearly rate, jumps, units and slips of a digit. */
export function judgeOdometer(all: readonly OdometerPoint[], unit: DistanceUnit): OdometerStory {
  const points = all.toSorted((a, b) => daysBetween(b.day, a.day) || a.value - b.value);
  const flags: OdometerFlag[] = [];
  const values = points.map(({ value }) => value);
  if (isRising(values)) flags.push(...jumps(points, unit));
  else {
    const single = lonelyFault(points);
    if (single !== undefined) flags.push(explain(points, single, unit));
    else flags.push(...drops(points, unit));
  }
  const wrong = new Set(flags.map(({ at }) => at));
  const trusted = points.filter((_, i) => !wrong.has(i));
  const perYear = rateOf(trusted);
  return { points, ...(perYear !== undefined && { perYear }), flags };
}

/** Distance a year by all pairs of points, at least 0. */
export function rateOf(points: readonly OdometerPoint[]): number | undefined {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || yearsBetween(first.day, last.day) < SHORTEST) return undefined;
  const slope = theilSen(points.map(({ day, value }) => [yearsBetween(first.day, day), value]));
  return slope === undefined ? undefined : Math.max(0, slope);
}

const isLower = (a: number, b: number) => b < a * (1 - ROUNDING);
const isRising = (values: readonly number[]): boolean => {
  let highest = 0;
  for (const value of values) {
    if (isLower(highest, value)) return false;
    highest = Math.max(highest, value);
  }
  return true;
};

/** The one point without which all others rise. Of two neighbours either may be wrong: the one farther off what the rest foretells is. */
function lonelyFault(points: readonly OdometerPoint[]): number | undefined {
  const without = (i: number) => points.filter((_, j) => j !== i);
  const candidates = points.flatMap((_, i) => (isRising(without(i).map(({ value }) => value)) ? [i] : []));
  if (candidates.length < 2) return candidates[0];
  const off = (i: number) => {
    const { day, value } = points[i] as OdometerPoint;
    const others = without(i).map((point) => [yearsBetween(day, point.day), point.value] as const);
    const slope = theilSen(others) ?? 0;
    // Where the line of the others passes on that day.
    const there = others.map(([x, y]) => y - slope * x).sort((a, b) => a - b);
    return Math.abs(value - (there[there.length >> 1] as number));
  };
  return candidates.reduce((a, b) => (off(b) >= off(a) ? b : a));
}

/** What a value that does not fit may have been. */
function explain(points: readonly OdometerPoint[], at: number, unit: DistanceUnit): OdometerFlag {
  const { value, day } = points[at] as OdometerPoint;
  const [before, after] = [points[at - 1], points[at + 1]];
  const told = (distance: number) => distanceTold(distance, unit);
  const read = { value: told(value), day: { day } };
  if (!after && before) {
    // The last of all: a slip could explain it, but lower than before it is.
    const perhaps = slipsOf(value).find((other) => other >= before.value && other < before.value * 1.35);
    return {
      at,
      fault: 'goes-down',
      ...(perhaps !== undefined && { perhaps }),
      says: say(perhaps === undefined ? 'odometer.less' : 'odometer.lessUnless', {
        ...read,
        before: told(before.value),
        earlier: { day: before.day },
        ...(perhaps !== undefined && { perhaps: told(perhaps) }),
      }),
    };
  }
  const low = before?.value ?? 0;
  const high = after?.value ?? Number.POSITIVE_INFINITY;
  const fits = (other: number) => !isLower(low, other) && !isLower(other, high);
  const expected = expectedAt(points, at);
  const nearest = (others: readonly number[]) =>
    others
      .filter(fits)
      .reduce<number | undefined>(
        (best, other) =>
          best === undefined || Math.abs(other - expected) < Math.abs(best - expected) ? other : best,
        undefined,
      );
  const between = { ...read, low: told(low), high: after ? told(high) : say('odometer.now') };
  const converted = nearest([Math.round(value * KM_PER_MILE), Math.round(value / KM_PER_MILE)]);
  const swapped = nearest(swapsOf(value));
  const off = (other: number | undefined) =>
    other === undefined ? Number.POSITIVE_INFINITY : Math.abs(other - expected);
  if (converted !== undefined && off(converted) <= off(swapped))
    return {
      at,
      fault: 'other-unit',
      perhaps: converted,
      says: say('odometer.unit', {
        ...between,
        unit: unit === 'mi' ? 'km' : 'mi',
        perhaps: told(converted),
      }),
    };
  // A swap is the usual slip; a figure changed, left out or doubled explains almost anything and comes last.
  const slipped = swapped ?? nearest(slipsOf(value));
  if (slipped !== undefined)
    return {
      at,
      fault: 'digit-slip',
      perhaps: slipped,
      says: say('odometer.slip', { ...between, perhaps: told(slipped) }),
    };
  return { at, fault: 'does-not-fit', says: say('odometer.unfit', between) };
}

/** What the others foretell for one of them. */
function expectedAt(points: readonly OdometerPoint[], at: number): number {
  const { day } = points[at] as OdometerPoint;
  const [before, after] = [points[at - 1], points[at + 1]];
  if (!before) return after?.value ?? 0;
  if (!after) return before.value;
  const whole = daysBetween(before.day, after.day);
  const share = whole > 0 ? daysBetween(before.day, day) / whole : 0.5;
  return before.value + share * (after.value - before.value);
}

/** Every number with two neighbouring figures swapped. */
function swapsOf(value: number): number[] {
  const text = String(Math.round(value));
  return [...text.slice(1)].flatMap((figure, i) =>
    figure === text[i] || (i === 0 && figure === '0')
      ? []
      : [Number(text.slice(0, i) + figure + text[i] + text.slice(i + 2))],
  );
}

/** Every number one slip away: one figure changed, two neighbours swapped, one left out or typed twice. */
export function slipsOf(value: number): number[] {
  const text = String(Math.round(value));
  const found = new Set<number>();
  const add = (figures: string) => {
    if (figures !== text && figures.length > 0 && figures[0] !== '0') found.add(Number(figures));
  };
  for (let i = 0; i < text.length; i++) {
    for (const figure of '0123456789') {
      add(text.slice(0, i) + figure + text.slice(i + 1));
      add(text.slice(0, i) + figure + text.slice(i));
    }
    add(text.slice(0, i) + text.slice(i + 1));
  }
  for (const figure of '0123456789') add(text + figure);
  for (const swapped of swapsOf(value)) found.add(swapped);
  return [...found];
}

/** Every place where it is lower than it ever was before. */
function drops(points: readonly OdometerPoint[], unit: DistanceUnit): OdometerFlag[] {
  return points.flatMap(({ value, day }, at): OdometerFlag[] => {
    const before = points[at - 1];
    if (!before || !isLower(before.value, value)) return [];
    return [
      {
        at,
        fault: 'goes-down',
        says: say('odometer.drop', {
          value: distanceTold(value, unit),
          day: { day },
          before: distanceTold(before.value, unit),
          earlier: { day: before.day },
        }),
      },
    ];
  });
}

/** Stretches no car drives, or a step to the other unit that nobody marked. */
function jumps(points: readonly OdometerPoint[], unit: DistanceUnit): OdometerFlag[] {
  const km = unit === 'mi' ? KM_PER_MILE : 1;
  const rate = rateOf(points);
  if (rate === undefined) return [];
  return points.flatMap(({ value, day }, at): OdometerFlag[] => {
    const before = points[at - 1];
    if (!before) return [];
    const step = value - before.value;
    const years = Math.max(daysBetween(before.day, day), 1) / 365.25;
    const others = rateOf(points.slice(0, at)) ?? rateOf(points.slice(at)) ?? rate;
    const isFast =
      step / years > Math.max(JUMP.times * others, JUMP.perYearKm / km) && step * km > JUMP.stepKm;
    // A car driven on in the other unit steps by 1.609 and goes on from there.
    const foretold = before.value + others * years;
    const isUnitStep =
      at >= UNIT_STEP_AFTER &&
      step * km > JUMP.stepKm &&
      step > 2.5 * others * years &&
      Math.abs(value / foretold / KM_PER_MILE - 1) < 0.06;
    if (isUnitStep) {
      const perhaps = Math.round(value / KM_PER_MILE);
      return [
        {
          at,
          fault: 'other-unit',
          perhaps,
          says: say('odometer.step', {
            earlier: { day: before.day },
            day: { day },
            value: distanceTold(value, unit),
            perhaps: distanceTold(perhaps, unit),
          }),
        },
      ];
    }
    return isFast
      ? [
          {
            at,
            fault: 'jump',
            says: say('odometer.jump', {
              value: distanceTold(step, unit),
              earlier: { day: before.day },
              day: { day },
              rate: distanceTold(step / years, unit),
              usual: distanceTold(others, unit),
            }),
          },
        ]
      : [];
  });
}
