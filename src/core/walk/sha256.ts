import { z } from 'zod';

/** Pictures and recordings are named by what is in them. */
export const sha256Schema = z
  .string()
  .regex(/^[0-9a-f]{64}$/, 'A photo or recording is named by its SHA-256: 64 lower-case hexadecimal digits.');
