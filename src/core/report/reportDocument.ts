import { z } from 'zod';
import { carDetailsSchema, drivens, faceIds } from '../car';
import { areas, weights } from '../judged';
import { hideBoxesSchema, marksSchema, placeSchema } from '../picture';
import { walkFigureSchema } from '../readings';
import { textSchema } from '../told';
import {
  extentSchema,
  findingKindIds,
  noticeDistances,
  photoRoles,
  recordingKinds,
  sha256Schema,
  spotSchema,
} from '../walk';
import { yardSchema } from '../yard';
import { identityTellings } from './identityTelling';
import { judgementShape } from './judgementShape';
import { reportReadingsShape } from './reportReadingsShape';

export const REPORT_VERSION = 1;

const text = z.string();
const partStatuses = ['not-looked-at', 'clear', 'looked-at', 'findings', 'not-seen', 'second-look'] as const;

const reportFindingSchema = z.strictObject({
  /** The same through all revisions; numbers may move while phones catch up. */
  id: z.uuid().optional(),
  number: z.int().positive(),
  part: text,
  /** "nearside rear door (left)" */
  partName: text,
  kind: z.enum(findingKindIds),
  spot: spotSchema,
  /** "Dent, 40 mm across" */
  line: text,
  suspected: z.boolean(),
  notice: z.enum(noticeDistances).optional(),
  /** Said while logging, answered on the step-back lap, or worked out by rule. */
  noticeSource: z.enum(['said', 'step-back-lap', 'estimated']).optional(),
  extent: extentSchema.optional(),
  tests: text,
  /** The work that was promised; empty where nothing was. Of early reports also what was decided without a promise. */
  action: text,
  promised: z.boolean(),
  /** What would mend it, in words, where that was not promised. */
  advice: text.optional(),
  /** Who decides and what was decided, in words. */
  decision: text.optional(),
  /** The day a promise names, and whether it was put off or has passed. */
  by: text.optional(),
  /** How it was found when it was looked at again after the work. */
  checkedAgain: text.optional(),
  note: text,
  /** What was said of it in the film of the walk, where the yard shares that, and the seconds of it that were cut for readers. */
  inFilm: z
    .strictObject({
      says: text.optional(),
      clip: z
        .strictObject({ sha256: sha256Schema, of: z.enum(recordingKinds), seconds: z.number().positive() })
        .optional(),
    })
    .optional(),
  caution: text.optional(),
  /** Numbers of the photos that show it. */
  photos: z.array(z.int().positive()),
});

const reportPhotoSchema = z.strictObject({
  number: z.int().positive(),
  sha256: sha256Schema,
  role: z.enum(photoRoles),
  caption: text,
  part: text.optional(),
  finding: z.int().positive().optional(),
  /** Name of the function it shows. */
  function: text.optional(),
  width: z.int().positive().optional(),
  height: z.int().positive().optional(),
  /** Millimetres the picture covers from left to right, where its measured fault is. */
  mmAcross: z.number().positive().optional(),
  /** Chosen by hand to come first. */
  cover: z.literal(true).optional(),
  /** Drawn over it wherever it is shown. */
  marks: marksSchema.optional(),
  /** Hidden for good in every copy a reader gets. */
  boxes: hideBoxesSchema.optional(),
  /** Where findings sit on it, by their numbers. */
  spots: z.array(z.strictObject({ number: z.int().positive(), at: placeSchema })).optional(),
});

const reportPartSchema = z.strictObject({
  part: text,
  name: text,
  face: z.enum(faceIds).optional(),
  status: z.enum(partStatuses),
  /** What a reader is told: "Clear", "2 findings: 3, 7", "Not looked at". */
  says: text,
  /** Nothing is known of it beside its status and its findings. Reports frozen by an earlier Zelk have neither of these two. */
  isAlone: z.literal(true).optional(),
  /** Cleared once its findings were noted: the rest of it is clear. */
  isRestClear: z.literal(true).optional(),
  findings: z.array(z.int().positive()),
  /** Cleared by itself, or in a sweep from a stride away; absent where neither, and in reports frozen by an earlier Zelk. */
  look: z.enum(['own', 'swept']).optional(),
  /** What was looked for there and is not there, in words: by itself, and in the sweep. */
  absent: z.array(text).optional(),
  swept: z.array(text).optional(),
});

/**
 * A walk frozen at one position of its log: everything a reader is told, as data.
 * Page, PDF and archive render it; none of them adds a fact.
 */
