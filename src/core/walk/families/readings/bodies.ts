import { z } from 'zod';
import { MAX_PAINT_UM, MAX_TREAD_MM } from '../../../measure';
import { treadLooks, tyreFlags, tyreLawIds } from '../../../tyres';
import { brakeMarks, wheelFinishes } from '../../../wheels';
import { spotSchema } from '../../spot';
import { treadThirds } from '../../treadThirds';
import { partId } from '../fields';

const depth = z.number().min(0, 'A depth cannot be less than 0 mm.').max(MAX_TREAD_MM);
export const depthSchema = z
  .strictObject({ lowMm: depth, highMm: depth })
  .refine((range) => range.lowMm <= range.highMm, 'The low end must not exceed the high end.');

/** Where a paint reading came from; a practice gauge measures nothing, and the report says so. */
export const paintSources = ['gauge', 'typed', 'practice'] as const;
export type PaintSource = (typeof paintSources)[number];

const micrometres = z
  .number()
  .positive('A paint reading must be more than 0 µm.')
  .max(MAX_PAINT_UM, `A paint reading may be at most ${MAX_PAINT_UM} µm.`);

const screenMm = (least: number, most: number, what: string) =>
  z
    .number()
    .min(least, `${what} must be at least ${least} mm.`)
    .max(most, `${what} may be at most ${most} mm.`);

/** What gauges and eyes read of tyres, wheels, paint and the screen. */
export const readingBodies = {
  /** Without a third the figure stands for the whole tread, in place of those before. */
  'tread-read': z.strictObject({
    part: partId,
    depth: depthSchema,
    unit: z.enum(['mm', '32nds']),
    third: z.enum(treadThirds).optional(),
    source: z.enum(paintSources).optional(),
  }),
  /** How a tyre looks to the eye: worth less than a figure, and never mixed with one. Null takes it back. */
  'tread-by-eye': z.strictObject({ part: partId, looks: z.enum(treadLooks).nullable() }),
  /** What stands on a tyre's side and what is seen of it; null takes a thing back. */
  'tyre-described': z.strictObject({
    part: partId,
    brand: z.string().trim().min(1).max(40, 'A brand may hold 40 characters.').nullable().optional(),
    size: z.string().trim().min(1).max(30, 'A size may hold 30 characters.').nullable().optional(),
    made: z
      .strictObject({ week: z.int().min(1).max(53), year: z.int().min(2000).max(2100) })
      .nullable()
      .optional(),
    flags: z.array(z.enum(tyreFlags)).max(tyreFlags.length).optional(),
    /** Of a retread: who made the tread, and whose casing it lies on. */
    treadMaker: z.string().trim().min(1).max(40, 'A maker may hold 40 characters.').nullable().optional(),
    casingMaker: z.string().trim().min(1).max(40, 'A maker may hold 40 characters.').nullable().optional(),
    /** The odometer when it was fitted, in the unit of the car's country. */
    fittedAt: z.int().min(0).max(2_000_000).nullable().optional(),
  }),
  /** The law tyres are held against, for the whole car. */
  'tyre-law-chosen': z.strictObject({
    law: z.enum(tyreLawIds),
    /** With the law "own". */
    ownMm: z.number().positive('A limit must be more than 0 mm.').max(20).optional(),
    /** Tread of these tyres when new. */
    newMm: z.number().min(3, 'A new tyre has at least 3 mm.').max(MAX_TREAD_MM).optional(),
    isAllDriven: z.boolean().optional(),
  }),
  'wheel-described': z.strictObject({
    part: partId,
    rimIn: z.number().min(8).max(30, 'Road wheels are 8 to 30 inches across.').nullable().optional(),
    finish: z.enum(wheelFinishes).nullable().optional(),
    lip: z.enum(brakeMarks).nullable().optional(),
    grooves: z.enum(brakeMarks).nullable().optional(),
    discRust: z.enum(brakeMarks).nullable().optional(),
    padMm: z.number().min(0).max(30, 'A pad has at most 30 mm.').nullable().optional(),
  }),
  'paint-read': z.strictObject({
    part: partId,
    um: z.array(micrometres).min(1, 'Give at least one reading.').max(60, 'At most 60 readings at once.'),
    source: z.enum(paintSources),
    spot: spotSchema.optional(),
  }),
  /** Which metal a panel is of, where it is not what such cars have; null takes it back. */
  'panel-metal-noted': z.strictObject({ part: partId, metal: z.enum(['steel', 'aluminium']).nullable() }),
  /** The screen's size and the zones that count on it, for the whole car. */
  'screen-planned': z.strictObject({
    widthMm: screenMm(600, 3000, 'A screen’s width'),
    heightMm: screenMm(300, 1800, 'A screen’s height'),
    /** From its left edge as seen from outside. */
    bandMiddleMm: screenMm(0, 3000, 'The middle of the band'),
    bandWidthMm: screenMm(50, 1000, 'The band’s width'),
    rule: z.enum(['uk', 'own', 'none']),
    /** With the rule "own": the largest damage allowed, millimetres. */
    ownBandMm: z.number().min(0).max(1000).optional(),
    ownSweptMm: z.number().min(0).max(1000).optional(),
  }),
} as const;
