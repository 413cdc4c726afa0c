import { z } from 'zod';
import { sha256Schema } from '../walk';

const line = (most: number) => z.string().trim().max(most, `At most ${most} characters.`);

/** A colour as #rrggbb. */
export const colourSchema = z.string().regex(/^#[0-9a-f]{6}$/, 'A colour is written like #0b4a5c.');

/** Who stands behind a report, as its readers see it. Reports keep it as it was when they were frozen. */
export const yardSchema = z.strictObject({
  name: line(80).min(1, 'Type the name of the yard.'),
  /** Address, in one line or several. */
  place: line(200),
  phone: line(40),
  mail: z.union([z.literal(''), z.email('Type a mail address like desk@yard.example.')]).optional(),
  /** In the yard's own words: how long a buyer has to tell that the car differs from its report, and what happens then. */
  onArrival: line(600).optional(),
  /** In the yard's own words: what it does with every car, and what it never does. */
  policy: line(600).optional(),
  /** Readers may see what was said of a finding in the film of the walk, and the seconds of it that were cut for them. */
  sharesFilm: z.literal(true).optional(),
  colour: colourSchema.optional(),
  /** SHA-256 of its picture. */
  logo: sha256Schema.optional(),
});
export type Yard = z.output<typeof yardSchema>;
