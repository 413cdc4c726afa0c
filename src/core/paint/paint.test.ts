import fc from 'fast-check';
import { median as independentMedian, medianAbsoluteDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import { own } from '../told';
import {
  coarseTold as coarse,
  judgePaint as judged,
  modifiedZ,
  levelTold as ofLevel,
  roofTold as ofRoof,
  type PanelToJudge,
  paintLevel,
  robustZ,
  strayReadings,
  Z_LIMIT,
} from '.';
import { median, typicalUm } from './paintLevel';

// As it is told in English.
const judgePaint = (...given: Parameters<typeof judged>) => said(judged(...given));
const coarseTold = (...given: Parameters<typeof coarse>) => said(coarse(...given));
const levelTold = (...given: Parameters<typeof ofLevel>) => said(ofLevel(...given));
const roofTold = (...given: Parameters<typeof ofRoof>) => said(ofRoof(...given));

const panel = (part: string, um: readonly number[], more: Partial<PanelToJudge> = {}): PanelToJudge => ({
  part,
  um,
  isMetal: true,
  ...more,
});
const around = (um: number) => [um * 0.97, um, um * 1.03];
const car = (levels: readonly number[]) => levels.map((um, i) => panel(`p${i}`, around(um)));
const classes = (panels: readonly PanelToJudge[]) =>
  judgePaint(panels).verdicts.map((verdict) => verdict.class);

describe('the figures everything rests on', () => {
  it('agree with an independent library: median, and median absolute deviation', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 50, max: 900, noNaN: true }), { minLength: 1, maxLength: 30 }),
        (list) => {
          expect(median(list)).toBeCloseTo(independentMedian(list), 9);
        },
      ),
    );
    const list = [110, 118, 121, 125, 132];
    expect(median(list.map((value) => Math.abs(value - median(list))))).toBe(medianAbsoluteDeviation(list));
  });

  it('find what Iglewicz and Hoaglin’s score finds: 0.6745 · (x − median) / MAD over 3.5', () => {
    const level = { um: 120, spreadUm: 4 / 0.6745, noise: 0.03, panels: 9 };
    // By hand: 0.6745 · 24 / 4 = 4.047.
    expect(robustZ(144, level)).toBeCloseTo(4.047, 3);
    expect(robustZ(144, level) > Z_LIMIT).toBe(true);
    expect(robustZ(136, level) > Z_LIMIT).toBe(false);
  });
});

describe('what is typical of a panel', () => {
  it('is the median of the means of all pairs, which one slip of five does not move', () => {
    // By hand: 1 … 5 has 15 pairs about 3; four of 120 and one of 900 have ten pairs of 120, four of 510 and one of 900.
    expect(typicalUm([1, 2, 3, 4, 5])).toBe(3);
    expect(typicalUm([120, 120, 120, 120, 900])).toBe(120);
    // Fewer have their median: of three, one slip would count for half of the pairs.
    expect(typicalUm([120, 121, 900])).toBe(121);
  });

  it('lies among its readings and moves with them', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 50, max: 900, noNaN: true }), { minLength: 1, maxLength: 12 }),
        (um) => {
          expect(typicalUm(um)).toBeGreaterThanOrEqual(Math.min(...um));
          expect(typicalUm(um)).toBeLessThanOrEqual(Math.max(...um));
          expect(typicalUm(um.map((each) => each + 7))).toBeCloseTo(typicalUm(um) + 7, 6);
          expect(typicalUm(um.toReversed())).toBeCloseTo(typicalUm(um), 9);
        },
      ),
    );
  });
});

describe('the level of a car', () => {
  it('is that of its untouched panels, though a third and more were painted again', () => {
    for (const painted of [0, 1, 2, 3, 4]) {
      const levels = Array.from({ length: 9 }, (_, i) => (i < painted ? 120 * (1.5 + i * 0.2) : 117 + i));
      const level = paintLevel(car(levels));
      expect(Math.abs((level?.um ?? 0) / 121 - 1), `${painted} painted`).toBeLessThan(0.06);
    }
  });

  it('does not depend on the order of panels, and follows the unit', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 80, max: 400, noNaN: true }), { minLength: 4, maxLength: 12 }),
        (levels) => {
          const a = paintLevel(car(levels));
          const b = paintLevel(car(levels.toReversed()));
          expect(b?.um).toBeCloseTo(a?.um as number, 9);
          expect(paintLevel(car(levels.map((um) => um * 2)))?.um).toBeCloseTo(2 * (a?.um as number), 6);
        },
      ),
    );
  });

  it('needs panels, and readings on them', () => {
    expect(paintLevel(car([120, 121, 119]))).toBeUndefined();
    expect(paintLevel([...car([120, 121, 119]), panel('p9', [120, 121])])).toBeUndefined();
  });
});

