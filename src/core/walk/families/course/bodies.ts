import { z } from 'zod';
import { bodyStyleIds, extraIds, outsideFaces } from '../../../car';
import { routeRuleSchema } from '../../../route';
import { cautionIds } from '../../cautions';
import { laps } from '../../choices';
import { dirtStates, lights, wetStates } from '../../conditions';
import { findingKindIds } from '../../findingKinds';
import { partId, uuid } from '../fields';
import { lookedFor, overSchema, sweepBodies } from './sweep';

/** The course of a walk: how it goes, and which parts were looked at. */
export const courseBodies = {
  'walk-begun': z.strictObject({
    carId: uuid,
    bodyStyle: z.enum(bodyStyleIds),
    extras: z.array(z.enum(extraIds)).max(extraIds.length).optional(),
  }),
  'route-chosen': z.strictObject({ rule: routeRuleSchema }),
  'lap-begun': z.strictObject({ lap: z.enum(laps) }),
  'conditions-noted': z.strictObject({
    /** Only for this side; for the whole car when left out. */
    side: z.enum(outsideFaces).optional(),
    light: z.enum(lights),
    wet: z.enum(wetStates),
    dirt: z.enum(dirtStates),
    place: z.string().trim().max(60, 'A place may hold 60 characters.').optional(),
  }),
  'caution-read': z.strictObject({ caution: z.enum(cautionIds) }),
  'stop-reached': z.strictObject({ part: partId }),
  'part-cleared': z.strictObject({
    part: partId,
    /** What was looked for there and is not there. */
    absent: lookedFor.optional(),
  }),
  /** Only this is not there, of whatever size or above one: says nothing of what else there may be. */
  'not-there-noted': z
    .strictObject({
      part: partId,
      /** Which faults; any at all when left out. */
      kinds: z
        .array(z.enum(findingKindIds))
        .min(1, 'Name what is not there.')
        .max(12, 'At most 12 at once.')
        .optional(),
      over: overSchema.optional(),
    })
    .refine(({ kinds, over }) => kinds !== undefined || over !== undefined, 'Say what is not there.'),
  'part-not-seen': z.strictObject({
    part: partId,
    why: z.string().trim().min(1, 'Say why it could not be seen.').max(200),
  }),
  ...sweepBodies,
} as const;
