import type { Vocabulary } from '../car';

interface EquipmentFacts {
  uk: string;
  us?: string;
}

/** What people ask after that is not tried by a switch; what is tried stands in the catalogue of functions. */
const table = {
  'leather-seats': { uk: 'Leather seats' },
  'sports-seats': { uk: 'Sports seats', us: 'Sport seats' },
  'alloy-wheels': { uk: 'Alloy wheels' },
  'black-pack': { uk: 'Dark trim outside' },
  'tinted-glass': { uk: 'Dark glass at the back' },
  'metallic-paint': { uk: 'Metallic paint' },
  'roof-bars': { uk: 'Bars for a roof load', us: 'Crossbars' },
  'full-size-spare': { uk: 'Full-size spare wheel' },
  'sports-suspension': { uk: 'Lowered suspension' },
  'air-suspension': { uk: 'Air suspension' },
  'limited-slip': { uk: 'Limited-slip differential' },
  'low-range': { uk: 'Low range' },
  'large-tank': { uk: 'Large fuel tank' },
  tracker: { uk: 'Tracker' },
  alarm: { uk: 'Alarm' },
  'dash-camera': { uk: 'Camera at the screen', us: 'Dash camera' },
  'dog-guard': { uk: 'Dog guard' },
  'load-divider': { uk: 'Bulkhead or divider' },
  winch: { uk: 'Winch' },
  snorkel: { uk: 'Raised air intake' },
} as const satisfies Record<string, EquipmentFacts>;

export type EquipmentId = keyof typeof table;
export const equipmentIds = Object.keys(table) as [EquipmentId, ...EquipmentId[]];
export const isEquipmentId = (id: string): id is EquipmentId => id in table;

export function equipmentName(id: EquipmentId, vocabulary: Vocabulary): string {
  const facts: EquipmentFacts = table[id];
  return (vocabulary === 'us' ? facts.us : undefined) ?? facts.uk;
}
