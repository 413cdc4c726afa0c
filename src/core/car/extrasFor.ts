import { type ExtraId, extraIds, extraOf } from './extras';
import { type BodyStyleId, traitsOf } from './styles/bodyOf';

/** The extras a car of this body style can have. */
export function extrasFor(style: BodyStyleId): ExtraId[] {
  const traits = traitsOf(style);
  return extraIds.filter((id) => extraOf(id).on?.(traits) ?? true);
}
