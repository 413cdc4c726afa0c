import type { Part, Vocabulary } from '../car';
import type { FindingKind } from './findingKinds';

interface LookFacts {
  /** Said of what was looked at and found in order: "straight, no dents". */
  uk: string;
  us?: string;
  /** What would be logged if it were there: "not there" and "there" speak of the same things. */
  kinds: readonly FindingKind[];
  /** Only on these kinds of part, where the kinds of finding would let it be said of more. */
  on?: readonly Part['kind'][];
}

/** What a person looks for on a part, the most telling first. Common practice. */
const lookTable = {
  straight: { uk: 'straight, no dents', kinds: ['dent', 'ripple'] },
  'edge-clean': { uk: 'door edge free of nicks', kinds: ['edge-nick'] },
  'no-kerbing': { uk: 'no kerbing', us: 'no curb rash', kinds: ['kerbing'] },
  'rim-true': { uk: 'not bent, no cracks', kinds: ['wheel-bent'] },
  'no-wheel-corrosion': { uk: 'no corrosion, no flaking', kinds: ['wheel-corrosion', 'wheel-flaking'] },
  'sidewalls-sound': { uk: 'no bulge, no cut', kinds: ['tyre-bulge', 'tyre-cut'] },
  'no-tyre-cracks': { uk: 'no cracks in the rubber', kinds: ['tyre-cracks'] },
  'even-wear': { uk: 'worn evenly', kinds: ['tyre-wear'] },
  'no-water': { uk: 'no water inside', kinds: ['moisture'] },
  'no-haze': { uk: 'no haze', kinds: ['haze'] },
  'lamp-whole': { uk: 'no crack, fixings whole', kinds: ['lamp-crack', 'lamp-lug'] },
  'glass-whole': { uk: 'no chip, no crack', kinds: ['glass-chip', 'glass-crack'] },
  'no-glass-scratch': { uk: 'no scratches in the glass', kinds: ['glass-scratch'] },
  'no-delamination': { uk: 'edge not lifting', kinds: ['delamination'] },
  'no-scratches': { uk: 'no scratches or scuffs', kinds: ['scratch', 'scuff'] },
  'no-chips': { uk: 'no stone chips', kinds: ['stone-chip'] },
  'no-rust': { uk: 'no rust or bubbling where this type has it', kinds: ['rust', 'bloom'] },
  'paint-even': {
    uk: 'paint even, no sign of respray',
    us: 'paint even, no sign of repaint',
    kinds: ['respray-sign', 'peel', 'old-repair'],
  },
  'gaps-even': { uk: 'gaps even', kinds: ['gap'] },
  'no-tears': { uk: 'no cracks, no tears', kinds: ['tear', 'cover-crack'] },
  'no-stains': { uk: 'no stains', kinds: ['stain', 'colour-rub'] },
  firm: { uk: 'firm', kinds: ['flat-bolster', 'wear'], on: ['seat', 'bolster', 'seatback', 'seat3', 'bunk'] },
  'no-burns': { uk: 'no burns', kinds: ['burn'] },
  'no-sag': { uk: 'not sagging', kinds: ['sag'] },
  'runs-back': { uk: 'runs back', us: 'retracts', kinds: ['slow-belt'] },
  'no-leaks': { uk: 'no leaks', kinds: ['leak'] },
  'no-corrosion': { uk: 'no corrosion', kinds: ['corrosion'] },
  'not-perished': { uk: 'not perished', kinds: ['split', 'worn'] },
  whole: { uk: 'not cracked or broken', kinds: ['broken'] },
  fixed: { uk: 'nothing loose or missing', kinds: ['loose'] },
} as const satisfies Record<string, LookFacts>;

export type LookId = keyof typeof lookTable;
export const lookIds = Object.keys(lookTable) as [LookId, ...LookId[]];
export const lookOf = (id: LookId): LookFacts => lookTable[id];

/** The faults it says are not there. */
export const lookKinds = (id: LookId): readonly FindingKind[] => lookOf(id).kinds;

export const lookWords = (id: LookId, vocabulary: Vocabulary): string =>
  (vocabulary === 'us' ? lookOf(id).us : undefined) ?? lookOf(id).uk;
