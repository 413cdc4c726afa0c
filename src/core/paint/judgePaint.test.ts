import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import { own } from '../told';
import {
  doubtTold as doubt,
  judgePaint as judged,
  levelTold as ofLevel,
  roofTold as ofRoof,
  paintLevel,
  strayReadings,
} from '.';
import { modifiedZ } from './modifiedZ';

// As it is told in English.
const judgePaint = (...given: Parameters<typeof judged>) => said(judged(...given));
const doubtTold = (...given: Parameters<typeof doubt>) => said(doubt(...given));
const levelTold = (...given: Parameters<typeof ofLevel>) => said(ofLevel(...given));
const roofTold = (...given: Parameters<typeof ofRoof>) => said(ofRoof(...given));

const panel = (part: string, ...um: number[]) => ({ part, um, isMetal: true });
/** Nine panels about 120 µm, which give a level of 120 and a spread of 4 % of it. */
const works = [118, 119, 120, 120, 120, 121, 122, 120, 120].map((um, i) => panel(`p${i}`, um, um, um));
const judgedBeside = (...um: number[]) => {
  const { verdicts } = judgePaint([...works, panel('it', ...um)]);
  return verdicts.at(-1) as (typeof verdicts)[number];
};
const classOf = (...um: number[]) => judgedBeside(...um).class;

describe('a panel beside nine of 120 µm', () => {
  it.each([
    [[120, 121, 119], 'as-the-rest'],
    // 1.21 times is as the rest; above it, painted: with a spread of 4.8 µm that is far beyond 2.6 spreads.
    [[145, 145, 145], 'as-the-rest'],
    [[146, 146, 146], 'thicker'],
    // Filler: over 300 µm and over 2.6 times the level, 312.
    [[301, 301, 301], 'thicker'],
    [[312, 312, 312], 'thicker'],
    [[313, 313, 313], 'far-thicker'],
    // Thin: under 75 µm.
    [[96, 96, 96], 'as-the-rest'],
    // Under four fifths of the level, it is that which is in doubt.
    [[95, 95, 95], 'under'],
    [[75, 75, 75], 'under'],
    [[74, 74, 74], 'thin'],
    // A thick spot inside: over 1.45 times the level, 174, and 1.45 times the panel's own lowest.
    [[120, 120, 175], 'local-repair'],
    [[120, 120, 174], 'as-the-rest'],
    [[121, 121, 175], 'as-the-rest'],
    // Uneven, yet nowhere thick for this car: no repair.
    [[60, 120, 121], 'as-the-rest'],
  ] as const)('of %j is %s', (um, found) => {
    expect(classOf(...um)).toBe(found);
  });

  it('has its figures: median, range, ratio and score', () => {
    const it = judgedBeside(120, 126, 180);
    expect(it).toMatchObject({ medianUm: 126, lowestUm: 120, highestUm: 180, class: 'local-repair' });
    expect(it.ratio).toBeCloseTo(1.05);
    expect(it.z).toBeCloseTo(6 / 4.8);
  });

  it('says nothing from fewer than three readings, and keeps what was read', () => {
    expect(judgedBeside(240, 260)).toEqual({
      part: 'it',
      class: 'not-enough',
      medianUm: 250,
      says: '2 of at least 3 readings.',
    });
    expect(judgedBeside()).toEqual({ part: 'it', class: 'not-enough', says: '0 of at least 3 readings.' });
  });
});

