import { z } from 'zod';
import { functionIds, warningLampIds } from '../functions';
import { smellIds } from '../kit';
import {
  amounts,
  cures,
  dirtStates,
  findingKindIds,
  followings,
  howBads,
  lights,
  noticeDistances,
  severities,
  storyAbout,
  surenesses,
  wetStates,
} from '../walk';

/** As it was said · likely, look at it · must be asked before it is taken. */
export const sureness = ['said', 'likely', 'ask'] as const;
export const questionCodes = [
  'which-part',
  'said-two',
  'impossible-number',
  'part-not-on-car',
  'which-side',
  'which-end',
  'which-kind',
  'kind-does-not-fit',
] as const;

const from = {
  /** Words of the talk it came from, the end not counted. */
  words: z.tuple([z.int(), z.int()]),
  text: z.string(),
  /** Seconds into the talk, where captions tell them. */
  at: z.number().optional(),
  /** The whole sentence it came from, in the speaker's own words. */
  said: z.string(),
  sure: z.enum(sureness),
  /** Why it is not as said, in words. */
  why: z.array(z.string()),
};

/** What the talk comes to, for a person to accept. Nothing of it is in the record yet. */
export const draftSchema = z.discriminatedUnion('is', [
  z.strictObject({
    is: z.literal('finding'),
    ...from,
    part: z.string().optional(),
    kind: z.enum(findingKindIds).optional(),
    polarity: z.literal('there-is'),
    /** Parts it may be on, where that is open. */
    choices: z.array(z.string()).optional(),
    /** What the words for it may stand for, the likeliest first: the part decides. */
    kinds: z.array(z.enum(findingKindIds)),
    /** Words of the sentence that nobody knows, in the order spoken. */
    unheard: z.array(z.string()),
    /** What must be answered before it may be taken. */
    questions: z.array(z.enum(questionCodes)),
    suspected: z.boolean(),
    /** Where on the part, in the speaker's words: "just below the handle". */
    where: z.string().optional(),
    count: z.int().optional(),
    lengthMm: z.number().optional(),
    isAbout: z.literal(true).optional(),
    widthMm: z.number().optional(),
    howBad: z.enum(howBads).optional(),
    /** How deep, where it was said. */
    severity: z.enum(severities).optional(),
    amount: z.enum(amounts).optional(),
    notice: z.enum(noticeDistances).optional(),
    nail: z.string().optional(),
    feel: z.string().optional(),
    wipe: z.string().optional(),
    /** What would mend it, in the order said. */
    cures: z.array(z.strictObject({ cure: z.enum(cures), sure: z.enum(surenesses).optional() })).optional(),
    decision: z.enum(['promised', 'buyer-chooses', 'house-decides', 'left']).optional(),
  }),
  /** A part that is fine; with the faults that were looked for there and are not. */
  z.strictObject({
    is: z.literal('clear'),
    ...from,
    part: z.string().optional(),
    /** Parts it may be, where that is open. */
    choices: z.array(z.string()).optional(),
    questions: z.array(z.enum(questionCodes)),
    /** It was called fine; or only the faults of `absent` were said not to be there. */
    polarity: z.enum(['fine', 'there-is-not']),
    absent: z.array(z.enum(findingKindIds)),
    /** Smaller ones there may be: none was said to be big, or larger than so many millimetres. */
    over: z.union([z.literal('big'), z.number()]).optional(),
  }),
  z.strictObject({
    is: z.literal('tread'),
    ...from,
    part: z.string(),
    low: z.number(),
    high: z.number(),
    unit: z.enum(['mm', '32nds']),
  }),
  z.strictObject({
    is: z.literal('paint'),
    ...from,
    part: z.string(),
    low: z.number(),
    high: z.number(),
    unit: z.enum(['um', 'mil']),
  }),
  z.strictObject({ is: z.literal('function'), ...from, function: z.enum(functionIds), works: z.boolean() }),
  z.strictObject({ is: z.literal('lamp'), ...from, lamp: z.enum(warningLampIds) }),
  z.strictObject({ is: z.literal('no-lamps'), ...from }),
  /** Said to be on the car; whether it works was not said. */
  z.strictObject({ is: z.literal('equipment'), ...from, item: z.enum(functionIds) }),
  /** What one walked in: it takes all three, on a screen of its own. */
  z.strictObject({
    is: z.literal('condition'),
    ...from,
    light: z.enum(lights).optional(),
    wet: z.enum(wetStates).optional(),
    dirt: z.enum(dirtStates).optional(),
  }),
  /** What the cabin smells of; without one, of nothing. */
  z.strictObject({ is: z.literal('smell'), ...from, smell: z.enum(smellIds).optional() }),
  /** Of its story, in the words of the sentence (`said`). */
  z.strictObject({ is: z.literal('story'), ...from, about: z.enum(storyAbout) }),
  /** Promised for later than the report, in the words of the sentence (`said`). */
  z.strictObject({ is: z.literal('to-follow'), ...from, what: z.enum(followings) }),
  z.strictObject({ is: z.literal('item'), ...from, item: z.string(), there: z.boolean() }),
  z.strictObject({
    is: z.literal('figure'),
    ...from,
    of: z.enum(['odometer', 'keys', 'keepers', 'services']),
    value: z.int(),
    unit: z.enum(['mi', 'km']).optional(),
  }),
]);
export type Draft = z.output<typeof draftSchema>;
export type FindingDraft = Extract<Draft, { is: 'finding' }>;
export type ClearDraft = Extract<Draft, { is: 'clear' }>;

/** What a file of talk comes to: all of it together, or each of its lines by itself. */
export const spokenFileSchema = z.strictObject({
  format: z.literal('zelk-speech'),
  version: z.literal(1),
  drafts: z.array(draftSchema).optional(),
  lines: z.array(z.strictObject({ text: z.string(), drafts: z.array(draftSchema) })).optional(),
});
export type SpokenFile = z.output<typeof spokenFileSchema>;
