import { z } from 'zod';
import type { Vocabulary } from '../car';

/** What would mend a fault; the trade's own ways, roughly in the order they are done in. */
export const cures = [
  'find-out',
  'clean',
  'remove',
  'treat-rust',
  'repair-panel',
  'dent-removal',
  'touch-in',
  'local-paint',
  'full-panel',
  'polish',
  'wheel-refurbish',
  'glass-repair',
  'glass-replace',
  'lamp-polish',
  'recolour',
  'adjust',
  'refit',
  'replace',
  'mechanical',
] as const;
export type Cure = (typeof cures)[number];

/** How sure it is that a cure mends it. */
export const surenesses = ['will', 'should', 'may'] as const;
export type Sureness = (typeof surenesses)[number];

interface CureWords {
  /** As a button and in a list of work. */
  name: string;
  /** After "will", "should" or "may". */
  does: string;
}

const cureWords: Record<Cure, { uk: CureWords; us?: CureWords }> = {
  'find-out': {
    uk: { name: 'Find out what it is', does: 'be known once it has been looked into' },
  },
  clean: { uk: { name: 'Clean', does: 'clean off' } },
  remove: { uk: { name: 'Take off', does: 'come right by taking it off' } },
  'treat-rust': { uk: { name: 'Treat the rust', does: 'stop once the rust is treated' } },
  'repair-panel': { uk: { name: 'Repair the panel', does: 'come right by a repair of the panel' } },
  'dent-removal': { uk: { name: 'Paintless dent removal', does: 'come out without painting' } },
  'touch-in': {
    uk: { name: 'Touch in', does: 'touch in' },
    us: { name: 'Touch up', does: 'touch up' },
  },
  'local-paint': {
    uk: { name: 'Local paint repair', does: 'come right by a local paint repair' },
    us: { name: 'Spot paint repair', does: 'come right by a spot paint repair' },
  },
  'full-panel': { uk: { name: 'Paint the panel', does: 'come right by painting the panel' } },
  polish: { uk: { name: 'Machine polish', does: 'polish out' } },
  'wheel-refurbish': {
    uk: { name: 'Refurb the wheel', does: 'come right by a refurb of the wheel' },
    us: { name: 'Refinish the wheel', does: 'come right by refinishing the wheel' },
  },
  'glass-repair': { uk: { name: 'Fill the glass', does: 'take a filling' } },
  'glass-replace': { uk: { name: 'New glass', does: 'come right by new glass' } },
  'lamp-polish': {
    uk: { name: 'Polish the lamp', does: 'come clear by polishing the lamp' },
    us: { name: 'Polish the light', does: 'come clear by polishing the light' },
  },
  recolour: {
    uk: { name: 'Recolour', does: 'recolour' },
    us: { name: 'Recolor', does: 'recolor' },
  },
  adjust: { uk: { name: 'Adjust', does: 'come right by adjusting it' } },
  refit: { uk: { name: 'Refit or fix', does: 'come right by refitting it' } },
  replace: { uk: { name: 'Replace', does: 'come right by replacing it' } },
  mechanical: { uk: { name: 'Workshop job', does: 'come right in the workshop' } },
};

const wordsOf = (cure: Cure, vocabulary: Vocabulary): CureWords =>
  (vocabulary === 'us' ? cureWords[cure].us : undefined) ?? cureWords[cure].uk;

/** A cure as a piece of work: "Touch in", "Touch up". */
export const cureName = (cure: Cure, vocabulary: Vocabulary): string => wordsOf(cure, vocabulary).name;

/** Two cures and more on one fault, in the order they are done. */
const MOST_CURES = 4;
export const curesSchema = z
  .array(
    z.strictObject({
      cure: z.enum(cures),
      /** Nothing was said of how sure it is when left out. */
      sure: z.enum(surenesses).optional(),
    }),
  )
  .min(1, 'Name at least one cure.')
  .max(MOST_CURES, `At most ${MOST_CURES} cures on one fault.`)
  .refine(
    (list) => new Set(list.map(({ cure }) => cure)).size === list.length,
    'Name each cure of a fault once.',
  );
export type Cures = z.output<typeof curesSchema>;

/** Who decides, and what was decided. */
export const decisionSchema = z.discriminatedUnion('is', [
  z.strictObject({
    is: z.literal('promised'),
    /** Who sees to it. */
    owner: z
      .string()
      .trim()
      .min(1, 'Say who sees to it.')
      .max(60, 'A name may hold 60 characters.')
      .optional(),
    by: z.iso.date('A date is written like 2026-12-03.').optional(),
  }),
  z.strictObject({
    is: z.literal('buyer-chooses'),
    price: z
      .strictObject({
        amount: z.int('A price is in whole units.').min(0, 'A price is 0 or more.').max(1_000_000),
        currency: z.string().regex(/^[A-Z]{3}$/, 'A currency has three letters, like GBP.'),
      })
      .optional(),
  }),
  z.strictObject({ is: z.literal('house-decides') }),
  z.strictObject({ is: z.literal('left') }),
]);
export type StoredDecision = z.output<typeof decisionSchema>;
/** `asAction` marks a decision read out of an early log, where what would be done was promised without saying so. */
export type Decision = StoredDecision & { asAction?: true };
export const decisions = ['promised', 'buyer-chooses', 'house-decides', 'left'] as const;

export const decisionNames: Record<StoredDecision['is'], string> = {
  promised: 'Promised',
  'buyer-chooses': 'Buyer may choose',
  'house-decides': 'We shall see',
  left: 'Leave and say so',
};

/** What would mend it and what was decided: two facts, either without the other. */
export interface Remedy {
  cures?: Cures | undefined;
  decision?: Decision | undefined;
}

/** Cures as work to be done: "Touch in, then machine polish". */
export const workWords = (cures: Cures, vocabulary: Vocabulary): string =>
  cures
    .map(({ cure }, i) => (i === 0 ? cureName(cure, vocabulary) : cureName(cure, vocabulary).toLowerCase()))
    .join(', then ');

/** Cures as advice, which promises nothing: "should touch in, then may polish out"; only named where nobody said how sure it is. */
export function adviceWords(cures: Cures, vocabulary: Vocabulary): string {
  return cures
    .map(({ cure, sure }) => {
      const { name, does } = wordsOf(cure, vocabulary);
      return sure ? `${sure} ${does}` : name.toLowerCase();
    })
    .join(', then ');
}
