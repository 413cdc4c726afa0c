import type { WalkerRoutes } from '#core/api';
import { type RouteRule, schoolIds, schools } from '#core/route';

/** A route one may walk: a ready one by its name, or one's own by its id. */
export interface RouteChoice {
  id: string;
  rule: RouteRule;
  isOwn: boolean;
}

/** Ready routes first, then one's own. */
export function routeChoices(routes: WalkerRoutes | undefined): RouteChoice[] {
  return [
    ...schoolIds.map((id) => ({ id, rule: schools[id], isOwn: false })),
    ...(routes?.saved ?? []).map(({ id, rule }) => ({ id, rule, isOwn: true })),
  ];
}

/** The route a person's walks begin with. */
export function preferredRule(routes: WalkerRoutes | undefined): RouteRule {
  const choice = routeChoices(routes).find(({ id }) => id === routes?.preferred);
  return choice?.rule ?? schools['nose-first'];
}
