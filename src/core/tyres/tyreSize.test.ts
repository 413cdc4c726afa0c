import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import {
  ageMonths,
  dateCodeProblemMessage,
  lawTold,
  limitOf,
  mismatches,
  pairsToMatch,
  parseDateCode,
  parseTyreSize,
  tyreSizeProblemMessage,
  usualLaw,
} from '.';

const sizeOf = (text: string) => {
  const reading = parseTyreSize(text);
  if (!reading.ok) throw new Error(`${text}: ${reading.problem}`);
  return reading.size;
};

describe('a size as it is typed', () => {
  it('is kept as typed, without the blanks around it', () => {
    expect(sizeOf('  225/45R17 94W ').text).toBe('225/45R17 94W');
    expect(sizeOf(' 225/45R17  ').text).toBe('225/45R17');
  });

  it.each([
    '225/45R17',
    '225 / 45 R 17',
    '225/ 45R17',
    '225 /45R17',
    '225/45 R17',
    '225/45R 17',
    '225 45 17',
    'p225 45 17',
    '225   45   17',
  ])('%s is one size', (text) => {
    expect(sizeOf(text)).toMatchObject({
      widthMm: 225,
      aspect: 45,
      rimIn: 17,
      diameterMm: 634.3,
      construction: 'radial',
    });
  });

  it.each([
    ['31x10.50R15', 787.4],
    ['31 x 10.50 R15', 787.4],
    ['31X 10,50R15', 787.4],
    ['31 x10.50-15', 787.4],
  ])('%s is a size in inches', (text, diameterMm) => {
    expect(sizeOf(text)).toMatchObject({ widthMm: 267, rimIn: 15, diameterMm });
  });

  it('tells diagonal from radial', () => {
    expect(sizeOf('225/45-17').construction).toBe('diagonal');
    expect(sizeOf('31x10.50-15').construction).toBe('diagonal');
    expect(sizeOf('11-22.5').construction).toBe('diagonal');
    expect(sizeOf('225/45ZR17').construction).toBe('radial');
  });

  it('keeps load and speed however they are spaced, and reads commercial, spare, run-flat and high-load marks', () => {
    // ETRTO and ISO 4000-1 as commonly reprinted; from memory.
    expect(sizeOf('205/55 R16 91 V')).toMatchObject({ rimIn: 16, loadIndex: 91, speedSymbol: 'V' });
    expect(sizeOf('205/55 R16 91 V XL')).toMatchObject({ loadIndex: 91, speedSymbol: 'V' });
    expect(sizeOf('185 65 R15')).toMatchObject({ widthMm: 185, aspect: 65, rimIn: 15 });
    expect(sizeOf('195R14C 106/104R')).toMatchObject({
      widthMm: 195,
      rimIn: 14,
      loadIndex: 106,
      twinLoadIndex: 104,
    });
    expect(sizeOf('155R13')).toMatchObject({ widthMm: 155, rimIn: 13, construction: 'radial' });
    expect(sizeOf('155R13').aspect).toBeUndefined();
    expect(sizeOf('T125/70R17 98M')).toMatchObject({ widthMm: 125, aspect: 70, speedSymbol: 'M' });
    expect(sizeOf('225/45RF17 91W')).toMatchObject({ construction: 'radial', rimIn: 17, loadIndex: 91 });
    expect(sizeOf('HL245/40R19 101Y')).toMatchObject({ aspect: 40, loadIndex: 101 });
    expect(sizeOf('225/75R16CP 118R')).toMatchObject({ rimIn: 16, loadIndex: 118 });
  });

  it('has a rim from 8 to 30 inches', () => {
    expect(sizeOf('145/70R10').rimIn).toBe(10);
    expect(sizeOf('225/45R30').rimIn).toBe(30);
    expect(parseTyreSize('225/45R31')).toEqual({ ok: false, problem: 'no-such-rim' });
    expect(parseTyreSize('225/45R07')).toEqual({ ok: false, problem: 'no-such-rim' });
    expect(sizeOf('225/45R08').rimIn).toBe(8);
  });

  it('takes load indices from the first to the last of the table, single and twin', () => {
    expect(sizeOf('225/45R17 60W').loadKg).toBe(250);
    expect(sizeOf('315/80R22.5 170L').loadKg).toBe(6000);
    for (const service of ['59W', '171L', '156/171L', '156/59L'])
      expect(parseTyreSize(`315/80R22.5 ${service}`)).toEqual({ ok: false, problem: 'no-such-load' });
    expect('twinLoadIndex' in sizeOf('225/45R17 94W')).toBe(false);
    expect(sizeOf('315/80R22.5 (156/150L)')).toMatchObject({
      loadIndex: 156,
      twinLoadIndex: 150,
      twinLoadKg: 3350,
    });
  });

  it('says of each slip what to look at', () => {
    const said = (['empty', 'not-a-size', 'no-such-rim', 'no-such-load', 'no-such-speed'] as const).map(
      tyreSizeProblemMessage,
    );
    expect(said.map((words) => /side|Zelk can read|8 to 30|60 and 170|letter/.exec(words)?.[0])).toEqual([
      'side',
      'Zelk can read',
      '8 to 30',
      '60 and 170',
      'letter',
    ]);
  });
});

