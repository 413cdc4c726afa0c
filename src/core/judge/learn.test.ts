import fc from 'fast-check';
import { mean, standardDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { usualBand } from './bandOf';
import type { JudgedWalk } from './countWalk';
import { afterCounting, drawGamma, type Random, seededRandom } from './gamma';
import { houseTable } from './houseTable';
import { learn, learnMeasure } from './learn';
import { measureIds } from './measures';
import { housePriors, type Learned, type Priors } from './model';
import { type Grid, gridOf } from './table';

const grid = (() => {
  const read = gridOf(houseTable.rows);
  if (!read.ok) throw new Error('the house table is no grid');
  return read.grid;
})();

/** Nothing but the cell may move: then what is believed of it has a closed form. */
const still = { shape: Number.POSITIVE_INFINITY, rate: Number.POSITIVE_INFINITY };
const cellAlone: Priors = {
  ...housePriors,
  measure: still,
  age: still,
  distance: still,
  walker: still,
  hardToSee: still,
};

const walkOf = (n: number, more: Partial<JudgedWalk> & { chips?: number } = {}): JudgedWalk => {
  const { chips = 8, ...rest } = more;
  return {
    walk: `walk ${n}`,
    age: 7,
    miles: 60_000,
    walker: 'ann',
    isHardToSee: false,
    counted: { 'front-chips': { count: chips, heavy: 0, looked: 5, of: 5 } },
    ...rest,
  };
};
const many = (n: number, more: Parameters<typeof walkOf>[1] = {}) =>
  Array.from({ length: n }, (_, i) => walkOf(i, more));
/** The cell of six to eight years and 50,000 to 80,000 miles: third of five each way. */
const MIDDLE = 2 * 5 + 2;
const usualIn = (walks: readonly JudgedWalk[], cell = MIDDLE, priors = housePriors) =>
  mean(learnMeasure('front-chips', grid, walks, { random: seededRandom(7), priors }).usual[cell] as number[]);

describe('what is believed after counting', () => {
  it('is the sum of shapes and counts, of rates and exposures', () => {
    // Gelman et al., Bayesian Data Analysis, 3rd ed., section 2.6, “Estimating a rate from Poisson data: an idealized example”:
    // prior Gamma(3, 5), 3 deaths at an exposure of 2 give Gamma(6, 7), mean 0.86; 30 at 20 give Gamma(33, 25), mean 1.32.
    const once = afterCounting({ shape: 3, rate: 5 }, 3, 2);
    expect(once).toEqual({ shape: 6, rate: 7 });
    expect(once.shape / once.rate).toBeCloseTo(0.86, 2);
    const tenYears = afterCounting({ shape: 3, rate: 5 }, 30, 20);
    expect(tenYears.shape / tenYears.rate).toBeCloseTo(1.32, 2);
  });

  it('is drawn as it is distributed', () => {
    // Upper 5 % points of chi-square, NIST/SEMATECH e-Handbook of Statistical Methods, table 1.3.6.7.4: 5 degrees 11.070, 1 degree 3.841, 20 degrees 31.410.
    for (const [degrees, upper] of [
      [1, 3.841],
      [5, 11.07],
      [20, 31.41],
    ] as const) {
      const random = seededRandom(degrees);
      let above = 0;
      for (let i = 0; i < 40_000; i += 1)
        if (drawGamma({ shape: degrees / 2, rate: 0.5 }, random) > upper) above += 1;
      expect(above / 40_000).toBeGreaterThan(0.046);
      expect(above / 40_000).toBeLessThan(0.054);
    }
  });

  it('agrees with the closed form where only the cell may move', () => {
    // 12 cars with 10 chips each where 8 are usual: Gamma(100 + 120, 100 + 96), worked by hand: mean 1.1224, standard deviation 0.0757.
    const learned = learnMeasure('front-chips', grid, many(12, { chips: 10 }), {
      random: seededRandom(3),
      priors: cellAlone,
      size: Number.POSITIVE_INFINITY,
    });
    const draws = (learned.usual[MIDDLE] as number[]).map((usual) => usual / 8);
    expect(mean(draws)).toBeGreaterThan(1.1224 - 0.03);
    expect(mean(draws)).toBeLessThan(1.1224 + 0.03);
    expect(standardDeviation(draws)).toBeGreaterThan(0.058);
    expect(standardDeviation(draws)).toBeLessThan(0.094);
  });
});

describe('learning from walks', () => {
  it('hardly moves a cell with two cars, and moves one with fifty', () => {
    const before = usualIn([]);
    const two = usualIn(many(2, { chips: 16 }), MIDDLE, cellAlone);
    const fifty = usualIn(many(50, { chips: 16 }), MIDDLE, cellAlone);
    expect(before).toBeGreaterThan(6);
    expect(before).toBeLessThan(10);
    expect(two).toBeLessThan(9.6);
    expect(fifty).toBeGreaterThan(11);
  });

  it('draws neighbours along: bands of the same age more than others', () => {
    // By many people, so that it is not laid to one who logs more than others.
    const walks = many(80, { chips: 16 }).map((walk, i) => ({ ...walk, walker: `person ${i % 12}` }));
    const grew = (cell: number) =>
      usualIn(walks, cell) / (grid.rows.get('front-chips')?.[cell]?.expected ?? 1);
    // Cell by cell: that which was counted, one of the same age, one that shares neither age nor distance.
    expect(grew(MIDDLE)).toBeGreaterThan(1.6);
    expect(grew(MIDDLE + 1)).toBeGreaterThan(1.3);
    expect(grew(MIDDLE)).toBeGreaterThan(grew(24));
  });

  it('lays it to the walker, not to the cars, when one logs twice as many', () => {
    const walks = [...many(60, { walker: 'ann', chips: 8 }), ...many(60, { walker: 'bo', chips: 16 })];
    const learned = learn(grid, walks, { random: seededRandom(5) });
    const { ann, bo } = learned.measures['front-chips'].walkers;
    expect(mean(bo as number[]) / mean(ann as number[])).toBeGreaterThan(1.6);
    const bandOf = (walker: string) =>
      usualBand('front-chips', grid, learned, walkOf(0, { walker }))?.high ?? 0;
    expect(bandOf('bo')).toBeGreaterThan(bandOf('ann') * 1.4);
  });

  it('expects less in the wet once less was found in it', () => {
    const walks = [...many(60, { chips: 10 }), ...many(60, { chips: 5, isHardToSee: true })];
    const learned = learn(grid, walks, { random: seededRandom(5) });
    const middle = (isHardToSee: boolean) =>
      usualBand('front-chips', grid, learned, walkOf(0, { isHardToSee }))?.middle ?? 0;
    expect(middle(true)).toBeLessThan(middle(false));
  });

  it('leaves out what was said in words alone, what was half seen, and cars of no band', () => {
    const none = learnMeasure(
      'front-chips',
      grid,
      [
        walkOf(1, { counted: { 'front-chips': { heavy: 0, looked: 5, of: 5 } } }),
        walkOf(2, { counted: { 'front-chips': { count: 30, heavy: 0, looked: 2, of: 5 } } }),
        walkOf(3, { age: -1 }),
        walkOf(4, { counted: {} }),
      ],
      { random: seededRandom(1) },
    );
    expect(none.cars.every((cars) => cars === 0)).toBe(true);
    expect(none.found).toBe(0);
  });

  it('gives the same for the same walks and seed', () => {
    const once = learn(grid, many(9), { random: seededRandom(4) });
    expect(learn(grid, many(9), { random: seededRandom(4) })).toEqual(once);
  });

  it('never gives less than nothing, whatever was counted', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            age: fc.integer({ min: 0, max: 40 }),
            miles: fc.integer({ min: 0, max: 400_000 }),
            walker: fc.constantFrom('ann', 'bo', 'cy'),
            isHardToSee: fc.boolean(),
            chips: fc.integer({ min: 0, max: 60 }),
          }),
          { maxLength: 20 },
        ),
        fc.integer(),
        (facts, seed) => {
          const walks = facts.map((fact, i) => walkOf(i, fact));
          const learned = learn(grid, walks, { random: seededRandom(seed) });
          const bands = walks.map((walk) => usualBand('front-chips', grid, learned, walk));
          return bands.every(
            (band) => band && band.low >= 0 && band.low <= band.middle && band.middle <= band.high,
          );
        },
      ),
      { numRuns: 15 },
    );
  });
});

