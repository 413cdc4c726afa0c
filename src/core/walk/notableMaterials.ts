import type { Material } from '../car';

/** What a part may be made of on one car and not on another. */
export const notableMaterials = [
  'steel',
  'aluminium',
  'plastic',
  'carbon',
  'vinyl',
  'glass',
  'leather',
  'fabric',
  'wood',
  'chrome',
  'alloy',
] as const satisfies readonly Material[];
export type NotableMaterial = (typeof notableMaterials)[number];
