import type { Vocabulary } from '../car';

interface SmellFacts {
  uk: string;
  us?: string;
  /** What the usual cause is, as far as the nose alone can say. Common practice. */
  hint: string;
  caution?: string;
}

/** What a cabin smells of. "None noticed" is an answer too: an empty list. */
export const smells = {
  smoke: { uk: 'smoke', hint: 'in linings and filters; a valet softens it' },
  damp: { uk: 'damp or mould', us: 'damp or mildew', hint: 'look under mats and at seals for wet' },
  animals: { uk: 'animals', hint: 'hair in carpets and linings' },
  fuel: {
    uk: 'fuel',
    hint: 'a leak, or a spill in the boot',
    caution: 'A smell of fuel: do not drive until a qualified person has checked it.',
  },
  exhaust: {
    uk: 'exhaust',
    hint: 'a leak under the floor or at a seal',
    caution:
      'Exhaust in the cabin: air it, engine off; do not drive until a qualified person has checked it.',
  },
  coolant: { uk: 'coolant, sweet', hint: 'a leaking heater; wet carpet at the front' },
  burning: {
    uk: 'burning',
    hint: 'wiring, clutch or brakes',
    caution: 'A smell of burning: switch off; do not drive until a qualified person has checked it.',
  },
  freshener: { uk: 'air freshener', hint: 'may cover another smell' },
  other: { uk: 'something else', hint: 'say what' },
} as const satisfies Record<string, SmellFacts>;

export type SmellId = keyof typeof smells;
export const smellIds = Object.keys(smells) as [SmellId, ...SmellId[]];
export const smellOf = (id: SmellId): SmellFacts => smells[id];

export const smellName = (id: SmellId, vocabulary: Vocabulary): string =>
  (vocabulary === 'us' ? smellOf(id).us : undefined) ?? smellOf(id).uk;

export const smellStrengths = ['faint', 'clear', 'strong'] as const;
export type SmellStrength = (typeof smellStrengths)[number];

/** "None noticed", or "damp or mould, faint; smoke, clear". */
export const smellWords = (
  noticed: readonly { smell: SmellId; strength: SmellStrength; says?: string | undefined }[],
  vocabulary: Vocabulary,
): string =>
  noticed.length === 0
    ? 'none noticed'
    : noticed
        .map(({ smell, strength, says }) =>
          [smell === 'other' && says ? says : smellName(smell, vocabulary), strength].join(', '),
        )
        .join('; ');