describe('each panel', () => {
  const rest = car([118, 120, 121, 122, 119, 120]);

  it.each([
    ['as-the-rest', [121, 124, 119]],
    ['thicker', [188, 196, 202]],
    ['far-thicker', [420, 610, 380]],
    ['local-repair', [121, 122, 120, 119, 230]],
    ['thin', [68, 70, 66]],
    ['not-enough', [120, 121]],
  ])('is %s for its readings, with its numbers in the sentence', (expected, um) => {
    const { verdicts } = judgePaint([...rest, panel('door', um)]);
    const verdict = verdicts.at(-1);
    expect(verdict?.class).toBe(expected);
    expect(verdict?.says).toMatch(/\d/);
    expect(verdict?.says.toLowerCase()).not.toContain('accident');
  });

  it('of plastic is not judged by a gauge', () => {
    expect(classes([...rest, panel('bumper', [], { isMetal: false })]).at(-1)).toBe('cannot-read');
  });

  it('is compared with the other side, and with what the eye saw, which changes the words only', () => {
    const door = (signs: readonly string[]) =>
      judgePaint([
        ...rest,
        panel('door-l', [190, 195, 200], { twin: 'door-r', eye: { signs: signs.map(own) } }),
        panel('door-r', [120, 121, 122]),
      ]).verdicts.find(({ part }) => part === 'door-l');
    const [plain, seen] = [door([]), door(['overspray on the rubber'])];
    expect(plain).toMatchObject({ class: 'thicker', twinUm: 121 });
    expect(plain?.says).toContain('likely painted again');
    expect(seen?.says).toContain('The eye agrees: overspray on the rubber');
    expect({ ...seen, says: '' }).toEqual({ ...plain, says: '' });
  });

  it('the thicker it is the more is said, never less', () => {
    const rank = ['thin', 'under', 'as-the-rest', 'local-repair', 'thicker', 'far-thicker'];
    let before = 0;
    for (let um = 60; um < 700; um += 5) {
      const now = rank.indexOf(judgePaint([...rest, panel('door', around(um))]).verdicts.at(-1)?.class ?? '');
      expect(now, `${um} µm`).toBeGreaterThanOrEqual(before);
      before = now;
    }
  });
});

// NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.5.17: the data sets printed beside its tests for outliers (typed from memory).
describe('the outlier data sets of the NIST handbook', () => {
  // 1.3.5.17.1, mass spectrometer readings: the handbook finds 245.57 and nothing else.
  const masses = [199.31, 199.53, 200.19, 200.82, 201.92, 201.95, 202.18, 245.57];
  // 1.3.5.17.2, Venus: Tietjen and Moore’s test finds −1.40 and 1.01 together.
  const venus = [-1.4, -0.44, -0.3, -0.24, -0.22, -0.13, -0.05, 0.06, 0.1, 0.18, 0.2, 0.39, 0.48, 0.63, 1.01];
  // 1.3.5.17.3, Rosner: the generalised ESD test finds the three highest of 54.
  const rosner = [
    -0.25, 0.68, 0.94, 1.15, 1.2, 1.26, 1.26, 1.34, 1.38, 1.43, 1.49, 1.49, 1.55, 1.56, 1.58, 1.65, 1.69, 1.7,
    1.76, 1.77, 1.81, 1.91, 1.94, 1.96, 1.99, 2.06, 2.09, 2.1, 2.14, 2.15, 2.23, 2.24, 2.26, 2.35, 2.37, 2.4,
    2.47, 2.54, 2.62, 2.64, 2.9, 2.92, 2.92, 2.93, 3.21, 3.26, 3.3, 3.59, 3.68, 4.3, 4.64, 5.34, 5.42, 6.01,
  ];
  const outliers = (values: readonly number[]) =>
    values.filter((_, i) => Math.abs(modifiedZ(values)[i] as number) > Z_LIMIT);

  it('the one false mass stands out, far', () => {
    expect(outliers(masses)).toEqual([245.57]);
    // By hand: median 201.37, MAD 0.995; 0.6745 · 44.2 / 0.995 = 29.96.
    expect(modifiedZ(masses).at(-1)).toBeCloseTo(29.96, 2);
  });

  it('of Venus the two that test names have the largest scores; at 3.5 the score is slower to call them out', () => {
    const byScore = venus.toSorted((a, b) => Math.abs(b - 0.06) - Math.abs(a - 0.06));
    expect(byScore.slice(0, 2)).toEqual([-1.4, 1.01]);
    // By hand: median 0.06, MAD 0.30; 0.6745 · −1.46 / 0.30 = −3.28.
    expect(modifiedZ(venus)[0]).toBeCloseTo(-3.28, 2);
    expect(outliers(venus)).toEqual([]);
  });

  it('the score agrees with an independent library, and its order with Rosner’s three', () => {
    const middle = independentMedian(rosner);
    const mad = medianAbsoluteDeviation(rosner);
    modifiedZ(rosner).forEach((z, i) => {
      expect(z).toBeCloseTo((0.6745 * ((rosner[i] as number) - middle)) / mad, 9);
    });
    const farthest = rosner.toSorted((a, b) => Math.abs(b - middle) - Math.abs(a - middle)).slice(0, 3);
    expect(farthest.toSorted()).toEqual([5.34, 5.42, 6.01]);
    for (const value of outliers(rosner)) expect(farthest).toContain(value);
  });
});

