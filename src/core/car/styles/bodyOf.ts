import { bodies } from './bodies';
import type { Body } from './body';
import type { BodyTraits } from './traits';

export type BodyStyleId = keyof typeof bodies;
export const bodyStyleIds = Object.keys(bodies) as [BodyStyleId, ...BodyStyleId[]];

export const bodyOf = (id: BodyStyleId): Body => bodies[id];
export const traitsOf = (id: BodyStyleId): BodyTraits => bodies[id].traits;

export const bodyStyleNames = Object.fromEntries(
  bodyStyleIds.map((id) => [id, { uk: bodies[id].uk, us: bodies[id].us }]),
) as Record<BodyStyleId, { uk: string; us: string }>;
