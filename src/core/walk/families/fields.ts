import { z } from 'zod';

/** What bodies of many families hold. */
export const uuid = z.uuid('An id must be a UUID.');
export const partId = z.string().min(1).max(40);
export const note = z.string().max(2000, 'A note may hold 2,000 characters.');