describe('a coarse gauge', () => {
  // One reading scatters by 5 % of the gauge and 10 % within a panel, untouched panels by 4 %: invented cars, seeded.
  const study = (painted: number, gauge: number, within: number) => {
    let seed = 4711 + painted;
    const random = () => {
      seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648;
      return seed / 2_147_483_648;
    };
    const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    let [found, wrong, cars] = [0, 0, 0];
    const CARS = 1500;
    for (let i = 0; i < CARS; i++) {
      const works = 90 + 70 * random();
      const { verdicts } = judgePaint(
        Array.from({ length: 9 }, (_, at) => {
          const um = works * (1 + 0.04 * normal()) * (at < painted ? 1.4 : 1);
          const readings = Array.from(
            { length: 5 },
            () => um * (1 + within * normal()) * (1 + gauge * normal()),
          );
          return panel(`p${at}`, readings);
        }),
      );
      const called = verdicts.map(({ class: is }) => ['thicker', 'far-thicker', 'local-repair'].includes(is));
      found += called.slice(0, painted).filter(Boolean).length;
      const others = called.slice(painted).filter(Boolean).length;
      wrong += others;
      if (others > 0) cars++;
    }
    return { found: found / (CARS * painted), wrong: wrong / (CARS * (9 - painted)), cars: cars / CARS };
  };

  it('calls few untouched panels painted: at most 1 of 100, and 1 of 20 cars', () => {
    const { wrong, cars } = study(0, 0.05, 0.1);
    expect(wrong).toBeLessThanOrEqual(0.01);
    expect(cars).toBeLessThanOrEqual(0.05);
  });

  it('of the usual kind finds 95 of 100 that read 1.4 times, up to four of nine', () => {
    for (const painted of [1, 2, 3, 4]) expect(study(painted, 0.03, 0.06).found).toBeGreaterThanOrEqual(0.95);
  });

  it('finds 95 of 100 too, up to four of nine', () => {
    for (const painted of [1, 2, 3, 4]) expect(study(painted, 0.05, 0.1).found).toBeGreaterThanOrEqual(0.95);
  });

  it('is told for what it is', () => {
    const level = { um: 120, spreadUm: 9.6, noise: 0.11, panels: 9 };
    expect(coarseTold(level)).toBe(
      'Readings of one panel scatter by about 11 %: differences under 24 % of the level say nothing here. Five readings a panel and more tell better.',
    );
    expect(coarseTold({ ...level, noise: 0.06 })).toBeUndefined();
  });
});

describe('a stray reading', () => {
  it('is told where it stands apart, not where a panel is merely even', () => {
    expect(strayReadings([118, 121, 119, 240, 120])).toEqual([3]);
    expect(strayReadings([118, 118, 118, 119, 121])).toEqual([]);
    expect(strayReadings([118, 240, 120])).toEqual([]);
  });
});

describe('words', () => {
  it('speak mil where asked, and roof and level as a check', () => {
    const { level, verdicts } = judgePaint(
      [panel('roof', around(120)), ...car([118, 119, 122, 250])].map((p) => p),
      'mil',
    );
    expect(level && levelTold(level, 5, 'mil')).toContain('4.7 mil, from 4 of the 5 panels');
    expect(roofTold(verdicts[0], 'mil')).toContain('agrees');
    expect(verdicts.at(-1)?.says).toContain('9.8 mil');
    expect(verdicts.map(({ says }) => says).join(' ')).not.toMatch(/accident/i);
  });
});
