import type { EntryOf } from './entries';

export type SmellsNoticed = EntryOf<'smell-noted'>['body']['noticed'];
export type ItemCounted = Omit<EntryOf<'item-counted'>['body'], 'item'>;
export type Alteration = Omit<EntryOf<'alteration-noted'>['body'], 'alteration'>;

export interface Kit {
  /** Absent until somebody has smelt; empty when nothing was noticed. */
  smells?: SmellsNoticed;
  items: Map<string, ItemCounted>;
  alterations: Map<string, Alteration>;
}

export const noKit = (): Kit => ({ items: new Map(), alterations: new Map() });

export function noteKit(
  kit: Kit,
  entry: EntryOf<'smell-noted' | 'item-counted' | 'alteration-noted' | 'alteration-removed'>,
): void {
  switch (entry.kind) {
    case 'smell-noted':
      kit.smells = entry.body.noticed;
      break;
    case 'item-counted': {
      const { item, ...counted } = entry.body;
      // A thing of one's own is named once; later counts need not repeat it.
      const name = counted.name ?? kit.items.get(item)?.name;
      kit.items.set(item, { ...counted, ...(name && { name }) });
      break;
    }
    case 'alteration-noted': {
      const { alteration, ...rest } = entry.body;
      kit.alterations.set(alteration, rest);
      break;
    }
    case 'alteration-removed':
      kit.alterations.delete(entry.body.alteration);
      break;
    default:
      entry satisfies never;
  }
}
