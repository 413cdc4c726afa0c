import { z } from 'zod';
import { bodyStyleIds, extraIds, outsideFaces } from '../car';
import { routeRuleSchema } from '../route';
import { answerBodies } from './answerBodies';
import { cautionIds } from './cautions';
import { actions, laps, noticeDistances, photoRoles, repairQualities, testAnswers } from './choices';
import { dirtStates, lights, wetStates } from './conditions';
import { extentSchema } from './extent';
import { findingKindIds } from './findingKinds';
import { anyFunction, functionBodies } from './functionBodies';
import { kitBodies } from './kitBodies';
import { papersBodies } from './papersBodies';
import { pictureBodies } from './pictureBodies';
import { readingBodies } from './readingBodies';
import { sha256Schema } from './sha256';
import { spotSchema } from './spot';

const uuid = z.uuid('An id must be a UUID.');
const partId = z.string().min(1).max(40);
const note = z.string().max(2000, 'A note may hold 2,000 characters.');

const sizeMm = z
  .number()
  .positive('A size must be more than 0 mm.')
  .max(6000, 'A size may be at most 6,000 mm.');

const gap = z.number().min(0, 'A gap cannot be less than 0 mm.').max(100, 'A gap may be at most 100 mm.');

/** What can be said of a finding beyond its part, spot and kind. */
const detailShape = {
  count: z.int().min(1, 'Count at least 1.').max(999, 'Count at most 999.').optional(),
  lengthMm: sizeMm.optional(),
  widthMm: sizeMm.optional(),
  areaMm2: z
    .number()
    .positive('An area must be more than 0.')
    .max(36_000_000, 'An area may be at most 36 m².')
    .optional(),
  nail: z.enum(testAnswers.nail).optional(),
  feel: z.enum(testAnswers.feel).optional(),
  wipe: z.enum(testAnswers.wipe).optional(),
  notice: z.enum(noticeDistances).optional(),
  action: z.enum(actions).optional(),
  note: note.optional(),
  extent: extentSchema.optional(),
  /** How well an earlier repair was done. */
  repair: z.enum(repairQualities).optional(),
  /** Width of a gap, here and at the same place on the other side. */
  gapMm: gap.optional(),
  otherGapMm: gap.optional(),
  /** How far a panel stands proud (more than 0) or sits in (less than 0). */
  flushMm: z
    .number()
    .min(-50, 'A step may be at most 50 mm.')
    .max(50, 'A step may be at most 50 mm.')
    .optional(),
};
export const findingDetailsSchema = z.strictObject(detailShape);
export type FindingDetails = z.output<typeof findingDetailsSchema>;

/** Changed details; null takes one back. */
const changesSchema = z.strictObject({
  ...(Object.fromEntries(
    Object.entries(detailShape).map(([key, schema]) => [key, schema.unwrap().nullable().optional()]),
  ) as {
    [K in keyof typeof detailShape]: z.ZodOptional<
      z.ZodNullable<ReturnType<(typeof detailShape)[K]['unwrap']>>
    >;
  }),
  kind: z.enum(findingKindIds).optional(),
  spot: spotSchema.optional(),
  suspected: z.boolean().optional(),
});
export type FindingChanges = z.output<typeof changesSchema>;

