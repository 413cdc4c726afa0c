import { z } from 'zod';

const share = z.number().min(0, 'A spot lies between 0 and 1.').max(1, 'A spot lies between 0 and 1.');

/** A place in a part's own outline: u from front or left to rear or right, v from top to bottom. */
export const spotSchema = z.strictObject({ u: share, v: share });
export type Spot = z.output<typeof spotSchema>;
