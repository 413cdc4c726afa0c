import { equipmentName, isEquipmentId } from '../../../equipment';
import { familyOf } from '../family';
import type { equipmentBodies } from './bodies';
import { type EquipmentNoted, equipmentSays } from './state';

export const equipment = familyOf<typeof equipmentBodies>()({
  empty: () => ({ equipment: new Map<string, EquipmentNoted>() }),
  noters: {
    'equipment-noted': ({ state }, { body: { item, standing, name } }) => {
      const known = name ?? state.equipment.get(item)?.name;
      if (standing === null) state.equipment.delete(item);
      else state.equipment.set(item, { standing, ...(known && { name: known }) });
    },
  },
  words: {
    'equipment-noted': ({ item, name, standing }, { vocabulary, titleOf }) => {
      const title = name ?? (isEquipmentId(item) ? equipmentName(item, vocabulary) : titleOf(item));
      return `${title}: ${standing === null ? 'taken off the list' : equipmentSays[standing]}`;
    },
  },
});
