import type { z } from 'zod';
import type { Noters } from '../noters';
import type { kitBodies } from './bodies';

type Body<K extends keyof typeof kitBodies> = z.output<(typeof kitBodies)[K]>;

export type SmellsNoticed = Body<'smell-noted'>['noticed'];
export type ItemCounted = Omit<Body<'item-counted'>, 'item'>;
export type Alteration = Omit<Body<'alteration-noted'>, 'alteration'>;

export interface Kit {
  /** Absent until somebody has smelt; empty when nothing was noticed. */
  smells?: SmellsNoticed;
  items: Map<string, ItemCounted>;
  alterations: Map<string, Alteration>;
}

export const noKit = (): Kit => ({ items: new Map(), alterations: new Map() });

export const kitNoters: Noters<Kit, typeof kitBodies> = {
  'smell-noted': (kit, { body }) => {
    kit.smells = body.noticed;
  },
  'item-counted': ({ items }, { body: { item, ...counted } }) => {
    // A thing of one's own is named once; later counts need not repeat it.
    const name = counted.name ?? items.get(item)?.name;
    items.set(item, { ...counted, ...(name && { name }) });
  },
  'alteration-noted': ({ alterations }, { body: { alteration, ...rest } }) => {
    alterations.set(alteration, rest);
  },
  'alteration-removed': ({ alterations }, { body }) => {
    alterations.delete(body.alteration);
  },
};