describe('a car', () => {
  it('of three panels has no level, and says so', () => {
    const { level, verdicts } = judgePaint(works.slice(0, 3));
    expect(level).toBeUndefined();
    expect(verdicts[0]).toEqual({
      part: 'p0',
      class: 'not-enough',
      medianUm: 118,
      says: 'Too few panels were read to know this car’s own level.',
    });
  });

  it('compares aluminium with its like', () => {
    const aluminium = (part: string, um: number) => ({
      ...panel(part, um, um, um),
      metal: 'aluminium' as const,
    });
    const lone = judgePaint([...works, aluminium('bonnet', 80)]);
    expect(lone.verdicts.at(-1)).toMatchObject({
      class: 'not-enough',
      says: 'Of aluminium: too few panels of it were read to compare this one with its like.',
    });
    const four = ['a', 'b', 'c'].map((part) => aluminium(part, 80));
    const { level, verdicts } = judgePaint([...works, ...four, aluminium('d', 160)]);
    expect(level?.um).toBe(120);
    expect(verdicts.slice(-4).map(({ class: found }) => found)).toEqual([
      'as-the-rest',
      'as-the-rest',
      'as-the-rest',
      'thicker',
    ]);
    expect(verdicts.at(-1)?.ratio).toBe(2);
    expect(judgePaint([...four, aluminium('d', 81)]).level?.um).toBe(80);
  });

  it('whose untouched panels read far under its level has a level in doubt, and says why', () => {
    // Five of nine painted again, alike: the level is theirs.
    const painted = [210, 211, 209, 210, 212].map((um, i) => panel(`p${i}`, um, um, um));
    const bare = [120, 121, 119, 120].map((um, i) => panel(`u${i}`, um, um, um));
    const { level, doubt, verdicts } = judgePaint([...painted, ...bare]);
    expect(level?.um).toBe(210);
    expect(doubt).toEqual(['u0', 'u1', 'u2', 'u3']);
    expect(verdicts.at(-1)).toMatchObject({ class: 'under' });
    expect(verdicts.at(-1)?.says).toContain('0.57 ×');
    expect(verdicts[0]?.says).toContain('the level itself is in doubt');
    expect(verdicts.map(({ says }) => says).join(' ')).not.toMatch(/\bz\b/);
    expect(doubtTold([own('bonnet'), own('roof')])).toBe(
      'The level itself is in doubt: bonnet, roof read far under it. More than half of the panels may have been painted again, or they are of another metal.',
    );
    expect(judgePaint(works).doubt).toBeUndefined();
  });

  it('takes its level from metal alone', () => {
    const plastic = Array.from({ length: 12 }, (_, i) => ({
      part: `x${i}`,
      um: [300, 300, 300],
      isMetal: false,
    }));
    const { level, verdicts } = judgePaint([...works, ...plastic]);
    expect(level).toEqual({ um: 120, spreadUm: expect.closeTo(4.8), noise: 0, panels: 9 });
    expect(verdicts.at(-1)).toEqual({
      part: 'x11',
      class: 'cannot-read',
      says: 'Not metal: a gauge reads nothing here. Judged by eye alone.',
    });
  });

  it('takes the densest half of its panels, the thinner of two alike', () => {
    const at = (...um: number[]) => paintLevel(um.map((each, i) => panel(`p${i}`, each, each, each)));
    // Five of nine were painted again, but scatter; the four of the works are dense with the fifth beside them.
    expect(at(118, 119, 120, 121, 122, 190, 230, 260, 300)?.um).toBe(120);
    // Two groups as dense as each other: a respray only adds.
    expect(at(100, 101, 102, 103, 150, 151, 152, 153)?.um).toBe(102);
    // The denser half wins where it is the thicker one.
    expect(at(80, 95, 110, 150, 150, 150, 150, 151)?.um).toBe(150);
  });

  it('takes its spread from panels near the level, and never less than a twenty-fifth of it', () => {
    const level = paintLevel([90, 100, 110, 120, 130, 140, 150].map((um, i) => panel(`p${i}`, um, um, um)));
    // Of four in a row, compared as ratios, 110 to 140 is denser than 90 to 120 by more than 3 %; 120 to 150 is not denser again by that.
    expect(level?.um).toBe(125);
    // 100 and 150 lie exactly a fifth away and are not near; the others lie 5 and 15 away.
    expect(level?.panels).toBe(4);
    expect(level?.spreadUm).toBeCloseTo(10 / 0.6745);
    expect(paintLevel(works)?.spreadUm).toBeCloseTo(4.8);
  });
});

