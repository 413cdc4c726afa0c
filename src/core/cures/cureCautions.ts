import type { Cure } from '../walk';

/** The usual caution where a cure can hurt who does it. Local law and trained people come first. */
const cautions: Partial<Record<Cure, string>> = {
  'touch-in': 'Paint and thinner: fresh air, gloves, no flame.',
  'local-paint': 'Spraying paint harms the lungs: trained people, supplied air, a booth.',
  'full-panel': 'Spraying paint harms the lungs: trained people, supplied air, a booth.',
  'repair-panel':
    'Dust, heat and welding: trained people, eyes and lungs protected, battery and airbags made safe first.',
  'treat-rust': 'Dust and chemicals: mask, gloves, eyes protected.',
  polish: 'Dust and a turning machine: eyes protected, nothing loose.',
  'wheel-refurbish':
    'Lifting: on a proper lift or stands, by trained people; nuts to the maker’s torque, checked again.',
  'glass-replace':
    'Bonded glass holds airbags and roof: fitted by trained people, and not driven before the glue has set.',
  replace: 'Belts, airbags, tyres and brakes are fitted by trained people.',
  mechanical: 'Lifting, hot and moving parts, high voltage: trained people alone.',
};

export const cureCaution = (cure: Cure): string | undefined => cautions[cure];
