export { nearestLeft } from './nearestLeft';
export { planRoute, rimOf, type Stop, standsAt } from './planRoute';
export {
  type Direction,
  directions,
  type LaterArea,
  laterAreas,
  type OrderRule,
  orderRuleNames,
  orderRules,
  type RouteRule,
  reminderPlaces,
  routeRuleSchema,
  type SavedRoute,
  type StartCorner,
  savedRouteSchema,
  startCorners,
} from './routeRule';
export { type SchoolId, schoolIds, schools, usualRoute } from './schools';
