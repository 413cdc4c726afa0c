import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cures, surenesses } from '../walk';
import { type Facts, factNames, holds } from './condition';
import type { Fault } from './fault';
import { houseRules, propose, rulesOf } from './propose';
import { cureRuleSchema, ruleWishesSchema } from './rule';

const faultWith = (facts: Facts, more: Partial<Fault> = {}): Fault => ({
  id: 'finding 1',
  where: 'Nearside front door',
  says: 'Something',
  facts,
  isSuspected: false,
  ...more,
});
const door: Facts = {
  partKind: 'door',
  material: 'steel',
  panel: 'painted',
  underFilm: 'no',
  place: 'middle',
};
const told = (facts: Facts) => {
  const [found] = propose([faultWith({ ...door, ...facts })]);
  return {
    works: found?.proposals.map(({ cure, sure }) => `${sure} ${cure}`),
    not: Object.fromEntries(found?.rejected.map(({ cure, because }) => [cure, because]) ?? []),
    of: (cure: string) => found?.proposals.find((each) => each.cure === cure),
  };
};

/** Right when and wrong when: common practice of the trade, figures of the house (docs/putting-right.md). */
describe('what would mend it', () => {
  it('a dent in metal is pressed back; not in plastic, not where the paint is broken, not over filler', () => {
    const dent = told({ kind: 'dent', lengthMm: 25 });
    expect(dent.works).toEqual(['will full-panel', 'should dent-removal']);
    expect(dent.of('dent-removal')?.provided).toEqual([
      'the paint is whole and no sharp crease runs through it',
    ]);
    expect(told({ kind: 'dent', paintBroken: 'yes' }).not['dent-removal']).toEqual([
      'the paint is broken there',
    ]);
    expect(told({ kind: 'dent', paintReads: 'far-thicker' }).not['dent-removal']).toEqual([
      'the panel reads like filler',
    ]);
    expect(told({ kind: 'dent', material: 'plastic', partKind: 'bumper' }).not['dent-removal']).toEqual([
      'only metal is pressed back',
      'there is no room behind',
    ]);
    expect(told({ kind: 'dent', material: 'aluminium' }).of('dent-removal')?.sure).toBe('may');
  });

  it('a scratch is polished where the nail glides, and only where there is paint enough', () => {
    const glides = told({ kind: 'scratch', nail: 'glides', severity: 'slight', lengthMm: 60, paintUm: 110 });
    expect(glides.works).toContain('will polish');
    expect(glides.not['touch-in']).toBeDefined();
    expect(told({ kind: 'scratch', nail: 'catches', lengthMm: 20 }).not.polish).toEqual([
      'the nail catches in it: it goes through the lacquer',
    ]);
    expect(told({ kind: 'scratch', nail: 'glides', paintUm: 75 }).not.polish).toEqual([
      'the paint reads 75 µm or less: too thin to take any off',
    ]);
    expect(told({ kind: 'scratch', nail: 'glides', paintUm: 76 }).not.polish).toBeUndefined();
    expect(told({ kind: 'swirls', finish: 'matt' }).not.polish).toEqual([
      'matt paint turns shiny where it is polished',
    ]);
    expect(told({ kind: 'swirls', underFilm: 'yes' }).not.polish).toBeDefined();
    // Nobody has tried with the nail: it is not said to be sure.
    expect(told({ kind: 'scratch', lengthMm: 60 }).of('polish')).toMatchObject({
      sure: 'should',
      provided: ['the nail glides over it'],
    });
  });

  it('a chip is touched in while it is small and they are few', () => {
    expect(told({ kind: 'stone-chip', lengthMm: 2, count: 3 }).of('touch-in')?.sure).toBe('should');
    expect(told({ kind: 'stone-chip', lengthMm: 6, count: 1 }).not['touch-in']).toEqual([
      'over 5 mm a touched-in spot shows',
    ]);
    expect(told({ kind: 'stone-chip', lengthMm: 2, count: 16 }).not['touch-in']).toEqual([
      'more than 15 on one panel',
    ]);
    expect(told({ kind: 'stone-chip', count: 2 }).of('touch-in')).toMatchObject({ sure: 'may' });
  });

  it('a local repair lies near an edge or low down, never on the bonnet or the roof', () => {
    const low = { kind: 'scuff', nail: 'catches', areaMm2: 2000, place: 'low' };
    expect(told(low).of('local-paint')?.sure).toBe('should');
    expect(told({ ...low, place: 'middle' }).not['local-paint']).toEqual([
      'in the middle of the panel the blend would show',
    ]);
    expect(told({ ...low, partKind: 'bonnet' }).not['local-paint']?.[0]).toContain('so large and flat');
    expect(told({ ...low, areaMm2: 30_001 }).not['local-paint']).toEqual([
      'over 300 cm² the whole panel is painted',
    ]);
  });

  it('peel is painted, never polished or touched in', () => {
    expect(told({ kind: 'peel' }).works).toEqual(['will full-panel']);
  });

  it('rust on the surface is stopped; what went through is cut out, and not painted over', () => {
    expect(told({ kind: 'rust', severity: 'slight' }).works).toContain('should treat-rust');
    const through = told({ kind: 'rust', severity: 'heavy', hole: 'yes' });
    expect(through.works).toEqual(['should repair-panel']);
    expect(through.not['full-panel']).toEqual(['there is a hole: the metal comes before the paint']);
  });

  it('a wheel is done by its finish; a bent one is judged first', () => {
    const wheel: Facts = { kind: 'kerbing', partKind: 'wheel', material: 'alloy', panel: 'other' };
    expect(told({ ...wheel, wheelFinish: 'painted', wheelWants: 'refinish' }).works).toEqual([
      'will wheel-refurbish',
    ]);
    expect(told({ ...wheel, wheelFinish: 'diamond-cut', wheelWants: 'refinish-or-replace' }).works).toEqual([
      'will replace',
      'should wheel-refurbish',
    ]);
    expect(told({ ...wheel, wheelFinish: 'chrome', wheelWants: 'replace' }).works).toEqual(['will replace']);
    expect(told({ ...wheel, wheelFinish: 'painted', wheelWants: 'check' }).works).toEqual([]);
    expect(told({ ...wheel, wheelFinish: 'painted', wheelWants: 'touch-in' }).works).toContain(
      'should touch-in',
    );
  });

  it('glass is filled or new, as its place and size decide', () => {
    const chip: Facts = { kind: 'glass-chip', partKind: 'windscreen', material: 'glass', panel: 'other' };
    expect(told({ ...chip, screenSays: 'resin' }).works).toEqual(['should glass-repair']);
    expect(told({ ...chip, screenSays: 'new-screen' }).works).toEqual(['will glass-replace']);
  });

  it('nothing is proposed where a qualified person must look first', () => {
    const lookFirst = 'Do not drive until a qualified person has checked it.';
    const [found] = propose([faultWith({ ...door, kind: 'dent' }, { lookFirst })]);
    expect(found).toMatchObject({ proposals: [], rejected: [], lookFirst });
  });

  it('a house switches rules off and adds its own, which is tried first', () => {
    const own = cureRuleSchema.parse({
      id: 'our-wet-sanding',
      cure: 'polish',
      for: [{ fact: 'kind', is: ['respray-sign'] }],
      says: 'we sand and polish it in our own booth',
      sure: 'will',
    });
    const rules = rulesOf({ off: ['paint-panel'], added: [own] });
    const [found] = propose([faultWith({ ...door, kind: 'respray-sign' })], rules);
    expect(found?.proposals.map(({ cure, rule }) => [cure, rule])).toEqual([['polish', 'our-wet-sanding']]);
  });

  it.each([
    [
      { id: 'X', cure: 'polish', for: [{ fact: 'kind', is: ['dent'] }], says: 'so', sure: 'will' },
      'small letters',
    ],
    [{ id: 'our-rule', cure: 'polish', for: [], says: 'because', sure: 'will' }, 'what the rule is for'],
    [
      { id: 'our-rule', cure: 'polish', for: [{ fact: 'kind', is: ['dent'] }], says: '', sure: 'will' },
      'few words',
    ],
  ])('%o is refused in words', (rule, says) => {
    const refused = ruleWishesSchema.safeParse({ added: [rule] });
    expect(refused.error?.issues.map(({ message }) => message).join()).toContain(says);
  });
});

