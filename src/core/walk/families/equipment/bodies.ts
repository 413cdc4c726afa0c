import { z } from 'zod';
import { equipmentIds } from '../../../equipment';
import { functionIds } from '../../../functions';

/** Of the list of equipment, a function that can be tried, or a thing named by hand. */
export const anyEquipment = z.union([
  z.enum(equipmentIds),
  z.enum(functionIds),
  z.uuid('Equipment is of the list, or has a UUID.'),
]);

/** "Fitted and tried" is no answer here: it follows from the functions, so that there is one truth. */
export const equipmentStandings = ['fitted', 'said', 'absent'] as const;
export type EquipmentStanding = (typeof equipmentStandings)[number];

export const equipmentBodies = {
  /** Null takes it off the list. */
  'equipment-noted': z.strictObject({
    item: anyEquipment,
    name: z.string().trim().min(1, 'Type a name.').max(60, 'A name may hold 60 characters.').optional(),
    standing: z.enum(equipmentStandings).nullable(),
  }),
} as const;
