export { type Condition, conditionSchema, type FactName, type Facts, factNames, holds } from './condition';
export { cureCaution } from './cureCautions';
export type { Fault } from './fault';
export { faultsOf, walkOrder } from './faultsOf';
export { houseRules, type Proposal, type Proposed, propose, type Rejected, rulesOf } from './propose';
export { type CureRule, cureRuleSchema, type RuleWishes, ruleWishesSchema } from './rule';
