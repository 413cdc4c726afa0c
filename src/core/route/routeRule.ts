/** Corner of the car where the walk starts: front or rear, car's left or right. */
export const startCorners = ['fl', 'fr', 'rl', 'rr'] as const;
export type StartCorner = (typeof startCorners)[number];

/** Seen from above. */
export const directions = ['clockwise', 'anticlockwise'] as const;
export type Direction = (typeof directions)[number];

export const orderRules = ['wheel-as-met', 'panels-then-wheels', 'low-then-high', 'by-area'] as const;
export type OrderRule = (typeof orderRules)[number];

/** What is walked after the loop round the outside. */
export const laterAreas = ['top', 'boot', 'cabin', 'engine', 'under'] as const;
export type LaterArea = (typeof laterAreas)[number];

/** Where something extra may be done. */
export const reminderPlaces = ['front', 'left', 'rear', 'right', ...laterAreas] as const;

export const orderRuleNames: Record<OrderRule, { name: string; hint: string }> = {
  'wheel-as-met': { name: 'Wheel as met', hint: 'each wheel when you come to it' },
  'panels-then-wheels': {
    name: 'Panels, then wheels',
    hint: 'down a side all panels, back along it for the wheels',
  },
  'low-then-high': { name: 'Low, then high', hint: 'one loop crouching, one loop standing' },
  'by-area': { name: 'By area', hint: 'all panels area by area, then one loop of the wheels' },
};
