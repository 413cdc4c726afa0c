import type { JudgedWalk } from './countWalk';
import { afterCounting, type Gamma } from './gamma';
import type { MeasureId } from './measures';
import type { Scale } from './mixScales';
import { bandAt, type Grid } from './table';

/** Nothing is expected less than this: a factor of nothing moves nothing. */
const LEAST_USUAL = 0.02;
/** Of a zone that was half looked at or less nothing is learned. */
const LEAST_LOOKED = 0.5;
/** Shares looked at are rounded to this, so that walks of one group are alike. */
const SHARES = 10;

/** Walks that share a cell, a walker, conditions and how much was looked at count as one sum. */
export interface Group {
  cell: number;
  age: number;
  distance: number;
  walker: number;
  isHard: boolean;
  walks: number;
  count: number;
  /** How many are usual on one of its cars by the table: less where parts were not looked at. */
  usual: number;
  /** The same with all factors as they stand. */
  mean: number;
  /** Its cars, each times a factor of its own. */
  cars: number;
}

/** One factor for each thing it belongs to; -1 where it touches a group in nothing. */
export interface Factors extends Scale {
  of: (group: Group) => number;
}

/** Walks of a measure, put together; what cannot be counted is left out. */
export function grouped(id: MeasureId, grid: Grid, walks: readonly JudgedWalk[], people: readonly string[]) {
  const base = (grid.rows.get(id) ?? []).map(({ expected }) => Math.max(expected, LEAST_USUAL));
  const groups = new Map<number, Group>();
  const cars = base.map(() => 0);
  const placeOf = new Map(people.map((person, at) => [person, at]));
  const counts: number[] = [];
  let heavy = 0;
  for (const { age: years, miles, walker: who, isHardToSee: isHard, counted } of walks) {
    const here = counted[id];
    const [age, distance] = [bandAt(grid.ages, years), bandAt(grid.miles, miles)];
    if (here?.count === undefined || here.of === 0 || age === undefined || distance === undefined) continue;
    const share = Math.round((here.looked / here.of) * SHARES);
    if (share <= LEAST_LOOKED * SHARES) continue;
    const cell = age * grid.miles.length + distance;
    const walker = placeOf.get(who) ?? 0;
    const key = ((cell * people.length + walker) * 2 + (isHard ? 1 : 0)) * (SHARES + 1) + share;
    let group = groups.get(key);
    if (!group) {
      const usual = (share / SHARES) * (base[cell] ?? LEAST_USUAL);
      group = { cell, age, distance, walker, isHard, walks: 0, count: 0, usual, mean: usual, cars: 0 };
      groups.set(key, group);
    }
    group.walks += 1;
    group.cars += 1;
    group.count += here.count;
    cars[cell] = (cars[cell] ?? 0) + 1;
    counts.push(here.count);
    heavy += Math.min(here.heavy, here.count);
  }
  const found = counts.reduce((sum, count) => sum + count, 0);
  return { base, groups: [...groups.values()], cars, counts, found, heavy };
}

/** How many would be counted on a car of each group with the factors as they stand. */
export function settleMeans(all: readonly Factors[], groups: readonly Group[]): void {
  for (const group of groups) {
    group.mean = group.usual;
    for (const { of, values } of all) {
      const at = of(group);
      if (at >= 0) group.mean *= values[at] ?? 1;
    }
  }
}

/** Each kind of factor in its turn, given the others: the counts met against those usual. Means must be settled. */
export function sweep(
  all: readonly Factors[],
  groups: readonly Group[],
  take: (gamma: Gamma) => number,
): void {
  for (const { prior, of, values } of all) {
    if (!Number.isFinite(prior.shape)) continue;
    const met = new Float64Array(values.length);
    const usual = new Float64Array(values.length);
    for (const group of groups) {
      const at = of(group);
      if (at < 0) continue;
      met[at] = (met[at] ?? 0) + group.count;
      usual[at] = (usual[at] ?? 0) + group.cars * group.mean;
    }
    const grew = values.map(
      (before, i) => take(afterCounting(prior, met[i] ?? 0, (usual[i] ?? 0) / before)) / before,
    );
    for (let i = 0; i < values.length; i += 1) values[i] = (values[i] ?? 1) * (grew[i] ?? 1);
    for (const group of groups) {
      const at = of(group);
      if (at >= 0) group.mean *= grew[at] ?? 1;
    }
  }
}
