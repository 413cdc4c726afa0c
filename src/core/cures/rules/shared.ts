import type { Condition } from '../condition';

/** Outside, of a material that is painted there. */
export const painted: Condition = { fact: 'panel', is: ['painted'] };

export const FILM = {
  if: { fact: 'underFilm', is: ['yes'] },
  says: 'film lies over the paint there: it comes off first',
} as const;

/** Large and flat: what is blended shows. */
export const BLUNT_PANELS = {
  if: { fact: 'partKind', is: ['bonnet', 'roof', 'bootlid'] },
  says: 'on so large and flat a panel the blend would show',
} as const;