describe('the words of a panel', () => {
  const say = (um: number[], more: object = {}) => {
    const { verdicts } = judgePaint([...works, { ...panel('it', ...um), ...more }]);
    return verdicts.at(-1)?.says;
  };
  const eye = { eye: { signs: [own('overspray'), own('tape line')] } };

  it('name the other side where it was read', () => {
    expect(say([120, 120, 120], { twin: 'p0' })).toContain('; the other side 118 µm.');
    expect(say([120, 120, 120], { twin: 'nothing' })).not.toContain('other side');
    expect(say([120, 120, 120])).not.toContain('other side');
    expect(say([200, 200, 200], { twin: 'p0' })).toContain('; the other side 118 µm');
  });

  it('let the eye agree, object, or say nothing', () => {
    expect(say([200, 200, 200])).toMatch(/likely painted again.*Nothing was seen that speaks for it\.$/);
    expect(say([200, 200, 200], eye)).toMatch(/: painted again\. .*The eye agrees: overspray, tape line\.$/);
    expect(say([400, 400, 400], eye)).toMatch(/^Far thicker .*The eye agrees: overspray, tape line\.$/);
    expect(say([400, 400, 400])).not.toContain('eye');
    expect(say([120, 120, 200], eye)).toMatch(/^Uneven inside .*The eye agrees: overspray, tape line\.$/);
    expect(say([120, 120, 120], eye)).toMatch(/^As the rest: .*But the eye saw: overspray, tape line\.$/);
    expect(say([120, 120, 120])).not.toContain('eye');
    expect(say([120, 120, 120], { eye: { signs: [] } })).not.toContain('eye');
    expect(say([60, 60, 60])).toMatch(/^Thin: .*Do not machine-polish it\.$/);
  });

  it('give median, range and level, the range with one unit', () => {
    expect(say([110, 120, 130])).toContain('typically 120 µm of 110 to 130 µm, 1.00 × this car’s 120 µm');
    const { verdicts } = judgePaint([...works, panel('it', 110, 120, 130)], 'mil');
    expect(verdicts.at(-1)?.says).toMatch(/typically 4\.7 mil of 4\.3 to 5\.1 mil/);
  });

  it('tell the level, and whether the roof agrees', () => {
    const { level, verdicts } = judgePaint([
      ...works,
      panel('roof', 121, 121, 121),
      panel('high', 200, 200, 200),
    ]);
    expect(levelTold(level as never, 11, 'um')).toBe(
      'This car’s own level is 120 µm, from 10 of the 11 panels read enough; panels at that level differ by about 5 µm.',
    );
    expect(roofTold(verdicts.at(-2), 'um')).toBe('The roof, 121 µm, agrees with that level.');
    expect(roofTold(verdicts.at(-1), 'um')).toBe(
      'The roof, 200 µm, does not agree with that level (1.67 ×): look at the level with care.',
    );
    expect(roofTold(undefined, 'um')).toBeUndefined();
    expect(roofTold({ class: 'not-enough', medianUm: 120 }, 'um')).toBeUndefined();
  });
});

describe('a reading apart from the others of its panel', () => {
  it('must be far by its score and by a quarter of the panel', () => {
    // Close readings: 130 has a score beyond 3.5 and is no slip.
    expect(strayReadings([120, 120, 121, 119, 120, 121, 130])).toEqual([]);
    expect(strayReadings([120, 120, 121, 119, 120, 121, 151])).toEqual([6]);
    expect(strayReadings([120, 120, 121, 119, 120, 121, 80])).toEqual([6]);
    // Exactly a quarter off is none.
    expect(strayReadings([120, 120, 121, 119, 120, 121, 150])).toEqual([]);
    // Scattered readings: 160 is a quarter off and no stranger than the rest.
    expect(strayReadings([90, 105, 120, 135, 150, 160])).toEqual([]);
    // Four say too little.
    expect(strayReadings([120, 120, 121, 400])).toEqual([]);
  });

  it('has a score of 0 where nothing scatters, and none where nothing was read', () => {
    expect(modifiedZ([5, 5, 5, 5, 9])).toEqual([0, 0, 0, 0, 0]);
    expect(modifiedZ([])).toEqual([]);
    expect(modifiedZ([1, 2, 3])[2]).toBeCloseTo(0.6745);
  });
});
