import { z } from 'zod';
import { uuid } from '../fields';

export const undoBodies = {
  undone: z.strictObject({ entry: uuid }),
} as const;
