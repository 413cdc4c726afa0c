import type { Material, PartKind } from './partKinds';

interface SubPartFacts {
  uk: string;
  us?: string;
  /** On these parts. */
  of: readonly PartKind[];
  material: Material;
}

/** Smaller things on a part, opened only when wanted: the walk gets no longer by them. */
const table = {
  handle: {
    uk: 'handle and lock trim',
    of: ['door', 'tailgate', 'swingdoor', 'bootlid'],
    material: 'plastic',
  },
  'window-rubber': {
    uk: 'window rubber and trim',
    of: ['door', 'sideglass', 'quarterglass', 'windscreen', 'rearglass'],
    material: 'rubber',
  },
  moulding: {
    uk: 'moulding',
    us: 'molding',
    of: ['door', 'wing', 'quarter', 'sill', 'bumper-front', 'bumper-rear', 'arch'],
    material: 'plastic',
  },
  'window-frame': { uk: 'window frame', of: ['door'], material: 'steel' },
  'door-seal': { uk: 'door seal', of: ['door', 'swingdoor'], material: 'rubber' },
  hinge: { uk: 'hinge', of: ['door', 'tailgate', 'swingdoor', 'bootlid', 'bonnet'], material: 'steel' },
  strut: {
    uk: 'gas strut',
    us: 'lift support',
    of: ['tailgate', 'bootlid', 'bonnet', 'swingdoor'],
    material: 'mechanical',
  },
  jamb: { uk: 'door jamb', of: ['door'], material: 'steel' },
  'door-foot': { uk: 'lower edge and drain holes', of: ['door', 'tailgate', 'swingdoor'], material: 'steel' },
  'arch-lip': { uk: 'inner arch lip', of: ['arch', 'wing', 'quarter'], material: 'steel' },
  'arch-liner': {
    uk: 'wheel-arch liner',
    us: 'wheel-well liner',
    of: ['arch', 'wing', 'quarter'],
    material: 'plastic',
  },
  'cross-member': {
    uk: 'cross member',
    us: 'crossmember',
    of: ['floor', 'frontunder', 'rearunder', 'frame'],
    material: 'steel',
  },
  'frame-rail': { uk: 'frame rail', of: ['floor', 'frontunder', 'rearunder'], material: 'steel' },
  'exhaust-tip': { uk: 'exhaust tip', of: ['bumper-rear', 'rearunder'], material: 'chrome' },
  scuttle: { uk: 'scuttle', us: 'cowl', of: ['windscreen', 'bonnet'], material: 'plastic' },
  'sill-plate': { uk: 'sill plate', us: 'door sill plate', of: ['sill', 'door'], material: 'chrome' },
  'cover-strap': { uk: 'strap', of: ['loadcover'], material: 'fabric' },
  'rail-cap': { uk: 'rail cap', of: ['bedside'], material: 'plastic' },
  'cab-lamp': { uk: 'cab lamp', us: 'cab light', of: ['roof'], material: 'glass' },
  'ceiling-console': {
    uk: 'ceiling console',
    us: 'overhead console',
    of: ['headlining'],
    material: 'plastic',
  },
  'seat-rear': { uk: 'rear of the seat back', of: ['seat', 'seatback'], material: 'vinyl' },
  buckle: { uk: 'buckle', of: ['belt', 'seat'], material: 'none' },
  'pillar-trim': { uk: 'pillar trim', of: ['pillar-a', 'pillar-b', 'headlining'], material: 'plastic' },
  'wiper-arm': { uk: 'wiper arm', of: ['wipers', 'rearglass'], material: 'steel' },
  'washer-jet': { uk: 'washer jet', of: ['bonnet', 'windscreen', 'headlamp'], material: 'plastic' },
  sensor: { uk: 'parking sensor', of: ['bumper-front', 'bumper-rear'], material: 'plastic' },
  badge: {
    uk: 'badge',
    of: ['grille', 'bonnet', 'tailgate', 'swingdoor', 'bootlid', 'wing'],
    material: 'chrome',
  },
  'number-plate': {
    uk: 'number plate',
    us: 'license plate',
    of: ['bumper-front', 'bumper-rear', 'tailgate', 'swingdoor', 'bootlid'],
    material: 'plastic',
  },
  'lower-lip': { uk: 'lower lip', of: ['bumper-front', 'bumper-rear'], material: 'plastic' },
  'centre-cap': { uk: 'centre cap', us: 'center cap', of: ['wheel'], material: 'plastic' },
} as const satisfies Record<string, SubPartFacts>;

export type SubPartId = keyof typeof table;
export const subPartIds = Object.keys(table) as [SubPartId, ...SubPartId[]];
const factsOf = (id: SubPartId): SubPartFacts => table[id];

/** The smaller things there are on a part. */
export const subPartsOf = (kind: PartKind): SubPartId[] =>
  subPartIds.filter((id) => factsOf(id).of.includes(kind));

/** What they are called, within a sentence. */
export const subPartNames = subPartIds.map((id) => [id, factsOf(id).uk, factsOf(id).us] as const);

export const subPartMaterial = (id: SubPartId): Material => factsOf(id).material;
