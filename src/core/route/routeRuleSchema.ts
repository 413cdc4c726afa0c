import { z } from 'zod';
import { directions, laterAreas, orderRules, reminderPlaces, startCorners } from './routeRule';

export const routeRuleSchema = z.strictObject({
  name: z.string().trim().min(1, 'Give the route a name.').max(60, 'A name may hold 60 characters.'),
  start: z.enum(startCorners, 'Choose a corner to start at.'),
  direction: z.enum(directions, 'Choose a direction.'),
  order: z.enum(orderRules, 'Choose an order.'),
  /** Each area once, first to last. */
  later: z
    .array(z.enum(laterAreas))
    .length(laterAreas.length, 'Name every area once.')
    .refine((areas) => new Set(areas).size === areas.length, 'Name every area once.'),
  /** The boot or bed is looked at while standing at the tail. */
  bootAtTail: z.boolean(),
  /** The inside of each door, with its seat, is looked at as the door is passed. */
  insideAsPassed: z.boolean().optional(),
  /** Extra stops: something of one's own to do where an area begins. */
  reminders: z
    .array(
      z.strictObject({
        at: z.enum(reminderPlaces),
        words: z.string().trim().min(1, 'Say what to do.').max(120, 'A stop may hold 120 characters.'),
      }),
    )
    .max(20, 'A route may have 20 extra stops.'),
});

/** How a person walks round a car: where it starts, which way round, in which order, and what comes last. */
export type RouteRule = z.output<typeof routeRuleSchema>;

/** A route a person keeps under an id of its own. */
export const savedRouteSchema = z.strictObject({ id: z.uuid(), rule: routeRuleSchema });
