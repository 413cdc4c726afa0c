import { type Cure, type Sureness, surenesses } from '../walk';
import { type Condition, type Facts, holds } from './condition';
import type { Fault } from './fault';
import { type CureRule, cureRuleSchema, type RuleWishes, type WrittenRule } from './rule';
import { glassRules } from './rules/glassRules';
import { insideRules } from './rules/insideRules';
import { otherRules } from './rules/otherRules';
import { paintRules } from './rules/paintRules';
import { wheelRules } from './rules/wheelRules';

/** A cure that would work. */
export interface Proposal {
  cure: Cure;
  sure: Sureness;
  rule: string;
  /** Why it works, and what speaks for it. */
  why: readonly string[];
  /** What nobody has said or measured, and it rests on. */
  provided: readonly string[];
  /** What makes it less sure. */
  weaker: readonly string[];
}

/** A cure that comes to mind for such a fault, and would not work. */
export interface Rejected {
  cure: Cure;
  rule: string;
  because: readonly string[];
}

export interface Proposed {
  fault: Fault;
  /** The surest first; of equally sure ones in the order of the rules, the gentlest first. */
  proposals: readonly Proposal[];
  rejected: readonly Rejected[];
  /** A qualified person looks first, and nothing is proposed: why. */
  lookFirst?: string;
}

/** Zelk's own rules, in the order they are tried: the gentlest cure first. */
export const houseRules: readonly CureRule[] = (
  [...paintRules, ...glassRules, ...wheelRules, ...insideRules, ...otherRules] as WrittenRule[]
).map((rule) => cureRuleSchema.parse(rule));

/** The rules of a house: Zelk's without those switched off, and its own before them. */
export const rulesOf = ({ off, added }: RuleWishes): readonly CureRule[] => [
  ...added,
  ...houseRules.filter(({ id }) => !off.includes(id)),
];

/** What would mend each fault, how sure, why; and what would not. Nothing is proposed where a qualified person must look first. */
export function propose(faults: readonly Fault[], rules: readonly CureRule[] = houseRules): Proposed[] {
  return faults.map((fault) => proposeFor(fault, rules));
}

function proposeFor(fault: Fault, rules: readonly CureRule[]): Proposed {
  if (fault.lookFirst) return { fault, proposals: [], rejected: [], lookFirst: fault.lookFirst };
  const proposals: Proposal[] = [];
  const rejected: Rejected[] = [];
  for (const rule of rules) {
    if (!rule.for.every((condition) => holds(condition, fault.facts) === true)) continue;
    const found = tryRule(rule, fault.facts);
    if ('because' in found) rejected.push(found);
    else proposals.push(found);
  }
  const works = new Set(proposals.map(({ cure }) => cure));
  return {
    fault,
    proposals: withSaid(fault, bestOfEach(proposals), rejected),
    // Another rule may have found a way for the same cure.
    rejected: rejected.filter(
      ({ cure }) => !works.has(cure) && !fault.said?.some((said) => said.cure === cure),
    ),
  };
}

/** What the walk said would mend it goes before the rules; what they have against it stands beside it. */
function withSaid(
  { said = [] }: Fault,
  ruled: readonly Proposal[],
  rejected: readonly Rejected[],
): readonly Proposal[] {
  const own = said.map(({ cure, sure }): Proposal => {
    const rule = ruled.find((each) => each.cure === cure);
    const against = rejected.find((each) => each.cure === cure)?.because ?? [];
    return {
      cure,
      sure: sure ?? rule?.sure ?? 'should',
      rule: rule?.rule ?? 'said',
      why: [SAID, ...(rule?.why ?? [])],
      provided: rule?.provided ?? [],
      weaker: rule?.weaker ?? against,
    };
  });
  return [...own, ...ruled.filter(({ cure }) => !own.some((each) => each.cure === cure))];
}

const SAID = 'said on the walk';

function tryRule(
  { id, cure, says, sure, provided, weaker, never }: CureRule,
  facts: Facts,
): Proposal | Rejected {
  const is = (condition: Condition) => holds(condition, facts);
  const because = [
    ...never.flatMap((each) => (is(each.if) === true ? [each.says] : [])),
    ...provided.flatMap((each) => (is(each.if) === false ? [each.otherwise] : [])),
  ];
  if (because.length > 0) return { cure, rule: id, because };
  const unknown = provided.filter((each) => is(each.if) === undefined).map((each) => each.says);
  const met = provided.filter((each) => is(each.if) === true).map((each) => each.says);
  const less = weaker.flatMap((each) => (is(each.if) === true ? [each.says] : []));
  const steps = surenesses.indexOf(sure) + Math.min(1, unknown.length) + less.length;
  return {
    cure,
    sure: surenesses[Math.min(steps, surenesses.length - 1)] as Sureness,
    rule: id,
    why: [says, ...met],
    provided: unknown,
    weaker: less,
  };
}

/** One proposal for each cure, the surest; sorted by sureness, the order of the rules kept otherwise. */
function bestOfEach(all: readonly Proposal[]): Proposal[] {
  const rank = ({ sure }: Proposal) => surenesses.indexOf(sure);
  const best = new Map<Cure, Proposal>();
  for (const each of all) {
    const before = best.get(each.cure);
    if (!before || rank(each) < rank(before)) best.set(each.cure, each);
  }
  return [...best.values()].sort((a, b) => rank(a) - rank(b));
}
