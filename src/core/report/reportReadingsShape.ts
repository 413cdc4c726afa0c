import { z } from 'zod';
import { paintClasses } from '../paint';
import { recordingKinds, sha256Schema } from '../walk';

const text = z.string();
const place = z.tuple([z.number(), z.number()]);

/** What was read of tyres, wheels, paint and the screen, as a reader is told it. Absent where nothing was read. */
export const reportReadingsShape = {
  tyres: z
    .strictObject({
      law: text,
      summary: text,
      rows: z.array(
        z.strictObject({
          part: text,
          name: text,
          /** "Ortal 205/55R16 91V" */
          make: text,
          made: text,
          /** Depth once for the whole tread, or by thirds; empty where not read. */
          whole: text,
          outer: text,
          centre: text,
          inner: text,
          when: z.enum(['now', 'soon', 'later']).optional(),
          mayBeDriven: z.boolean(),
          /** Share of its life left, per cent. */
          left: z.int().min(0).max(100).optional(),
          says: text,
        }),
      ),
      matching: z.array(text),
      toBuy: z.array(text),
    })
    .optional(),
  wheels: z
    .strictObject({
      rows: z.array(
        z.strictObject({ part: text, name: text, rim: text, damage: text, says: text, brake: text }),
      ),
      set: text,
    })
    .optional(),
  paint: z
    .strictObject({
      unit: z.enum(['um', 'mil']),
      levelUm: z.number().optional(),
      spreadUm: z.number().optional(),
      says: z.array(text),
      rows: z.array(
        z.strictObject({
          part: text,
          name: text,
          class: z.enum(paintClasses),
          className: text,
          um: z.array(z.number()),
          median: text,
          medianUm: z.number().optional(),
          ratio: z.number().optional(),
          says: text,
        }),
      ),
    })
    .optional(),
  functions: z
    .strictObject({
      summary: text,
      faulty: z.array(
        z.strictObject({
          name: text,
          says: text,
          caution: text.optional(),
          /** Numbers of the photos that show it. */
          photos: z.array(z.int().positive()).optional(),
        }),
      ),
      /** Warning lamps that stay on; absent where nobody looked. */
      lampsOn: z.array(z.strictObject({ name: text, caution: text.optional() })).optional(),
      /** The same in a sentence. */
      lampsSay: text.optional(),
      /** Who may drive drove it, and how far; absent without a drive. */
      drive: text.optional(),
      recordings: z
        .array(
          z.strictObject({
            sha256: sha256Schema,
            of: z.enum(recordingKinds),
            seconds: z.number().positive(),
            name: text,
            says: text,
          }),
        )
        .optional(),
      notTried: z.array(z.strictObject({ name: text, says: text })),
      works: z.array(z.strictObject({ group: text, names: z.array(text) })),
      notFitted: z.array(text),
      left: z.array(text),
    })
    .optional(),
  papers: z
    .strictObject({
      asks: z.array(text),
      says: z.array(text),
      services: z.array(text),
      /** Nobody has said. */
      left: z.array(text).default([]),
    })
    .optional(),
  kit: z
    .strictObject({
      smell: text.optional(),
      there: z.array(text),
      missing: z.array(text),
      left: z.array(text),
      altered: z.array(text),
      /** What goes with the alterations. */
      notes: z.array(text),
      cautions: z.array(text),
    })
    .optional(),
  screen: z
    .strictObject({
      widthMm: z.number(),
      heightMm: z.number(),
      swept: z.array(place),
      bandMm: place,
      rule: text,
      summary: text,
      rows: z.array(
        z.strictObject({
          number: z.int().positive(),
          at: place,
          to: place.optional(),
          acrossMm: z.number(),
          fails: z.boolean(),
          says: text,
          repair: text,
        }),
      ),
    })
    .optional(),
} as const;

const readingsSchema = z.strictObject(reportReadingsShape);
export type ReportReadings = z.output<typeof readingsSchema>;
