import type { RouteRule } from './routeRuleSchema';

/** The usual ways of walking round a car, ready to use. Common practice; every one of them can be copied and changed. */
export const schools = {
  'nose-first': {
    name: 'Nose first',
    start: 'fr',
    direction: 'anticlockwise',
    order: 'wheel-as-met',
    later: ['top', 'boot', 'cabin', 'engine', 'under'],
    bootAtTail: true,
    reminders: [],
  },
  'panel-run': {
    name: 'Panel run, then wheels',
    start: 'fl',
    direction: 'anticlockwise',
    order: 'panels-then-wheels',
    later: ['top', 'boot', 'cabin', 'engine', 'under'],
    bootAtTail: true,
    reminders: [],
  },
  'corner-by-corner': {
    name: 'Corner by corner',
    start: 'fl',
    direction: 'anticlockwise',
    order: 'wheel-as-met',
    later: ['top', 'cabin', 'engine', 'under', 'boot'],
    bootAtTail: true,
    reminders: [],
  },
  'door-by-door': {
    name: 'Door by door, inside and out',
    start: 'fl',
    direction: 'anticlockwise',
    order: 'wheel-as-met',
    later: ['top', 'cabin', 'engine', 'under', 'boot'],
    bootAtTail: true,
    insideAsPassed: true,
    reminders: [],
  },
  'low-then-high': {
    name: 'Low, then high',
    start: 'fl',
    direction: 'anticlockwise',
    order: 'low-then-high',
    later: ['under', 'top', 'engine', 'boot', 'cabin'],
    bootAtTail: true,
    reminders: [
      { at: 'left', words: 'Sight down the side from the corner.' },
      { at: 'right', words: 'Sight down the side from the corner.' },
    ],
  },
  'by-area-with-tape': {
    name: 'By area with tape',
    start: 'fl',
    direction: 'clockwise',
    order: 'by-area',
    later: ['top', 'engine', 'boot', 'cabin', 'under'],
    bootAtTail: false,
    reminders: [{ at: 'front', words: 'Stick a strip of tape beside every fault before you take photos.' }],
  },
} as const satisfies Record<string, RouteRule>;

export type SchoolId = keyof typeof schools;
export const schoolIds = Object.keys(schools) as [SchoolId, ...SchoolId[]];

/** The route of a walk for which none was chosen. */
export const usualRoute: RouteRule = schools['nose-first'];