/** Cars as the model takes them to be, with factors drawn as it believes them. */
function simulated(random: Random, walks: number, truth: Grid) {
  const { measure, age, distance, cell, walker } = housePriors;
  const [measureFactor, ages, distances] = [
    drawGamma(measure, random),
    truth.ages.map(() => drawGamma(age, random)),
    truth.miles.map(() => drawGamma(distance, random)),
  ];
  const people = Array.from({ length: 8 }, () => drawGamma(walker, random));
  const rows = truth.rows.get('front-chips') ?? [];
  const usual = rows.map(
    ({ expected }, i) =>
      expected *
      measureFactor *
      (ages[Math.floor(i / 5)] ?? 1) *
      (distances[i % 5] ?? 1) *
      drawGamma(cell, random),
  );
  const size =
    housePriors.size * Math.exp(housePriors.sizeWithin * (random() + random() + random() - 1.5) * 2);
  const carOf = (n: number): JudgedWalk => {
    // More cars of the middle bands, as a yard has.
    const [a, d] = [
      Math.min(4, Math.floor(random() * 3 + random() * 2.99)),
      Math.min(4, Math.floor(random() * 3 + random() * 2.99)),
    ];
    const person = Math.floor(random() * people.length);
    const rate =
      (usual[a * 5 + d] ?? 1) * (people[person] ?? 1) * drawGamma({ shape: size, rate: size }, random);
    return walkOf(n, {
      age: truth.ages[a]?.from ?? 0,
      miles: truth.miles[d]?.from ?? 0,
      walker: `person ${person}`,
      chips: drawPoisson(rate, random),
    });
  };
  return { usual, carOf, cars: Array.from({ length: walks }, (_, i) => carOf(i)) };
}

