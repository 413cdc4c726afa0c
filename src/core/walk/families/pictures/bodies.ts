import { z } from 'zod';
import { hideBoxesSchema, marksSchema, measurementSchema, placeSchema } from '../../../picture';
import { photoRoles } from '../../choices';
import { sha256Schema } from '../../sha256';
import { partId, uuid } from '../fields';
import { anyFunction } from '../functions/bodies';

/** As cameras write it: local, without a zone. */
const cameraTime = z
  .string()
  .regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d$/, 'A camera time looks like 2026-03-14T09:30:00.');

/** What a walk says of its pictures. */
export const pictureBodies = {
  'photo-attached': z.strictObject({
    photo: sha256Schema,
    role: z.enum(photoRoles),
    part: partId.optional(),
    finding: uuid.optional(),
    /** What it shows not working. */
    function: anyFunction.optional(),
  }),
  /** A picture came from a folder or a card; where it belongs is not said yet. */
  'photo-brought': z.strictObject({
    photo: sha256Schema,
    name: z.string().max(120).optional(),
    takenAt: cameraTime.optional(),
  }),
  /** It is not wanted: a copy, or too soft. It stays in the log and leaves the report. */
  'photo-set-aside': z.strictObject({ photo: sha256Schema }),
  /** Nobody outside the yard is to see it any more, in no report, also not in those frozen before. */
  'photo-withdrawn': z.strictObject({ photo: sha256Schema }),
  /** This picture was truly taken then: so far is the camera's clock off. */
  'camera-clock-set': z.strictObject({
    photo: sha256Schema,
    takenAt: cameraTime,
    trulyAt: z.iso.datetime({ precision: 3 }),
  }),
  /** Where a finding sits on a picture; null takes it off again. */
  'spot-on-photo': z.strictObject({
    photo: sha256Schema,
    finding: uuid,
    at: placeSchema.nullable(),
  }),
  /** All the marks of a picture, in place of those before. */
  'photo-marked': z.strictObject({ photo: sha256Schema, marks: marksSchema }),
  /** All the boxes of a picture, in place of those before; none says that there is nothing to hide. */
  'photo-hidden': z.strictObject({ photo: sha256Schema, boxes: hideBoxesSchema }),
  /** Empty goes back to the caption that writes itself. */
  'photo-captioned': z.strictObject({
    photo: sha256Schema,
    caption: z.string().trim().max(200, 'A caption may hold 200 characters.'),
  }),
  'cover-chosen': z.strictObject({ photo: sha256Schema }),
  /** A size taken from a picture; it becomes the finding's size. */
  'picture-measured': z.strictObject({
    photo: sha256Schema,
    finding: uuid,
    measurement: measurementSchema,
    /** Millimetres, or square millimetres of an area; half the width of its 95 % interval. */
    value: z.number().positive().max(36_000_000),
    plusMinus: z.number().min(0).max(36_000_000).optional(),
  }),
} as const;
