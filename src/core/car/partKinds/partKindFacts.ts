export const zones = [
  'front',
  'left',
  'rear',
  'right',
  'top',
  'wheels',
  'cabin',
  'boot',
  'engine',
  'underneath',
] as const;
export type Zone = (typeof zones)[number];

export const materials = [
  'steel',
  'aluminium',
  'plastic',
  'glass',
  'chrome',
  'leather',
  'fabric',
  'wood',
  'carbon',
  'vinyl',
  'alloy',
  'rubber',
  'mechanical',
  'none',
] as const;
export type Material = (typeof materials)[number];

/** What is known of a kind of part, whatever car it is on. */
export interface PartKindFacts {
  uk: string;
  us: string;
  /** "front" or "rear" is part of the spoken name ("rear door"), not only of the place. */
  saysEnd?: true;
  zone: Exclude<Zone, 'left' | 'right'> | 'side';
  material: Material;
}
