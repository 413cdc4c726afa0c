import type { BodyStyle, Car } from '../car';
import { KM_PER_MILE } from '../measure';
import { type Finding, partStatus, type WalkState, weightOf } from '../walk';
import { countsParts, type MeasureId, measureCounts, measureCovers, measureIds } from './measures';

/** What a walk counted of one thing. */
export interface Counted {
  /** Absent where somebody said how many in words alone: words are not turned into a figure. */
  count?: number;
  heavy: number;
  /** Parts it is counted on: looked at, and in all. */
  looked: number;
  of: number;
}

/** A walk as the model sees it: what was counted, of how old a car, by whom, in what conditions. */
export interface JudgedWalk {
  walk: string;
  /** Whole years, and miles. */
  age: number;
  miles: number;
  /** Who noted most of it. */
  walker: string;
  /** Wet, dirty or too dark to see everything. */
  isHardToSee: boolean;
  counted: Partial<Record<MeasureId, Counted>>;
}

export type NotJudged =
  | { code: 'no-odometer' }
  /** The car's year lies after the walk: the age would be less than 0. */
  | { code: 'year-ahead'; year: number }
  | { code: 'not-begun' };

/** What a walk says of its car for the model; why not, where age or distance are not known. Findings count that are confirmed, mended since or not. */
export function countWalk(
  state: WalkState,
  style: BodyStyle,
  car: Pick<Car, 'year'>,
): { ok: true; walk: JudgedWalk } | { ok: false; why: NotJudged } {
  const { begun, odometer } = state;
  if (!begun) return { ok: false, why: { code: 'not-begun' } };
  if (!odometer) return { ok: false, why: { code: 'no-odometer' } };
  const age = Number((state.lastEntryAt ?? begun.at).slice(0, 4)) - car.year;
  if (age < 0) return { ok: false, why: { code: 'year-ahead', year: car.year } };
  return {
    ok: true,
    walk: {
      walk: state.walk,
      age,
      miles: Math.round(odometer.unit === 'km' ? odometer.value / KM_PER_MILE : odometer.value),
      walker: walkerOf(state),
      isHardToSee: state.conditionsMet.some(
        ({ light, wet, dirt }) => wet !== 'dry' || dirt === 'dirty' || light === 'dusk' || light === 'dark',
      ),
      counted: Object.fromEntries(
        measureIds.flatMap((id) => {
          const counted = countOf(id, state, style);
          return counted.of === 0 ? [] : [[id, counted]];
        }),
      ),
    },
  };
}

function countOf(id: MeasureId, state: WalkState, style: BodyStyle): Counted {
  const parts = [...style.parts.values()].filter((part) => measureCovers(id, part));
  const looked = parts.filter((part) => !['not-looked-at', 'not-seen'].includes(partStatus(state, part.id)));
  const on = new Set(parts.map((part) => part.id));
  const found = state.findings.filter(
    ({ part, kind, standing: { status } }) =>
      on.has(part) && measureCounts(id, kind) && (status === 'confirmed' || status === 'put-right'),
  );
  const heavyOnes = found.filter(({ details }) => weightOf(details) === 'heavy');
  const heavy = countsParts(id)
    ? new Set(heavyOnes.map(({ part }) => part)).size
    : heavyOnes.reduce((sum, each) => sum + (thingsIn(each) ?? 1), 0);
  const counts = found.map(thingsIn);
  const isCounted = counts.every((count) => count !== undefined);
  const count = countsParts(id)
    ? new Set(found.map(({ part }) => part)).size
    : counts.reduce<number>((sum, each) => sum + (each ?? 0), 0);
  return {
    ...((isCounted || countsParts(id)) && { count }),
    heavy,
    looked: looked.length,
    of: parts.length,
  };
}

/** How many there are of a finding: as counted, one where nothing was said of how many, and unknown where it was said in words alone. */
function thingsIn({ details: { count, amount } }: Pick<Finding, 'details'>): number | undefined {
  return count ?? (amount === undefined ? 1 : undefined);
}

function walkerOf({ findings, looks, begun }: WalkState): string {
  const times = new Map<string, number>();
  for (const { who } of [...findings, ...looks.values()]) times.set(who, (times.get(who) ?? 0) + 1);
  const most = [...times].sort(([a, n], [b, m]) => m - n || (a < b ? -1 : 1))[0];
  return most?.[0] ?? begun?.who ?? '';
}
