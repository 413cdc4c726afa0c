export const zones = ['front', 'left', 'rear', 'right', 'top', 'wheels', 'cabin'] as const;
export type Zone = (typeof zones)[number];

export const materials = ['steel', 'plastic', 'glass', 'alloy', 'rubber', 'none'] as const;
export type Material = (typeof materials)[number];

interface PartKindFacts {
  uk: string;
  us: string;
  /** "front" or "rear" is part of the spoken name ("rear door"), not only of the place. */
  saysEnd?: true;
  zone: Exclude<Zone, 'left' | 'right'> | 'side';
  material: Material;
}

/** Everything on the walk that can be looked at, in the two vocabularies. */
export const partKinds = {
  'bumper-front': { uk: 'front bumper', us: 'front bumper', zone: 'front', material: 'plastic' },
  grille: { uk: 'grille', us: 'grille', zone: 'front', material: 'plastic' },
  headlamp: { uk: 'headlamp', us: 'headlight', zone: 'front', material: 'glass' },
  foglamp: { uk: 'fog lamp', us: 'fog light', zone: 'front', material: 'glass' },
  bonnet: { uk: 'bonnet', us: 'hood', zone: 'front', material: 'steel' },
  windscreen: { uk: 'windscreen', us: 'windshield', zone: 'front', material: 'glass' },
  wipers: { uk: 'front wipers', us: 'front wipers', zone: 'front', material: 'rubber' },
  wing: { uk: 'wing', us: 'fender', zone: 'side', material: 'steel' },
  mirror: { uk: 'door mirror', us: 'door mirror', zone: 'side', material: 'plastic' },
  'pillar-a': {
    uk: 'A-pillar and roof edge',
    us: 'A-pillar and roof edge',
    zone: 'side',
    material: 'steel',
  },
  door: { uk: 'door', us: 'door', saysEnd: true, zone: 'side', material: 'steel' },
  sideglass: { uk: 'door glass', us: 'door glass', saysEnd: true, zone: 'side', material: 'glass' },
  'pillar-b': { uk: 'B-pillar', us: 'B-pillar', zone: 'side', material: 'steel' },
  quarterglass: { uk: 'quarter glass', us: 'quarter glass', zone: 'side', material: 'glass' },
  sill: { uk: 'sill', us: 'rocker panel', zone: 'side', material: 'steel' },
  quarter: { uk: 'rear quarter', us: 'quarter panel', zone: 'side', material: 'steel' },
  arch: { uk: 'wheel arch', us: 'wheel arch', saysEnd: true, zone: 'side', material: 'steel' },
  fillerflap: { uk: 'filler flap', us: 'fuel door', zone: 'side', material: 'plastic' },
  wheel: { uk: 'wheel', us: 'wheel', saysEnd: true, zone: 'wheels', material: 'alloy' },
  tyre: { uk: 'tyre', us: 'tire', saysEnd: true, zone: 'wheels', material: 'rubber' },
  rearglass: { uk: 'rear glass', us: 'rear glass', zone: 'rear', material: 'glass' },
  tailgate: { uk: 'tailgate', us: 'liftgate', zone: 'rear', material: 'steel' },
  bootlid: { uk: 'boot lid', us: 'trunk lid', zone: 'rear', material: 'steel' },
  taillamp: { uk: 'tail lamp', us: 'tail light', zone: 'rear', material: 'glass' },
  'bumper-rear': {
    uk: 'rear bumper and loading edge',
    us: 'rear bumper and loading edge',
    zone: 'rear',
    material: 'plastic',
  },
  roof: { uk: 'roof', us: 'roof', zone: 'top', material: 'steel' },
  hardtop: { uk: 'hard top', us: 'hardtop', zone: 'top', material: 'steel' },
  roofrail: { uk: 'roof rail', us: 'roof rail', zone: 'top', material: 'plastic' },
  aerial: { uk: 'aerial', us: 'antenna', zone: 'top', material: 'plastic' },
  odometer: { uk: 'odometer', us: 'odometer', zone: 'cabin', material: 'none' },
} as const satisfies Record<string, PartKindFacts>;

export type PartKind = keyof typeof partKinds;

export function partKindOf(kind: PartKind): PartKindFacts {
  return partKinds[kind];
}
