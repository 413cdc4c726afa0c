import { cabinKinds } from './partKinds/cabinKinds';
import { outsideKinds } from './partKinds/outsideKinds';
import type { PartKindFacts } from './partKinds/partKindFacts';
import { truckKinds } from './partKinds/truckKinds';
import { underneathKinds } from './partKinds/underneathKinds';

export { type Material, materials, type Zone } from './partKinds/partKindFacts';

/** Everything on the walk that can be looked at, in the two vocabularies. */
export const partKinds = { ...outsideKinds, ...truckKinds, ...cabinKinds, ...underneathKinds } as const;

export type PartKind = keyof typeof partKinds;
export const partKindIds = Object.keys(partKinds) as [PartKind, ...PartKind[]];

export function partKindOf(kind: PartKind): PartKindFacts {
  return partKinds[kind];
}
