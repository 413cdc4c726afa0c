import { z } from 'zod';

export const odometerBodies = {
  'odometer-read': z.strictObject({ value: z.int().min(0).max(2_000_000), unit: z.enum(['mi', 'km']) }),
} as const;