describe('the date code', () => {
  const now = new Date('2026-03-14T00:00:00Z');
  const made = (text: string) => {
    const reading = parseDateCode(text, now);
    return reading.ok ? `${reading.made.week}/${reading.made.year}` : reading.problem;
  };
  it('is the last four figures of what is typed', () => {
    expect(made('DOT 4B9H XR12 2319')).toBe('23/2019');
    expect(made('DOT 4B9H XR12 2319  ')).toBe('23/2019');
    expect(made('2319 XR')).toBe('23/2019');
    expect(made('12 2319 XR')).toBe('not-a-code');
    expect(made('')).toBe('not-a-code');
    expect(made('12')).toBe('not-a-code');
  });
  it('is read as it is spoken too', () => {
    expect(made('week 11 2023')).toBe('11/2023');
    expect(made('Wk 5, 2019')).toBe('5/2019');
    expect(made('week 11 of 23')).toBe('11/2023');
    expect(made('week 54 2023')).toBe('no-such-week');
    expect(made('week 40 2026')).toBe('in-the-future');
    expect(dateCodeProblemMessage('three-figures')).toContain('Four figures are wanted');
  });
  it('may be of this very week, and no later', () => {
    // Week 11 of 2026 begins on 12 March by this count; week 12 on the 19th.
    expect(made('1126')).toBe('11/2026');
    expect(made('1226')).toBe('in-the-future');
    expect(parseDateCode('1226', new Date('2026-03-19T00:00:00Z')).ok).toBe(true);
  });
  it('gives an age that grows on the day of the month', () => {
    // Week 3 of 2020 begins on 15 January.
    expect(ageMonths({ week: 3, year: 2020 }, new Date('2020-03-14T00:00:00Z'))).toBe(1);
    expect(ageMonths({ week: 3, year: 2020 }, new Date('2020-03-15T00:00:00Z'))).toBe(2);
    expect(ageMonths({ week: 3, year: 2020 }, new Date('2021-01-16T00:00:00Z'))).toBe(12);
  });
  it('says of each slip what to look at', () => {
    expect(dateCodeProblemMessage('not-a-code')).toContain('last four figures');
    expect(dateCodeProblemMessage('no-such-week')).toContain('01 to 53');
    expect(dateCodeProblemMessage('in-the-future')).toContain('not come yet');
    expect(dateCodeProblemMessage('three-figures')).toContain('before 2000');
  });
});

