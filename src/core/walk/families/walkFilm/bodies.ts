import { z } from 'zod';
import { sha256Schema } from '../../sha256';
import { uuid } from '../fields';
import { LONGEST_RECORDING_S, recordingKinds } from '../functions/functionStates';

/** Captions that one entry holds; a long talk is told in several. */
export const CAPTIONS_OF_ONE = 400;
const MOST_S = 12 * 3600;

const second = z.number().min(0, 'A film begins at 0.').max(MOST_S, 'A film may be twelve hours long.');
const draftKey = z.string().min(1).max(160);

/** What a walk says of a film of it, or of a sound, that was brought with what is spoken in it. */
export const walkFilmBodies = {
  'walk-film-brought': z.strictObject({
    film: uuid,
    name: z.string().trim().min(1, 'A film has a name.').max(120, 'A name may hold 120 characters.'),
    /** As the player tells it; absent where only the words came. */
    seconds: second.optional(),
    bytes: z.int().min(1).optional(),
  }),
  /** What is spoken in it, in place of what was there before: all pieces of one talk together. */
  'walk-film-captioned': z.strictObject({
    film: uuid,
    talk: uuid,
    piece: z.int().min(0).max(99),
    pieces: z.int().min(1).max(100),
    captions: z
      .array(
        z.strictObject({
          text: z.string().min(1).max(2_000),
          startS: second.optional(),
          endS: second.optional(),
        }),
      )
      .min(1)
      .max(CAPTIONS_OF_ONE, `At most ${CAPTIONS_OF_ONE} captions in one entry.`),
  }),
  /** The captions are to be taken so many seconds later (earlier when less than 0) than they say. */
  'walk-film-shifted': z.strictObject({
    film: uuid,
    byS: z.number().min(-MOST_S).max(MOST_S),
  }),
  /** The yard keeps the film itself. */
  'walk-film-kept': z.strictObject({ film: uuid, recording: sha256Schema }),
  /** A person took a statement of the talk into the record, as these entries; the same one again counts once. */
  'draft-taken': z.strictObject({
    film: uuid,
    draft: draftKey,
    /** Where in the film, seconds. */
    atS: second.optional(),
    /** What was said, in the speaker's words. */
    says: z.string().min(1).max(600),
    entries: z.array(uuid).min(1).max(20),
  }),
  /** A few seconds of the film at a finding, cut for readers; null takes them back. */
  'walk-film-clipped': z.strictObject({
    film: uuid,
    finding: uuid,
    clip: z
      .strictObject({
        recording: sha256Schema,
        of: z.enum(recordingKinds),
        seconds: z
          .number()
          .positive('It has no length.')
          .max(LONGEST_RECORDING_S + 1, `At most ${LONGEST_RECORDING_S} seconds.`),
      })
      .nullable(),
  }),
  /** A person left a statement of the talk out. */
  'draft-left-out': z.strictObject({ film: uuid, draft: draftKey }),
} as const;
