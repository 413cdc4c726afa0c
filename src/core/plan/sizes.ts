import type { Part } from '../car';
import type { Facts } from '../cures';
import { type SizeClass, sizeClasses } from './prices';

/** Longest side up to which a fault is small, and medium; millimetres. House figures. */
const UP_TO_MM = { small: 30, medium: 100 } as const;
/** Area up to which a panel is small, and medium; square millimetres. House figures. */
const UP_TO_MM2 = { small: 150_000, medium: 900_000 } as const;
/** How many are meant where nobody counted. House figures. */
const COUNTS = { low: 1, high: 5 } as const;

/** How large a fault may be: one class where it was measured, all of them where not. */
export function faultSizes({ lengthMm, areaMm2 }: Facts): readonly [SizeClass, SizeClass] {
  const across = lengthMm ?? (areaMm2 === undefined ? undefined : Math.sqrt(Number(areaMm2)));
  if (across === undefined) return [sizeClasses[0], sizeClasses[2]];
  const mm = Number(across);
  const size = mm <= UP_TO_MM.small ? 'small' : mm <= UP_TO_MM.medium ? 'medium' : 'large';
  return [size, size];
}

/** How large a panel is to paint or polish. */
export function panelSize(part: Pick<Part, 'box'> | undefined): SizeClass {
  const area = part ? part.box.width * part.box.height : 0;
  return area <= UP_TO_MM2.small ? 'small' : area <= UP_TO_MM2.medium ? 'medium' : 'large';
}

/** How many spots a fault is. */
export function faultCount({ count }: Facts): { low: number; high: number } {
  return count === undefined ? COUNTS : { low: Number(count), high: Number(count) };
}
