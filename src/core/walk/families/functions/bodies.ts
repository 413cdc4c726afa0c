import { z } from 'zod';
import { functionGroupIds, functionIds, warningLampIds } from '../../../functions';
import { sha256Schema } from '../../sha256';
import { functionStates, LONGEST_RECORDING_S, recordingKinds } from './functionStates';

/** An item of the catalogue, or one a person added by name. */
export const anyFunction = z.union([
  z.enum(functionIds),
  z.uuid('A function is one of the catalogue, or has a UUID.'),
]);

export const functionBodies = {
  /** One function, or a whole group at once. */
  'functions-tried': z
    .strictObject({
      functions: z.array(anyFunction).min(1, 'Name at least one function.').max(200),
      state: z.enum(functionStates),
      /** What happens when it is faulty; why it was not tried. */
      says: z.string().trim().max(300, 'What happens may be told in 300 characters.').optional(),
      /** Put down from the mornings the car stood: they are not counted once more. */
      from: z.literal('mornings').optional(),
    })
    .refine(({ state, says }) => state !== 'not-tried' || Boolean(says), 'Say why it was not tried.'),
  /** The car has it too: from the catalogue, or by a name of one's own. */
  'function-added': z.strictObject({
    function: anyFunction,
    name: z.string().trim().min(1, 'Type a name.').max(60, 'A name may hold 60 characters.').optional(),
    group: z.enum(functionGroupIds),
  }),
  /** A test that needs time was begun: from this entry's own time on. */
  'timer-begun': z.strictObject({ function: z.enum(functionIds) }),
  /** Warning lamps that stay on with the engine running; none is an answer. */
  'lamps-noted': z.strictObject({ on: z.array(z.enum(warningLampIds)).max(warningLampIds.length) }),
  /** Before a drive: who drives, and that they may. Distance when it is done. */
  'drive-noted': z.strictObject({
    driver: z.string().trim().min(1, 'Say who drives.').max(60, 'A name may hold 60 characters.'),
    /** Licensed, insured, with trade cover: nobody drives without. */
    coverConfirmed: z.literal(true, 'Confirm licence, insurance and trade cover before a drive.'),
    distance: z
      .number()
      .positive('A drive is longer than 0.')
      .max(200, 'A short drive is at most 200: check the distance.')
      .optional(),
    unit: z.enum(['mi', 'km']).optional(),
    says: z.string().trim().max(300, 'A note may hold 300 characters.').optional(),
  }),
  /** A sound or a short video of how a function behaves. */
  'recording-attached': z.strictObject({
    recording: sha256Schema,
    of: z.enum(recordingKinds),
    function: anyFunction,
    /** As the player tells it. */
    seconds: z
      .number()
      .positive('It has no length.')
      .max(LONGEST_RECORDING_S + 1, `At most ${LONGEST_RECORDING_S} seconds.`),
    says: z.string().trim().max(200, 'A note may hold 200 characters.').optional(),
  }),
  'recording-set-aside': z.strictObject({ recording: sha256Schema }),
} as const;
