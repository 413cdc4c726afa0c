export { nearestLeft } from './nearestLeft';
export { planRoute, rimOf, type Stop, standsAt } from './planRoute';
export {
  type Direction,
  directions,
  type LaterArea,
  orderRuleNames,
  orderRules,
  reminderPlaces,
  type StartCorner,
  startCorners,
} from './routeRule';
export { type RouteRule, routeRuleSchema, savedRouteSchema } from './routeRuleSchema';
export { schoolIds, schools, usualRoute } from './schools';
