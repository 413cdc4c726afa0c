/** How a service is proven. */
export const proofs = ['stamp', 'invoice', 'electronic', 'said'] as const;
export type Proof = (typeof proofs)[number];
export const proofWords: Record<Proof, string> = {
  stamp: 'stamp',
  invoice: 'invoice',
  electronic: 'electronic record',
  said: 'said only',
};

/** What is done at a service. Words people use for it, longest first where one holds another. */
export const serviceWorks = {
  'major service': ['major service', 'full service', 'big service', 'major'],
  'minor service': ['minor service', 'interim service', 'small service', 'interim', 'minor', 'service'],
  oil: ['engine oil', 'oil change', 'oil and filter', 'oil & filter', 'oil'],
  'oil filter': ['oil filter'],
  'air filter': ['air filter'],
  'cabin filter': ['pollen filter', 'cabin filter', 'pollen'],
  'fuel filter': ['fuel filter'],
  filters: ['all filters', 'filters'],
  plugs: ['spark plugs', 'plugs', 'glow plugs'],
  belt: ['timing belt', 'cam belt', 'cambelt', 'belt'],
  'water pump': ['water pump'],
  'brake fluid': ['brake fluid'],
  coolant: ['coolant', 'antifreeze'],
  'gearbox oil': ['gearbox oil', 'transmission fluid', 'transmission oil', 'atf'],
  brakes: ['brakes', 'pads', 'discs', 'rotors'],
  tyres: ['tyres', 'tires'],
  battery: ['battery'],
  inspection: ['inspection', 'check', 'test'],
} as const satisfies Record<string, readonly string[]>;
export type ServiceWork = keyof typeof serviceWorks;
export const serviceWorkIds = Object.keys(serviceWorks) as [ServiceWork, ...ServiceWork[]];