const bodies = {
  'walk-begun': z.strictObject({
    carId: uuid,
    bodyStyle: z.enum(bodyStyleIds),
    extras: z.array(z.enum(extraIds)).max(extraIds.length).optional(),
  }),
  'route-chosen': z.strictObject({ rule: routeRuleSchema }),
  'lap-begun': z.strictObject({ lap: z.enum(laps) }),
  'conditions-noted': z.strictObject({
    /** Only for this side; for the whole car when left out. */
    side: z.enum(outsideFaces).optional(),
    light: z.enum(lights),
    wet: z.enum(wetStates),
    dirt: z.enum(dirtStates),
    place: z.string().trim().max(60, 'A place may hold 60 characters.').optional(),
  }),
  'caution-read': z.strictObject({ caution: z.enum(cautionIds) }),
  'stop-reached': z.strictObject({ part: partId }),
  'part-cleared': z.strictObject({ part: partId }),
  'part-not-seen': z.strictObject({
    part: partId,
    why: z.string().trim().min(1, 'Say why it could not be seen.').max(200),
  }),
  'finding-noted': z.strictObject({
    finding: uuid,
    part: partId,
    spot: spotSchema,
    kind: z.enum(findingKindIds),
    suspected: z.boolean(),
    details: findingDetailsSchema,
  }),
  'finding-amended': z.strictObject({ finding: uuid, changes: changesSchema }),
  /** The step-back lap's answer. */
  'notice-answered': z.strictObject({ finding: uuid, notice: z.enum(noticeDistances) }),
  'finding-dismissed': z.strictObject({
    finding: uuid,
    why: z.string().trim().min(1, 'Say what it turned out to be.').max(200),
  }),
  /** It was there, and has been mended. */
  'put-right': z.strictObject({
    finding: uuid,
    says: z.string().trim().min(1, 'Say what was done.').max(200, 'At most 200 characters.'),
  }),
  'photo-attached': z.strictObject({
    photo: sha256Schema,
    role: z.enum(photoRoles),
    part: partId.optional(),
    finding: uuid.optional(),
    /** What it shows not working. */
    function: anyFunction.optional(),
  }),
  ...pictureBodies,
  ...readingBodies,
  ...functionBodies,
  ...papersBodies,
  ...kitBodies,
  ...answerBodies,
  'odometer-read': z.strictObject({ value: z.int().min(0).max(2_000_000), unit: z.enum(['mi', 'km']) }),
  undone: z.strictObject({ entry: uuid }),
} as const;

export type EntryKind = keyof typeof bodies;
export const entryKinds = Object.keys(bodies) as [EntryKind, ...EntryKind[]];

const head = {
  id: uuid,
  walk: uuid,
  /** When it was made, UTC. */
  at: z.iso.datetime({
    message: 'A time must be written in UTC, like 2026-03-14T09:30:00.000Z.',
    precision: 3,
  }),
  /** The person who made it. */
  who: uuid,
};

const entryOf = <K extends EntryKind>(kind: K) =>
  z.strictObject({ ...head, kind: z.literal(kind), body: bodies[kind] });

/** One small fact of a walk, made once and never changed. */
export const entrySchema = z.discriminatedUnion('kind', [
  entryOf('walk-begun'),
  entryOf('route-chosen'),
  entryOf('lap-begun'),
  entryOf('conditions-noted'),
  entryOf('caution-read'),
  entryOf('stop-reached'),
  entryOf('part-cleared'),
  entryOf('part-not-seen'),
  entryOf('finding-noted'),
  entryOf('finding-amended'),
  entryOf('notice-answered'),
  entryOf('finding-dismissed'),
  entryOf('put-right'),
  entryOf('photo-attached'),
  entryOf('photo-brought'),
  entryOf('photo-set-aside'),
  entryOf('camera-clock-set'),
  entryOf('spot-on-photo'),
  entryOf('photo-marked'),
  entryOf('photo-hidden'),
  entryOf('photo-captioned'),
  entryOf('cover-chosen'),
  entryOf('picture-measured'),
  entryOf('tread-read'),
  entryOf('tyre-described'),
  entryOf('tyre-law-chosen'),
  entryOf('wheel-described'),
  entryOf('paint-read'),
  entryOf('screen-planned'),
  entryOf('functions-tried'),
  entryOf('function-added'),
  entryOf('timer-begun'),
  entryOf('lamps-noted'),
  entryOf('drive-noted'),
  entryOf('recording-attached'),
  entryOf('recording-set-aside'),
  entryOf('service-noted'),
  entryOf('service-removed'),
  entryOf('papers-noted'),
  entryOf('number-read'),
  entryOf('figure-noted'),
  entryOf('figure-removed'),
  entryOf('smell-noted'),
  entryOf('item-counted'),
  entryOf('alteration-noted'),
  entryOf('alteration-removed'),
  entryOf('question-answered'),
  entryOf('odometer-read'),
  entryOf('undone'),
]);
export type Entry = z.output<typeof entrySchema>;
export type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>;
/** Kind and body alone: what a screen makes before id, time and person are added. */
export type Fact = { [K in EntryKind]: Pick<EntryOf<K>, 'kind' | 'body'> }[EntryKind];
