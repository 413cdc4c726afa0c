import { z } from 'zod';
import { arrivalCheckSchema } from '../arrival';
import { carSchema, checkedCarDetailsSchema } from '../car';
import { personSchema, photoRecordSchema } from '../exchange';
import { messageKinds } from '../messages';
import { askedQuestionSchema, questionSchema } from '../questions';
import { walkFigureSchema } from '../readings';
import { coverNoteSchema, reportChangesSchema, reportDocumentSchema } from '../report';
import { savedRouteSchema, schoolIds } from '../route';
import { entrySchema, sha256Schema } from '../walk';

/** What the API answers, in one place for server and screens. Requests are parsed by the same shapes. */
export const walkSummarySchema = z.object({
  id: z.uuid(),
  lastEntryAt: z.string(),
  parts: z.int(),
  visited: z.int(),
  findings: z.int(),
  photos: z.int(),
  /** The latest report frozen from it. */
  revision: z.int().optional(),
});

/** The newest walk of a car in the list: what waits there, and the picture it is known by. */
export const carSummarySchema = z.object({
  car: carSchema,
  walk: walkSummarySchema
    .extend({
      /** Promises that are not kept yet, and the day of the soonest. */
      promises: z.int(),
      due: z.string().optional(),
      /** Buyers' questions without an answer. */
      questions: z.int(),
      cover: sha256Schema.optional(),
    })
    .optional(),
});
export type CarSummary = z.output<typeof carSummarySchema>;

/** How many cars there are of each standing. */
export const stockCountsSchema = z.object({ 'to-walk': z.int(), 'in-hand': z.int(), reported: z.int() });
export type StockCounts = z.output<typeof stockCountsSchema>;

export const carListSchema = z.object({ cars: z.array(carSummarySchema), next: z.string().optional() });
export type CarList = z.output<typeof carListSchema>;

export const reportSummarySchema = z.object({
  id: z.uuid(),
  revision: z.int(),
  position: z.int(),
  frozenAt: z.string(),
});

export const carPageSchema = z.object({
  car: carSchema,
  walks: z.array(walkSummarySchema.extend({ begunAt: z.string(), reports: z.array(reportSummarySchema) })),
});
export type CarPage = z.output<typeof carPageSchema>;

export const walkPageSchema = z.object({
  walk: z.uuid(),
  car: carSchema,
  entries: z.array(entrySchema),
  /** Entries that went bad on the server's disk and are left out. */
  damaged: z.int().optional(),
  photos: z.array(z.object({ record: photoRecordSchema, stored: z.boolean() })),
  reports: z.array(reportSummarySchema),
});
export type WalkPage = z.output<typeof walkPageSchema>;

export const addCarSchema = z.object({ id: z.uuid(), details: checkedCarDetailsSchema });
/** Routes a person keeps, and the one walks begin with: a school's name or a saved route's id. */
export const walkerRoutesSchema = z.object({
  saved: z.array(savedRouteSchema).max(40, 'A person may keep 40 routes.'),
  preferred: z.union([z.enum(schoolIds), z.uuid()]).default('nose-first'),
});
export type WalkerRoutes = z.output<typeof walkerRoutesSchema>;

export const peopleSchema = z.object({ people: z.array(personSchema) });
export type People = z.output<typeof peopleSchema>;

/** At most this many entries in one request. */
export const MOST_ENTRIES = 500;
export const appendSchema = z.object({
  entries: z
    .array(z.unknown())
    .min(1, 'Send at least one entry.')
    .max(MOST_ENTRIES, `Send at most ${MOST_ENTRIES} entries at a time.`),
});
export const appendedSchema = z.object({
  accepted: z.array(z.string()),
  already: z.array(z.string()),
  position: z.int(),
});
export type Appended = z.output<typeof appendedSchema>;

export const shareSchema = z.object({
  id: z.uuid(),
  label: z.string(),
  createdAt: z.string(),
  revokedAt: z.string().optional(),
  expiresAt: z.string().optional(),
  hasPassphrase: z.boolean(),
  /** How often, and when first and last. */
  opened: z.int().min(0),
  firstOpenedAt: z.string().optional(),
  lastOpenedAt: z.string().optional(),
});
export type Share = z.output<typeof shareSchema>;
export const newShareSchema = shareSchema.extend({
  /** Told once: only its hash is kept. */
  token: z.string(),
  /** Path of the report on this server. */
  path: z.string(),
});
export type NewShare = z.output<typeof newShareSchema>;

