import { z } from 'zod';
import { isDay } from './calendar';

export const daySchema = z.string().refine(isDay, 'A day must exist and be written like 2023-04-17.');
