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

/** What to heed at a finding, by what was said of it; undefined where there is nothing. The usual caution; local law and qualified people come first. */
export function findingCaution(
  { kind, details }: Pick<Finding, 'kind' | 'details'>,
  part: Pick<Part, 'kind'> | undefined,
): string | undefined {
  if (kind === 'rust' && (details.severity === 'heavy' || details.hole))
    return part && structure.has(part.kind)
      ? 'Rust right through the structure: do not drive until a qualified person has checked it.'
      : 'Rust right through: have a qualified person look whether anything is fastened there.';
  return findingKindOf(kind).caution;
}

/** Whether a caution of ours says outright, without an "if", that the car is not to be driven. */
export const stopsDriving = (caution: string): boolean =>
  /do not drive/i.test(caution) && !/^if /i.test(caution);
