import type { EquipmentStanding } from './bodies';

export interface EquipmentNoted {
  standing: EquipmentStanding;
  name?: string;
}

export const equipmentSays: Record<EquipmentStanding, string> = {
  fitted: 'fitted',
  said: 'said to be fitted',
  absent: 'not there',
};