const fingerprint = z.string().regex(/^[0-9a-f]{64}$/);
export const reportPageSchema = z.object({
  report: reportDocumentSchema,
  /** SHA-256 over its canonical form. */
  sha256: fingerprint,
  shares: z.array(shareSchema),
  /** What readers no longer see of its pictures. */
  covered: z.array(coverNoteSchema),
});
export type ReportPage = z.output<typeof reportPageSchema>;

/** How a PDF stands that was asked for. */
export const pdfStateSchema = z.object({
  isReady: z.boolean(),
  /** How many are made before it; 0 while it is being made itself. */
  before: z.int(),
});
export type PdfState = z.output<typeof pdfStateSchema>;

/** The report of a walk as its readers would see it if it were frozen now. */
export const previewSchema = z.object({
  report: reportDocumentSchema,
  /** By which drawing each picture is asked for. */
  drawn: z.record(sha256Schema, z.string()),
  covered: z.array(coverNoteSchema),
});
export type Preview = z.output<typeof previewSchema>;

/** What a link opens. */
export const sharedPageSchema = z.object({
  report: reportDocumentSchema,
  sha256: fingerprint,
  /** The revision the link was made for. */
  sent: z.int().positive(),
  revisions: z.array(z.object({ revision: z.int().positive(), frozenAt: z.string() })),
  /** What was asked and answered, for all readers. */
  questions: z.array(questionSchema),
  /** What is new since the revision that was sent, or since the one before. */
  changes: reportChangesSchema.optional(),
  /** By which drawing each picture is asked for: another drawing is another address. */
  drawn: z.record(sha256Schema, z.string()),
  /** What was hidden of its pictures since it was frozen. */
  covered: z.array(coverNoteSchema),
});
/** What went out to lead to a report, or would have. */
export const messageSchema = z.object({
  id: z.uuid(),
  report: z.uuid(),
  kind: z.enum(messageKinds),
  to: z.string(),
  /** Of a mail; empty in a text message. */
  subject: z.string(),
  text: z.string(),
  createdAt: z.string(),
  /** A mail server took it. */
  sentAt: z.string().optional(),
  /** Why it did not. */
  problem: z.string().optional(),
});
export type Message = z.output<typeof messageSchema>;
export const messagesPageSchema = z.object({
  messages: z.array(messageSchema),
  /** A mail server is set: mails really go out. */
  isDelivering: z.boolean(),
});
export type MessagesPage = z.output<typeof messagesPageSchema>;
export const newMessageSchema = z.object({ message: messageSchema, share: newShareSchema });
export type NewMessage = z.output<typeof newMessageSchema>;

/** A signed check as it is kept. */
export const storedCheckSchema = z.object({
  check: arrivalCheckSchema,
  sha256: fingerprint,
  receivedAt: z.string(),
});
export type StoredCheckPage = z.output<typeof storedCheckSchema>;
/** Checks of a walk; the yard is told whose link each came by. */
export const checksPageSchema = z.object({
  checks: z.array(storedCheckSchema.extend({ from: z.string() })),
});
export type ChecksPage = z.output<typeof checksPageSchema>;
export const ownChecksSchema = z.object({ checks: z.array(storedCheckSchema) });

export const questionsPageSchema = z.object({ questions: z.array(askedQuestionSchema) });
export type QuestionsPage = z.output<typeof questionsPageSchema>;
export type SharedPage = z.output<typeof sharedPageSchema>;

/** What the other walks of a car read off its odometer. */
export const figuresSchema = z.object({ figures: z.array(walkFigureSchema) });
export type Figures = z.output<typeof figuresSchema>;

/** How much of a photo the server has. */
export const receivedSchema = z.object({ bytes: z.int(), stored: z.boolean() });
export type Received = z.output<typeof receivedSchema>;

export const importedSchema = z.object({
  walk: z.uuid(),
  car: z.uuid(),
  entries: z.int(),
  reports: z.int(),
  photosMissing: z.array(z.string()),
  recordingsMissing: z.array(z.string()),
});
export type Imported = z.output<typeof importedSchema>;
