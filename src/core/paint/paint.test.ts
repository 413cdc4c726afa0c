import fc from 'fast-check';
import { median as independentMedian, medianAbsoluteDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { judgePaint, type PanelToJudge, paintLevel, robustZ, Z_LIMIT } from '.';
import { median } from './paintLevel';

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
    const level = { um: 120, spreadUm: 4 / 0.6745, panels: 9 };
    // By hand: 0.6745 · 24 / 4 = 4.047.
    expect(robustZ(144, level)).toBeCloseTo(4.047, 3);
    expect(robustZ(144, level) > Z_LIMIT).toBe(true);
    expect(robustZ(136, level) > Z_LIMIT).toBe(false);
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
        panel('door-l', [190, 195, 200], { twin: 'door-r', eye: { signs } }),
        panel('door-r', [120, 121, 122]),
      ]).verdicts.find(({ part }) => part === 'door-l');
    const [plain, seen] = [door([]), door(['overspray on the rubber'])];
    expect(plain).toMatchObject({ class: 'thicker', twinUm: 121 });
    expect(plain?.says).toContain('likely painted again');
    expect(seen?.says).toContain('The eye agrees: overspray on the rubber');
    expect({ ...seen, says: '' }).toEqual({ ...plain, says: '' });
  });

  it('the thicker it is the more is said, never less', () => {
    const rank = ['thin', 'as-the-rest', 'local-repair', 'thicker', 'far-thicker'];
    let before = 0;
    for (let um = 60; um < 700; um += 5) {
      const now = rank.indexOf(judgePaint([...rest, panel('door', around(um))]).verdicts.at(-1)?.class ?? '');
      expect(now, `${um} µm`).toBeGreaterThanOrEqual(before);
      before = now;
    }
  });
});
