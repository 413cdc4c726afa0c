export { asLp, jobsIn, worthOf } from './asLp';
export { type CurvePoint, curveModels, leftOfPlan } from './curve';
export { expected, type Job, type PaidOnce, type PriceLine, type Range } from './job';
export { type JobChoice, type JobInputs, jobsOf } from './jobsOf';
export { modelOf, type Pins, type PlanModel, planModelSchema } from './model';
export { modelFor, type Plan, type PlanWish, planOf, planWishSchema, type StaysBecause } from './plan';
export { type Prices, pricesSchema, type SizeClass, sizeClasses, usualPrices, type Work } from './prices';
export { asksFor, type Standard, standardNames, standards } from './standards';
export { type Trade, tradeIds, tradeNames } from './trades';
