import { z } from 'zod';
import type { ShareWish } from '../store/shareStore';

/** What is asked of a new link. */
export const shareBody = z.object({
  label: z.string().trim().max(80, 'At most 80 characters.').default(''),
  /** For so many days; for ever when left out. */
  days: z.int().min(1, 'At least a day.').max(3650, 'At most ten years.').optional(),
  passphrase: z
    .string()
    .trim()
    .min(6, 'A passphrase has at least 6 characters.')
    .max(200, 'At most 200 characters.')
    .optional(),
});
const DAY_MS = 86_400_000;

/** The same with its days counted from now. */
export const shareWish = ({ label, days, passphrase }: z.output<typeof shareBody>, now: Date): ShareWish => ({
  label,
  ...(days !== undefined && { expiresAt: new Date(now.getTime() + days * DAY_MS).toISOString() }),
  ...(passphrase && { passphrase }),
});
