import { z } from 'zod';
import { notableMaterials } from '../../notableMaterials';
import { partId } from '../fields';
import { filmCovers } from './filmCovers';

/** What this car is made of and covered with, where it is not what such cars are. */
export const buildBodies = {
  /** Null: as such cars are. */
  'material-noted': z.strictObject({ part: partId, material: z.enum(notableMaterials).nullable() }),
  'film-noted': z.strictObject({
    part: partId,
    cover: z.enum(filmCovers),
    /** Where it is cut short. */
    where: z.string().trim().min(1).max(100, 'A place may hold 100 characters.').optional(),
  }),
} as const;
