import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import { type RefinishClass, refinishClass, refinishTold, setTold, type WheelFinish, wheelFinishes } from '.';

const sound = { rimShare: 0, isDeep: false, isFlaking: false, isBent: false };
const light = { ...sound, rimShare: 0.1 };
const longer = { ...sound, rimShare: 0.11 };

describe('what a wheel wants, by the house table', () => {
  const cases: [
    string,
    typeof sound & { isUnmeasured?: boolean },
    Partial<Record<WheelFinish | 'unknown', RefinishClass>>,
  ][] = [
    [
      'nothing wrong',
      sound,
      {
        painted: 'none',
        'diamond-cut': 'none',
        polished: 'none',
        chrome: 'none',
        bare: 'none',
        steel: 'none',
        unknown: 'none',
      },
    ],
    [
      'a tenth of the rim, not deep',
      light,
      {
        painted: 'touch-in',
        'diamond-cut': 'refinish-or-replace',
        polished: 'touch-in',
        chrome: 'replace',
        bare: 'touch-in',
        steel: 'touch-in',
        unknown: 'touch-in',
      },
    ],
    [
      'more than a tenth',
      longer,
      {
        painted: 'refinish',
        'diamond-cut': 'refinish-or-replace',
        polished: 'refinish',
        chrome: 'replace',
        bare: 'refinish',
        steel: 'refinish',
        unknown: 'refinish',
      },
    ],
    [
      'short and deep',
      { ...light, isDeep: true },
      { painted: 'refinish', 'diamond-cut': 'refinish-or-replace', chrome: 'replace', unknown: 'refinish' },
    ],
    [
      'flaking, and not kerbed at all',
      { ...sound, isFlaking: true },
      { painted: 'refinish', 'diamond-cut': 'refinish-or-replace', chrome: 'replace', steel: 'refinish' },
    ],
    [
      'flaking beside light kerbing',
      { ...light, isFlaking: true },
      { painted: 'refinish', polished: 'refinish' },
    ],
    [
      'bent, whatever else',
      { ...sound, isBent: true },
      { painted: 'check', chrome: 'check', unknown: 'check' },
    ],
    [
      'kerbed, and nobody measured it',
      { ...sound, isUnmeasured: true },
      { painted: 'measure', unknown: 'measure', 'diamond-cut': 'refinish-or-replace', chrome: 'replace' },
    ],
    [
      'kerbed short, and elsewhere nobody measured it',
      { ...light, isUnmeasured: true },
      { painted: 'measure' },
    ],
    ['kerbed long whatever the rest', { ...longer, isUnmeasured: true }, { painted: 'refinish' }],
    ['bent and kerbed', { ...longer, isBent: true }, { 'diamond-cut': 'check', steel: 'check' }],
  ];
  for (const [name, damage, wants] of cases)
    it(name, () => {
      for (const [finish, want] of Object.entries(wants))
        expect(
          [finish, refinishClass(finish === 'unknown' ? undefined : (finish as WheelFinish), damage)],
          name,
        ).toEqual([finish, want]);
    });
});

describe('the sentence for it', () => {
  it('says that a light mark is done on the spot, by what the wheel is made of', () => {
    for (const finish of ['polished', 'bare'] as const)
      expect(said(refinishTold('touch-in', finish))).toBe('Light kerbing: dressed and polished on the spot.');
    for (const finish of ['painted', 'steel', undefined] as const)
      expect(said(refinishTold('touch-in', finish))).toBe('Light kerbing: touched in on the spot.');
  });

  it('says how each finish is done again, and that it is not known where the finish is not', () => {
    const words = wheelFinishes.map((finish) => said(refinishTold('refinish', finish)));
    expect(new Set(words).size).toBe(wheelFinishes.length);
    expect(said(refinishTold('refinish', 'painted'))).toBe('To be stripped and painted.');
    expect(said(refinishTold('refinish', 'bare'))).toBe('To be dressed and polished.');
    expect(said(refinishTold('refinish', 'polished'))).toContain('polished back to bright metal and sealed');
    expect(said(refinishTold('refinish', 'steel'))).toContain('hidden under a new trim');
    expect(said(refinishTold('refinish-or-replace', 'diamond-cut'))).toContain('cut again on a lathe');
    expect(said(refinishTold('replace', 'chrome'))).toBe(
      'To be replaced: chrome is not refinished in house.',
    );
    expect(said(refinishTold('refinish', undefined))).toBe(
      'To be refinished; how depends on its finish, which was not noted.',
    );
  });

  it('keeps a bent wheel off the road, and a sound one from the workshop', () => {
    expect(said(refinishTold('check', 'painted'))).toContain('do not drive until a qualified person');
    expect(said(refinishTold('none', 'painted'))).toBe('No damage noted.');
    expect(said(refinishTold('measure', 'painted'))).toMatch(/^Kerbed; how long was not measured/);
  });
});

describe('wheels priced as one set', () => {
  const four = (...wants: RefinishClass[]) => setTold(wants) !== undefined;
  it('are four or more that all want it', () => {
    expect(four('refinish', 'refinish', 'refinish', 'refinish')).toBe(true);
    expect(four('refinish', 'refinish-or-replace', 'refinish', 'refinish-or-replace')).toBe(true);
    expect(four('refinish', 'refinish', 'refinish', 'refinish', 'refinish', 'refinish')).toBe(true);
  });
  it('may hold some that nobody measured, beside one that is sure', () => {
    expect(four('refinish', 'measure', 'measure', 'refinish')).toBe(true);
    expect(said(setTold(['measure', 'measure', 'measure', 'measure']))).toMatch(/none was measured: if all/);
  });
  it('are not three, and not four of which one wants less or something else', () => {
    expect(four('refinish', 'refinish', 'refinish')).toBe(false);
    expect(four()).toBe(false);
    for (const other of ['none', 'touch-in', 'replace', 'check'] as const)
      expect(four('refinish', 'refinish', 'refinish', other)).toBe(false);
  });
});
