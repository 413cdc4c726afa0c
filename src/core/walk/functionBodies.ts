import { z } from 'zod';
import { functionGroupIds, functionIds } from '../functions';

/** How a function was found. "Not tried" says why. */
export const functionStates = ['works', 'faulty', 'not-fitted', 'not-tried'] as const;
export type FunctionState = (typeof functionStates)[number];
export const functionStateWords: Record<FunctionState, string> = {
  works: 'works',
  faulty: 'faulty',
  'not-fitted': 'not fitted',
  'not-tried': 'not tried',
};

/** An item of the catalogue, or one a person added by name. */
const anyFunction = z.union([
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
} as const;
