/** What may be said of a car on a morning. */
export const starts = ['at-once', 'slowly', 'not'] as const;
export const levels = ['level', 'sunk'] as const;
export const unders = ['dry', 'drops'] as const;
export const lampStates = ['none', 'on'] as const;
export const tyreStates = ['hold', 'losing'] as const;
/** Where a car has sunk, or which tyre loses air: front or rear, left or right. */
export const corners = ['fl', 'fr', 'rl', 'rr'] as const;
export type Corner = (typeof corners)[number];
export const dropPlaces = ['front', 'middle', 'rear'] as const;
