import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import { morningLookSchema } from './look';
import { lookIssue } from './lookIssue';
import { answeredByMornings, overnightLooks } from './overnight';
import { ownDayOf } from './ownDay';
import { type Looked, stoodOf as stoodBy } from './stood';
import { probabilityAtMost, slopeOf } from './trend';

// As it is told in English.
const stoodOf = (...given: Parameters<typeof stoodBy>) => said(stoodBy(...given));

const dayOf = (n: number) => new Date(Date.UTC(2026, 2, n)).toISOString();
const look = (n: number, more: Partial<Looked> = {}): Looked => ({
  at: dayOf(n),
  day: dayOf(n).slice(0, 10),
  ...more,
});
const fine = { start: 'at-once', level: 'level', under: 'dry' } as const;

describe('what the mornings come to', () => {
  it('is one sentence with days, looks and what was seen', () => {
    const days = [1, 2, 3, 4, 5, 8, 9, 10, 11, 12, 14];
    expect(stoodOf(days.map((n) => look(n, fine)))?.says).toBe(
      'stood 14 days, looked at on 11 mornings: started at once every time, never sank, no drops under it',
    );
  });

  it('says nothing of what nobody looked at, and on how many it was', () => {
    const looks = [
      look(1, { start: 'at-once' }),
      look(2, { start: 'at-once', level: 'level' }),
      look(4, { under: 'dry' }),
    ];
    expect(stoodOf(looks)?.says).toBe(
      'stood 4 days, looked at on 3 mornings: started at once on the 2 mornings it was tried, stood level on the one morning this was looked at, no drops under it on the one morning this was looked at',
    );
    expect(stoodOf([look(1, { volts: 12.6 })])).toMatchObject({
      says: 'looked at on one morning',
      volts: 'battery at rest 12.6 V, read once',
    });
    expect(stoodOf([])).toBeUndefined();
  });

  it('does not say that it stood where nobody looked for more than a fortnight', () => {
    expect(stoodOf([look(1, fine), look(15, fine)])?.says).toContain('stood 15 days');
    expect(stoodOf([look(1, fine), look(16, fine)])?.says).toBe(
      'looked at on 2 mornings between 1 March 2026 and 16 March 2026: started at once every time, never sank, no drops under it',
    );
  });

  it('lets the worst of a morning count, and never says fine of what was not', () => {
    const looks = [look(1, fine), look(2, { level: 'sunk' }), look(2, { level: 'level' })];
    expect(stoodOf(looks)?.says).toContain('had sunk on 1 of 2 mornings');
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            n: fc.integer({ min: 1, max: 20 }),
            start: fc.constantFrom('at-once' as const, 'slowly' as const, 'not' as const, undefined),
            under: fc.constantFrom('dry' as const, 'drops' as const, undefined),
          }),
          { minLength: 1 },
        ),
        (mornings) => {
          const says = stoodOf(mornings.map(({ n, ...rest }) => look(n, rest)))?.says ?? '';
          const badStart = mornings.some(({ start }) => start && start !== 'at-once');
          const badUnder = mornings.some(({ under }) => under === 'drops');
          const saysFine = /(?<!did not start at once.*)started at once/.test(says);
          return !(badStart && saysFine) && !(badUnder && says.includes('no drops'));
        },
      ),
    );
  });

  it('is the same in whatever order the looks came', () => {
    const looks = [look(3, { start: 'slowly' }), look(1, fine), look(2, { volts: 12.5 })];
    expect(stoodOf(looks.toReversed())).toEqual(stoodOf(looks));
  });
});

describe('what repeats', () => {
  it('is to be confirmed once it is met twice in the last five', () => {
    const once = [1, 2, 3, 4].map((n) => look(n, fine)).concat(look(5, { level: 'sunk' }));
    expect(stoodOf(once)?.trends).toEqual([]);
    const twice = [...once, look(6, { level: 'sunk', sunkAt: ['rl'] })];
    expect(stoodOf(twice)?.trends).toEqual([
      {
        id: 'sinks',
        says: 'had sunk on 2 of the last 5 mornings',
        becomes: { function: 'suspension-overnight' },
      },
    ]);
  });

  it('finds slow starts, no start, drops, a tyre and a lamp', () => {
    const of = (...looks: Looked[]) => stoodOf(looks)?.trends.map(({ id }) => id);
    expect(of(look(1, { start: 'slowly' }), look(2, { start: 'slowly' }))).toEqual(['slow-start']);
    expect(of(look(1, { start: 'at-once' }), look(2, { start: 'not' }))).toEqual(['no-start']);
    expect(of(look(1, { under: 'drops' }), look(2, { under: 'drops', dropsAt: 'rear' }))).toEqual(['drops']);
    expect(
      of(look(1, { tyres: 'losing', losing: ['rr'] }), look(2, { tyres: 'losing', losing: ['rr'] })),
    ).toEqual(['loses-air']);
    expect(of(look(1, { lamps: 'on' }), look(2, { lamps: 'on' }))).toEqual(['lamp']);
  });

  it('finds a battery that falls, not one that goes up and down', () => {
    const volts = (...read: number[]) => stoodOf(read.map((value, i) => look(1 + 2 * i, { volts: value })));
    expect(volts(12.7, 12.6, 12.6, 12.5, 12.4, 12.2)?.trends).toMatchObject([
      { id: 'falling-volts', says: 'battery falls by about 0.3 V a week, over 6 readings' },
    ]);
    expect(volts(12.6, 12.4, 12.6, 12.5, 12.6)?.trends).toEqual([]);
    expect(volts(12.7, 12.6, 12.5, 12.4)?.trends).toEqual([]);
  });

  it('by probabilities of Kendall’s tables', () => {
    // Gilbert, Statistical Methods for Environmental Pollution Monitoring (1987), table A18, upper tails of S, from memory: n = 4, S = 6: 0.042; n = 5, S = 8: 0.042, S = 10: 0.0083; n = 8, S = 16: 0.031; n = 6, S = 11: 0.028.
    for (const [count, s, p] of [
      [4, 6, 0.042],
      [5, 8, 0.042],
      [5, 10, 0.0083],
      [6, 11, 0.028],
      [8, 16, 0.031],
    ] as const)
      expect(probabilityAtMost(-s, count)).toBeCloseTo(p, 3);
    expect(probabilityAtMost(10, 5)).toBeCloseTo(1, 9);
  });

  it('with the median slope of all pairs', () => {
    // By hand: slopes of (0, 1), (1, 3), (3, 4), (4, 9) are 2, 1, 2, 0.5, 2, 5; their median is 2.
    const points = [
      { day: 0, value: 1 },
      { day: 1, value: 3 },
      { day: 3, value: 4 },
      { day: 4, value: 9 },
    ];
    expect(slopeOf(points)?.perDay).toBe(2);
    expect(slopeOf(points.slice(0, 2))).toBeUndefined();
  });
});

