import type { Part } from '../car';
import { findingKindOf } from './findingKinds';
import type { Finding } from './walkState';

/** Where a hole of rust is a matter of strength: sills, pillars, floor, frame, and where axles and engine are mounted. Common practice. */
const structure: ReadonlySet<string> = new Set<Part['kind']>([
  'sill',
  'pillar-a',
  'pillar-b',
  'floor',
  'sillunder',
  'frontunder',
  'rearunder',
  'frame',
]);

/** Of rust that has gone right through. */
export const holeCautions = {
  'hole-in-structure':
    'Rust right through the structure: do not drive until a qualified person has checked it.',
  hole: 'Rust right through: have a qualified person look whether anything is fastened there.',
} as const;

/** What to heed at a finding, by what was said of it: where its caution stands among our words. The usual caution; local law and qualified people come first. */
export function cautionIdOf(
  { kind, details }: Pick<Finding, 'kind' | 'details'>,
  part: Pick<Part, 'kind'> | undefined,
): keyof typeof holeCautions | Finding['kind'] | undefined {
  if (kind === 'rust' && (details.severity === 'heavy' || details.hole))
    return part && structure.has(part.kind) ? 'hole-in-structure' : 'hole';
  return findingKindOf(kind).caution ? kind : undefined;
}

/** The same in words; undefined where there is nothing to heed. */
export function findingCaution(
  finding: Pick<Finding, 'kind' | 'details'>,
  part: Pick<Part, 'kind'> | undefined,
): string | undefined {
  const id = cautionIdOf(finding, part);
  return id === 'hole' || id === 'hole-in-structure' ? holeCautions[id] : id && findingKindOf(id).caution;
}

/** Whether a caution of ours says outright, without an "if", that the car is not to be driven. */
export const stopsDriving = (caution: string): boolean =>
  /do not drive/i.test(caution) && !/^if /i.test(caution);
