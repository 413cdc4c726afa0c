export { nearestLeft } from './nearestLeft';
export { planRoute, rimOf, type Stop, standsAt } from './planRoute';
export {
  type Direction,
  directions,
  type LaterArea,
  orderRuleNames,
  orderRules,
  type RouteRule,
  reminderPlaces,
  routeRuleSchema,
  type StartCorner,
  savedRouteSchema,
  startCorners,
} from './routeRule';
export { schoolIds, schools, usualRoute } from './schools';
