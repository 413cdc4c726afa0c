import { type Role, roleNames } from '#core/people';
import { Problem } from '../problems';

/** Somebody of this role is looked after by owners alone. */
export const notYours = (role: Role): Problem =>
  new Problem(
    403,
    'not-yours',
    'That is not yours to decide',
    `Who is here for “${roleNames[role].name}” is looked after by owners.`,
  );
