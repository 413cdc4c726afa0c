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

/** Its words in one vocabulary. */
export const cureWordsOf = (cure: Cure, vocabulary: Vocabulary): CureWords =>
  (vocabulary === 'us' ? cureWords[cure].us : undefined) ?? cureWords[cure].uk;

/** A cure as a piece of work: "Touch in", "Touch up". */
export const cureName = (cure: Cure, vocabulary: Vocabulary): string => cureWordsOf(cure, vocabulary).name;
