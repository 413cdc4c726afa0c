import { isKitItemId, kitItemName, smellWords } from '../../../kit';
import { familyOf, inside } from '../family';
import type { kitBodies } from './bodies';
import { kitNoters, noKit } from './state';

export const kit = familyOf<typeof kitBodies>()({
  empty: () => ({ kit: noKit() }),
  noters: inside((state) => state.kit, kitNoters),
  words: {
    'smell-noted': ({ noticed }, { vocabulary }) => `Smell: ${smellWords(noticed, vocabulary)}`,
    'item-counted': ({ item, name, count, condition }, { vocabulary }) => {
      const title = name ?? (isKitItemId(item) ? kitItemName(item, vocabulary) : 'A thing');
      return `${title}: ${count}${condition ? `, ${condition}` : ''}`;
    },
    'alteration-noted': ({ says }) => `Altered: ${says}`,
    'alteration-removed': () => 'Alteration taken off',
  },
});
