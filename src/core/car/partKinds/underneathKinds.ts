import type { PartKindFacts } from './partKindFacts';

/** Under the bonnet and underneath: looked at, never crawled under. */
export const underneathKinds = {
  idplate: { uk: 'identity plate', us: 'identity plate', zone: 'engine', material: 'none' },
  slampanel: {
    uk: 'bonnet catch and front panel',
    us: 'hood latch and front panel',
    zone: 'engine',
    material: 'steel',
  },
  innerwing: { uk: 'inner wing', us: 'inner fender', zone: 'engine', material: 'steel' },
  enginecover: {
    uk: 'engine and its covers',
    us: 'engine and its covers',
    zone: 'engine',
    material: 'mechanical',
  },
  engineside: { uk: 'side of the engine', us: 'side of the engine', zone: 'engine', material: 'mechanical' },
  fluids: { uk: 'fluids as seen', us: 'fluids as seen', zone: 'engine', material: 'mechanical' },
  hoses: { uk: 'belts and hoses', us: 'belts and hoses', zone: 'engine', material: 'mechanical' },
  battery: { uk: 'battery', us: 'battery', zone: 'engine', material: 'mechanical' },
  bulkhead: { uk: 'bulkhead and scuttle', us: 'firewall and cowl', zone: 'engine', material: 'steel' },
  undertray: { uk: 'undertrays', us: 'splash shields', zone: 'underneath', material: 'plastic' },
  frontunder: {
    uk: 'front suspension and mountings',
    us: 'front suspension and mountings',
    zone: 'underneath',
    material: 'mechanical',
  },
  rearunder: {
    uk: 'rear suspension and mountings',
    us: 'rear suspension and mountings',
    zone: 'underneath',
    material: 'mechanical',
  },
  floor: { uk: 'floor', us: 'floor', zone: 'underneath', material: 'steel' },
  sillunder: {
    uk: 'sill underside and drain holes',
    us: 'rocker underside and drain holes',
    zone: 'underneath',
    material: 'steel',
  },
  exhaust: { uk: 'exhaust', us: 'exhaust', zone: 'underneath', material: 'mechanical' },
  frame: { uk: 'frame rail', us: 'frame rail', zone: 'underneath', material: 'steel' },
} as const satisfies Record<string, PartKindFacts>;