/** A count (Knuth, The Art of Computer Programming 2, section 3.4.1), large ones in halves. */
function drawPoisson(rate: number, random: Random): number {
  if (rate > 30) return drawPoisson(rate / 2, random) + drawPoisson(rate / 2, random);
  const least = Math.exp(-rate);
  let product = random();
  let count = 0;
  while (product > least) {
    product *= random();
    count += 1;
  }
  return count;
}

describe('over 5,000 simulated walks', () => {
  it('80 of 100 intervals of what is usual hold the truth: 77 to 83', () => {
    // Of 250 yards with 20 cars each: the factors of one yard go together, so that few large ones would say little about intervals.
    let [held, all] = [0, 0];
    for (let yard = 0; yard < 250; yard += 1) {
      const { usual, cars } = simulated(seededRandom(1000 + yard), 20, grid);
      const learned = learnMeasure('front-chips', grid, cars, { random: seededRandom(yard) });
      usual.forEach((truth, cell) => {
        const draws = (learned.usual[cell] as number[]).toSorted((a, b) => a - b);
        all += 1;
        if (truth >= (draws[9] ?? 0) && truth <= (draws[90] ?? 0)) held += 1;
      });
    }
    expect(held / all).toBeGreaterThanOrEqual(0.77);
    expect(held / all).toBeLessThanOrEqual(0.83);
  });

  it('80 of 100 further cars lie in the band they are given', () => {
    let [under, over, all] = [0, 0, 0];
    for (let yard = 0; yard < 25; yard += 1) {
      const { cars, carOf } = simulated(seededRandom(5000 + yard), 200, grid);
      const measure = learnMeasure('front-chips', grid, cars, { random: seededRandom(yard) });
      const learned: Learned = {
        version: 1,
        walks: cars.length,
        measures: Object.fromEntries(measureIds.map((id) => [id, measure])) as Learned['measures'],
      };
      for (let i = 0; i < 200; i += 1) {
        const car = carOf(i);
        const band = usualBand('front-chips', grid, learned, car);
        const count = car.counted['front-chips']?.count ?? 0;
        all += 1;
        if (count < (band?.low ?? 0)) under += 1;
        if (count > (band?.high ?? 0)) over += 1;
      }
    }
    // Counts are whole, so a band of whole counts holds a little more than 80 of 100: not more than a tenth lies outside on either side, and not many fewer.
    expect(under / all).toBeLessThanOrEqual(0.11);
    expect(over / all).toBeLessThanOrEqual(0.11);
    expect((under + over) / all).toBeGreaterThanOrEqual(0.14);
  });
});
