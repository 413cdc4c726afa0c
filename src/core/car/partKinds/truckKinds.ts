import type { PartKindFacts } from './partKindFacts';

/** What only a tractor unit has. */
export const truckKinds = {
  sunvisor: { uk: 'outer sun visor', us: 'outer sun visor', zone: 'front', material: 'plastic' },
  cabstep: { uk: 'cab steps', us: 'cab steps', zone: 'side', material: 'aluminium' },
  sleeper: { uk: 'sleeper side', us: 'sleeper side', zone: 'side', material: 'steel' },
  fairing: { uk: 'sleeper fairing', us: 'sleeper fairing', zone: 'side', material: 'plastic' },
  skirt: { uk: 'side fairing', us: 'chassis fairing', zone: 'side', material: 'plastic' },
  fueltank: { uk: 'fuel tank', us: 'fuel tank', zone: 'side', material: 'aluminium' },
  mudguard: { uk: 'mudguard', us: 'quarter fender', saysEnd: true, zone: 'side', material: 'plastic' },
  cabback: { uk: 'cab rear wall', us: 'cab rear wall', zone: 'rear', material: 'steel' },
  airlines: { uk: 'air and power lines', us: 'air and power lines', zone: 'rear', material: 'rubber' },
  fifthwheel: { uk: 'fifth wheel', us: 'fifth wheel', zone: 'rear', material: 'mechanical' },
  deflector: { uk: 'roof deflector', us: 'roof fairing', zone: 'top', material: 'plastic' },
  airtanks: { uk: 'air tanks', us: 'air tanks', zone: 'underneath', material: 'mechanical' },
} as const satisfies Record<string, PartKindFacts>;