describe('whatever is known', () => {
  const anyFacts = fc.record(
    Object.fromEntries(
      factNames.map((name) => [
        name,
        /Mm|Um|Mm2|count/.test(name)
          ? fc.integer({ min: 0, max: 3000 })
          : fc.constantFrom(
              ...new Set(
                houseRules.flatMap((rule) =>
                  [
                    rule.for,
                    ...[rule.provided, rule.never, rule.weaker].map((list) => list.map((each) => each.if)),
                  ]
                    .flat()
                    .flatMap((condition) =>
                      condition.fact !== name
                        ? []
                        : 'is' in condition
                          ? condition.is
                          : 'isNot' in condition
                            ? condition.isNot
                            : [],
                    ),
                ),
              ),
              'something else',
            ),
      ]),
    ),
    { requiredKeys: [] },
  );

  it('a cure is proposed or rejected, never both, each once, with its reason and its rule', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        const [found] = propose([faultWith(facts as Facts)]);
        const works = found?.proposals.map(({ cure }) => cure) ?? [];
        const not = found?.rejected.map(({ cure }) => cure) ?? [];
        expect(new Set(works).size).toBe(works.length);
        expect(works.filter((cure) => not.includes(cure))).toEqual([]);
        for (const { rule, why, sure } of found?.proposals ?? []) {
          expect(houseRules.map(({ id }) => id)).toContain(rule);
          expect(why[0]?.length).toBeGreaterThan(3);
          expect(surenesses).toContain(sure);
        }
        for (const { because, cure } of found?.rejected ?? []) {
          expect(because.length).toBeGreaterThan(0);
          expect(cures).toContain(cure);
        }
      }),
    );
  });

  it('knowing more never makes a cure surer than all it asks for being known', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        for (const { sure, rule } of propose([faultWith(facts as Facts)])[0]?.proposals ?? []) {
          const best = houseRules.find(({ id }) => id === rule)?.sure ?? 'will';
          expect(surenesses.indexOf(sure)).toBeGreaterThanOrEqual(surenesses.indexOf(best));
        }
      }),
    );
  });

  it('what nobody said is neither yes nor no', () => {
    for (const condition of houseRules.flatMap((rule) => rule.for))
      expect(holds(condition, {})).toBeUndefined();
  });

  it('names every rule once', () => {
    expect(new Set(houseRules.map(({ id }) => id)).size).toBe(houseRules.length);
  });
});