describe('the law used', () => {
  it('is that of the country and the weight', () => {
    expect(usualLaw('GB', false)).toBe('uk-eu-car');
    expect(usualLaw('DE', false)).toBe('uk-eu-car');
    // Over 3.5 t: 1 mm in the United Kingdom (Construction and Use Regulations 1986, reg. 27(4)); the Union's directive ends there.
    expect(limitOf(usualLaw('GB', true), { position: 'fl' })).toBe(1);
    expect(usualLaw('DE', true)).toBe('house');
    expect(usualLaw('US', false)).toBe('us-car');
    expect(usualLaw('US', true)).toBe('us-heavy');
  });
  it('is not that of the Union where a country has its own, and says so where none is held', () => {
    const limits = (['AU', 'NZ', 'ZA', 'KE', 'CA', 'JP'] as const).map((country) => [
      usualLaw(country, false),
      limitOf(usualLaw(country, false), { position: 'rl' }),
    ]);
    expect(limits).toEqual([
      ['au', 1.5],
      ['nz', 1.5],
      ['za', 1],
      ['house', 1.6],
      ['house', 1.6],
      ['house', 1.6],
    ]);
    const at = (country: 'KE' | 'NZ' | 'GB') => ({ country, isHeavy: false, unit: 'mm' as const });
    expect(said(lawTold('house', undefined, at('KE')))).toBe(
      '1.6 mm, a house figure: the law of Kenya is not held here',
    );
    expect(said(lawTold('nz', undefined, at('NZ')))).toBe('1.5 mm in the principal grooves (New Zealand)');
    expect(said(lawTold('uk-eu-car', undefined, at('NZ')))).toMatch(
      /not the law of New Zealand, where the car is used$/,
    );
    expect(said(lawTold('uk-eu-car', undefined, at('KE')))).toMatch(/; the law of Kenya is not held here$/);
    expect(said(lawTold('own', 3, at('GB')))).toBe('3 mm, set for this car');
  });
  it('holds a tyre of no known place to the limit of the others', () => {
    expect(limitOf('us-heavy', {})).toBeCloseTo(1.5875);
    expect(limitOf('us-heavy', { position: 'fr' })).toBeCloseTo(3.175);
  });
});

describe('tyres that should match', () => {
  const a = { part: 'a', depthMm: 5, brand: 'Ortal', size: '225/45R17' };
  it('differ by brand or size only where both are known, and blanks and capitals are no difference', () => {
    expect(mismatches(a, { part: 'b', depthMm: 5 })).toEqual([]);
    expect(mismatches({ part: 'b', depthMm: 5 }, a)).toEqual([]);
    expect(mismatches(a, { ...a, part: 'b', size: ' 225 / 45  r17 ', brand: 'or TAL' })).toEqual([]);
    expect(mismatches({ ...a, size: ' 225 / 45  r17 ', brand: ' ORTAL' }, { ...a, part: 'b' })).toEqual([]);
  });
  it('are told with both sides, and from just over two millimetres apart', () => {
    expect(said(mismatches(a, { part: 'b', depthMm: 7, brand: 'Venn', size: '205/55R16' }))).toEqual([
      { parts: ['a', 'b'], what: 'brand', says: 'Ortal and Venn' },
      { parts: ['a', 'b'], what: 'size', says: '225/45R17 and 205/55R16' },
    ]);
    expect(said(mismatches(a, { part: 'b', depthMm: 7.1 }))).toEqual([
      { parts: ['a', 'b'], what: 'depth', says: '2.1 mm apart' },
    ]);
    expect(said(mismatches(a, { part: 'b', depthMm: 2 }, '32nds'))[0]?.says).toMatch(/32 in apart$/);
  });
  it('are no pairs where an axle has no wheel read', () => {
    expect(pairsToMatch([[a], []], true)).toEqual([]);
    expect(pairsToMatch([[], [a]], true)).toEqual([]);
    expect(pairsToMatch([], true)).toEqual([]);
  });
});