describe('a look', () => {
  const base = { id: '0c8f2a52-7d10-4c7b-9b6e-3a51d90e0101', car: '0c8f2a52-7d10-4c7b-9b6e-3a51d90e0102' };
  it('that says nothing is refused in words', () => {
    const read = morningLookSchema.safeParse({ ...base, at: dayOf(1), day: '2026-03-01' });
    expect(read.error?.issues[0]?.message).toContain('Say at least one thing');
  });

  it('of a clock that is wrong is refused, by what is wrong with it', () => {
    const made = { at: dayOf(10), day: '2026-03-10' };
    expect(lookIssue(made, { now: dayOf(10) })).toBeUndefined();
    expect(lookIssue(made, { now: dayOf(9) })).toEqual({ code: 'clock-ahead' });
    expect(lookIssue({ at: dayOf(10), day: '2026-03-20' }, { now: dayOf(21) })).toEqual({
      code: 'clock-ahead',
    });
    expect(lookIssue(made, { now: dayOf(10), last: dayOf(12) })).toMatchObject({ code: 'clock-back' });
    expect(lookIssue(made, { now: dayOf(10), came: dayOf(12) })).toMatchObject({ code: 'before-car' });
  });
});

describe('tests over night that the mornings answer', () => {
  it('are those that were as they should be on at least three mornings, never fewer and never with one that was not', () => {
    const looks = [1, 2, 3].map((n) => look(n, fine));
    expect(answeredByMornings(looks)).toEqual([
      { function: 'battery-overnight', says: 'started at once on 3 mornings' },
      { function: 'suspension-overnight', says: 'stood level on 3 mornings' },
    ]);
    expect(answeredByMornings(looks.slice(1))).toEqual([]);
    expect(answeredByMornings([...looks, look(4, { level: 'sunk' })]).map(({ function: id }) => id)).toEqual([
      'battery-overnight',
    ]);
  });
});

describe('the day of a test over night', () => {
  const inZone = (hours: number, day: number, hour: number): Looked => {
    const at = new Date(Date.UTC(2026, 2, day, hour - hours)).toISOString();
    return { at, day: `2026-03-${String(day).padStart(2, '0')}`, start: 'at-once' };
  };
  const held = (at: string) => ({
    tried: new Map([['battery-overnight', { state: 'works', at }]]) as unknown as Parameters<
      typeof overnightLooks
    >[0]['tried'],
  });

  it('is that of the yard’s diary: a look and a test of one morning are one morning, wherever the yard is', () => {
    for (const hours of [-8, -5, 0, 1, 8, 9.5, 10, 12, 13]) {
      const diary = [2, 3, 5].map((day) => inZone(hours, day, 8));
      const test = inZone(hours, 5, 9).at;
      const stood = stoodOf([...diary, ...overnightLooks(held(test), diary)]);
      expect([hours, stood?.mornings, stood?.to]).toEqual([hours, 3, '2026-03-05']);
    }
  });

  it('lies in every look’s own day, at any hour of any zone', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -11, max: 13 }),
        fc.array(fc.tuple(fc.integer({ min: 1, max: 28 }), fc.integer({ min: 0, max: 23 })), {
          minLength: 1,
        }),
        (hours, when) => {
          const looks = when.map(([day, hour]) => inZone(hours, day, hour));
          const dayHere = ownDayOf(looks);
          for (const { at, day } of looks) expect(dayHere(at)).toBe(day);
        },
      ),
    );
  });

  it('is that of Greenwich where nothing is known, or looks contradict each other', () => {
    expect(ownDayOf([])('2026-03-05T22:30:00.000Z')).toBe('2026-03-05');
    const torn = [inZone(13, 2, 1), inZone(-11, 3, 23)];
    expect(ownDayOf(torn)('2026-03-05T22:30:00.000Z')).toBe('2026-03-05');
  });
});
