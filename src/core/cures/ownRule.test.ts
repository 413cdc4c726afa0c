import { describe, expect, it } from 'vitest';
import type { Fault } from './fault';
import { kindsOfRule, ownRule, ownRuleSchema } from './ownRule';
import { houseRules, propose, rulesOf } from './propose';

const mine = ownRuleSchema.parse({
  cure: 'touch-in',
  kinds: ['scuff'],
  severities: ['slight'],
  sure: 'may',
  why: 'our painter fills short scuffs',
  longestMm: 40,
});
const scuff = (facts: Fault['facts']): Fault => ({
  id: 'finding 1',
  where: 'Bonnet',
  says: 'Scuff',
  facts: { kind: 'scuff', ...facts },
  isSuspected: false,
});
const proposed = (facts: Fault['facts']) => {
  const [found] = propose([scuff(facts)], rulesOf({ off: [], added: [ownRule(mine, [])] }));
  return found?.proposals.filter(({ rule }) => rule === 'own-touch-in') ?? [];
};

describe('a rule of one’s own', () => {
  it('proposes its cure where it is for it, with its own reason and sureness', () => {
    expect(proposed({ severity: 'slight', lengthMm: 30 })).toEqual([
      expect.objectContaining({ cure: 'touch-in', sure: 'may', why: ['our painter fills short scuffs'] }),
    ]);
  });

  it('says nothing of what it is not for, is too long, or nobody said how bad it is', () => {
    expect(proposed({ severity: 'plain', lengthMm: 30 })).toEqual([]);
    expect(proposed({ severity: 'slight', lengthMm: 41 })).toEqual([]);
    expect(proposed({})).toEqual([]);
  });

  it('has a name no other rule has', () => {
    const taken = houseRules.map(({ id }) => id);
    const first = ownRule(mine, taken);
    const second = ownRule(mine, [...taken, first.id]);
    expect([first.id, second.id]).toEqual(['own-touch-in', 'own-touch-in-2']);
  });

  it('is refused without a kind, without a reason, and with a length that is none', () => {
    for (const wrong of [{ kinds: [] }, { why: ' ' }, { longestMm: -3 }, { longestMm: Number.NaN }])
      expect(ownRuleSchema.safeParse({ ...mine, ...wrong }).success).toBe(false);
  });
});

it('every rule of the house tells what it is for, by kinds or by another fact', () => {
  for (const rule of houseRules) expect(rule.for.length, rule.id).toBeGreaterThan(0);
  const polish = houseRules.find(({ id }) => id === 'polish-line');
  expect(polish && kindsOfRule(polish)).toEqual(['Scratch', 'Scuff']);
});
