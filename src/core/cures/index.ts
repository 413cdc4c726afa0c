export type { Facts } from './condition';
export { cureCaution } from './cureCautions';
export type { Fault } from './fault';
export { faultsOf, walkOrder } from './faultsOf';
export { kindsOfRule, ownRule, ownRuleSchema } from './ownRule';
export { houseRules, type Proposal, type Proposed, propose, rulesOf } from './propose';
export { type CureRule, type RuleWishes, ruleWishesSchema } from './rule';