export const reportDocumentSchema = z.strictObject({
  format: z.literal('zelk-report'),
  version: z.literal(REPORT_VERSION),
  /** Version of the words and rules it was composed by; reports frozen by an earlier Zelk have none and are of version 1. */
  composedBy: z.int().positive().optional(),
  id: z.uuid(),
  revision: z.int().positive(),
  frozenAt: z.iso.datetime(),
  /** How many entries of the walk it rests on. */
  position: z.int().positive(),
  walk: z.uuid(),
  walkedFrom: z.iso.datetime(),
  walkedTo: z.iso.datetime(),
  signedBy: text,
  yard: yardSchema,
  title: text,
  /** Where it stands and how the list tints it are the yard’s own matter. Reports frozen by an earlier Zelk say nothing of engine, gearbox, driven wheels, trim and special paint. */
  car: carDetailsSchema.omit({ identityAsRead: true, standsAt: true, arrivedOn: true, tint: true }).extend({
    engine: text.optional(),
    gearbox: text.optional(),
    driven: z.enum(drivens).optional(),
    trim: text.optional(),
    specialPaint: text.optional(),
  }),
  /** How much of plate and identity number is told; absent where all of it is, as in reports frozen by an earlier Zelk. */
  identity: z.enum(identityTellings).optional(),
  bodyStyleName: text,
  odometer: text.optional(),
  /** The same as it was read; reports frozen by an earlier Zelk have none. */
  odometerRead: z.strictObject({ value: z.int().min(0), unit: z.enum(['mi', 'km']) }).optional(),
  /** The car in one paragraph; reports frozen by an earlier Zelk have none. */
  paragraph: text.optional(),
  summary: z.array(text),
  /** The line of the summary that stops the drive, where one does. */
  notToDrive: text.optional(),
  /** Light, wet and dirt as noted, and what they may have hidden. */
  conditions: z.array(text).default([]),
  mayHide: z.array(text).default([]),
  findings: z.array(reportFindingSchema),
  dismissed: z.array(
    z.strictObject({
      id: z.uuid().optional(),
      number: z.int().positive(),
      partName: text,
      line: text,
      why: text,
    }),
  ),
  /** Mended since they were noted; reports frozen by an earlier Zelk have none. */
  putRight: z
    .array(
      z.strictObject({
        id: z.uuid(),
        number: z.int().positive(),
        part: text,
        partName: text,
        kind: z.enum(findingKindIds),
        line: text,
        /** What was done. */
        says: text,
        at: z.iso.datetime(),
        /** Whether that was promised, and kept. */
        kept: text.optional(),
        /** Numbers of the photos from before, and from after. */
        before: z.array(z.int().positive()),
        after: z.array(z.int().positive()),
      }),
    )
    .optional(),
  notLookedAt: z.array(text),
  notSeen: z.array(z.strictObject({ name: text, why: text })),
  readingsMissing: z.array(text),
  outOfScope: text,
  parts: z.array(reportPartSchema),
  /** What was said of a side, of several parts or of the whole car. */
  statements: z.array(text).optional(),
  /** What it is made of and covered with, where that is not usual. */
  build: z.array(text).optional(),
  /** Its story, each fact with its source. */
  story: z.array(text).optional(),
  /** How it drove, a line each. */
  drove: z.array(text).optional(),
  equipment: z
    .strictObject({
      /** Fitted, and tried. */
      tried: z.array(text),
      fitted: z.array(text),
      /** Said to be fitted by somebody; nobody here has seen it. */
      said: z.array(text),
      /** Not there, though such cars usually have it. */
      absent: z.array(text),
      /** What was tried, and what is still to be tried, is told with the functions. */
      isTriedElsewhere: z.literal(true).optional(),
    })
    .optional(),
  /** What would mend things that are no findings, and what was decided of them. */
  remedies: z
    .array(
      z.strictObject({
        /** "Nearside front tyre (left)", "Air-con does not blow cold", "Papers". */
        what: text,
        action: text,
        promised: z.boolean(),
        advice: text.optional(),
        decision: text.optional(),
        by: text.optional(),
        checkedAgain: text.optional(),
      }),
    )
    .optional(),
  /** What comes later than the report: papers, films, pictures, each with its day where one was given. */
  toFollow: z.array(text).optional(),
  /** What is no finding and was mended: found gone when it was looked at again. */
  othersPutRight: z
    .array(
      z.strictObject({
        what: text,
        says: text,
        at: z.iso.datetime(),
        kept: text.optional(),
        /** Numbers of the photos from after. */
        after: z.array(z.int().positive()),
      }),
    )
    .optional(),
  /** What the seller tells first, in the order given: a finding by its number, a chapter, or words of their own. */
  toldFirst: z
    .array(
      z.strictObject({
        says: text,
        finding: z.int().positive().optional(),
        area: z.enum(areas).optional(),
        /** In the seller's own words. */
        isOwn: z.literal(true).optional(),
      }),
    )
    .optional(),
  /** What was found comes to, area by area; nothing found is left out. Reports frozen by an earlier Zelk have none. */
  judged: z
    .array(
      z.strictObject({
        area: z.enum(areas),
        weight: z.enum(weights),
        /** The kind of fact it rests on. */
        of: text,
        says: text,
      }),
    )
    .optional(),
  ...judgementShape,
  treads: z.array(z.strictObject({ part: text, name: text, depth: text })),
  ...reportReadingsShape,
  /** Odometer figures of other walks of the car, as they stood when it was frozen: the papers are judged with them. */
  otherWalks: z.array(walkFigureSchema).optional(),
  photos: z.array(reportPhotoSchema),
  cautions: z.array(text),
  /** What its words were told from, by where they stand in it (JSON pointers, RFC 6901): other languages are told from the same. Reports frozen by an earlier Zelk have words alone. */
  messages: z.record(z.string(), textSchema).optional(),
});

export type ReportDocument = z.output<typeof reportDocumentSchema>;
export type ReportRemedy = NonNullable<ReportDocument['remedies']>[number];
export type ReportFinding = ReportDocument['findings'][number];
export type ReportPhoto = ReportDocument['photos'][number];
