// Without shapes: the stock list is on a phone's first screen, which builds none.
import type { CarSummary } from './shapes';

/** How far a car of the yard has come: not walked yet, walked without a signed report, or reported. Of its newest walk. */
export const standings = ['to-walk', 'in-hand', 'reported'] as const;
export type Standing = (typeof standings)[number];

/** Orders of the stock list: the newest first, or those that have stood longest. */
export const stockOrders = ['newest', 'oldest'] as const;
export type StockOrder = (typeof stockOrders)[number];

/** The standing of a car with this newest walk. */
export const standingOf = ({ walk }: CarSummary): Standing =>
  walk ? (walk.revision === undefined ? 'in-hand' : 'reported') : 'to-walk';
