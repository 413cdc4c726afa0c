/** How much of its plate and identity number a report tells: whoever reads a link need not know whose car it is. */
export const identityTellings = ['full', 'last-six', 'left-out'] as const;
export type IdentityTelling = (typeof identityTellings)[number];

/** Said in the place of what a report leaves out. */
export const NOT_TOLD = 'not told in this report';

/** Stands for what is not told. */
const HIDDEN = '…';
/** So many signs are told at most, and never more than half: a plate has seven, a number seventeen. */
const MOST_SIGNS = 6;

/**
 * A plate or identity number as a report tells it: whole, its last six signs (of a short one the last half), or nothing.
 * Told again in the same way it stays what it is. `HXK4 22C` → `…22C`; seventeen signs → `…` and six.
 */
export function tellIdentity(text: string, telling: IdentityTelling): string {
  if (telling === 'left-out') return '';
  if (telling === 'full' || text.startsWith(HIDDEN)) return text;
  const signs = text.replaceAll(/[\s-]/g, '');
  const told = Math.min(MOST_SIGNS, Math.floor(signs.length / 2));
  return told === 0 ? '' : HIDDEN + signs.slice(-told);
}
