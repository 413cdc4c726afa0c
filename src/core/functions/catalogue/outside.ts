import {
  type FunctionFacts,
  hasBed,
  hasRearDoors,
  hasSlidingDoor,
  hasSoftTop,
  hasTailgate,
  isCar,
  isPlugged,
  isTruck,
  since,
} from '../functionFacts';

/** Locks and openings. */
export const locks = {
  'remote-lock': { uk: 'Remote locks and unlocks', usual: true },
  'every-key': { uk: 'Every key opens and starts', usual: true },
  keyless: { uk: 'Keyless entry and start', on: since(2005) },
  'door-locks': { uk: 'Every door locks and opens, inside and out', usual: true },
  'child-locks': { uk: 'Child locks', on: hasRearDoors },
  'double-lock': { uk: 'Lock from the driver’s door', usual: true },
  'boot-release': { uk: 'Boot opens and locks', us: 'Trunk opens and locks', usual: true, on: isCar },
  'power-tailgate': {
    uk: 'Powered tailgate',
    us: 'Power liftgate',
    on: hasTailgate,
    caution: 'Stand clear: hands and heads out of its way.',
  },
  'bonnet-release': { uk: 'Bonnet release and stay', us: 'Hood release and prop', usual: true },
  'filler-release': { uk: 'Filler flap opens and locks', us: 'Fuel door opens and locks', usual: true },
  'sliding-door': { uk: 'Sliding door', on: hasSlidingDoor },
  'locking-nuts': { uk: 'Locking-nut key fits', us: 'Wheel-lock key fits', on: isCar },
  'soft-close': { uk: 'Doors pull themselves shut', on: since(2000) },
} as const satisfies Record<string, FunctionFacts>;

/** Lamps, all round. */
export const lamps = {
  'side-lamps': { uk: 'Side lamps', us: 'Parking lights', usual: true },
  'dipped-beam': { uk: 'Dipped beam, both', us: 'Low beam, both', usual: true },
  'main-beam': { uk: 'Main beam, both', us: 'High beam, both', usual: true },
  'daytime-lamps': { uk: 'Daytime running lamps', us: 'Daytime running lights', on: since(2008) },
  'front-fog': { uk: 'Front fog lamps', us: 'Front fog lights' },
  'rear-fog': { uk: 'Rear fog lamp', us: 'Rear fog light', usual: true },
  'brake-lamps': { uk: 'Brake lamps, all', us: 'Brake lights, all', usual: true },
  indicators: { uk: 'Indicators, all, and repeaters', us: 'Turn signals, all', usual: true },
  hazards: { uk: 'Hazard warning', us: 'Hazard flashers', usual: true },
  'reversing-lamps': { uk: 'Reversing lamps', us: 'Reverse lights', usual: true },
  'plate-lamps': { uk: 'Number plate lamps', us: 'License plate lights', usual: true },
  'auto-lamps': { uk: 'Automatic lamps', us: 'Automatic headlights', on: since(2002) },
  'auto-dip': { uk: 'Automatic main beam', us: 'Automatic high beam', on: since(2008) },
  'lamp-level': { uk: 'Headlamp levelling', us: 'Headlight leveling' },
  'lamp-washers': { uk: 'Headlamp washers', us: 'Headlight washers' },
  'cornering-lamps': { uk: 'Cornering lamps', us: 'Cornering lights' },
  'puddle-lamps': { uk: 'Puddle and door lamps', us: 'Puddle and door lights' },
  'work-lamps': {
    uk: 'Beacons and work lamps',
    us: 'Beacons and work lights',
    on: (car) => isTruck(car) || hasBed(car),
  },
} as const satisfies Record<string, FunctionFacts>;

/** Glass kept clear, and the horn. */
export const wipe = {
  'front-wipers': { uk: 'Front wipers, all speeds', usual: true },
  'front-washers': { uk: 'Front washers', usual: true },
  'rear-wiper': { uk: 'Rear wiper and washer', usual: true, on: hasTailgate },
  'rain-sensor': { uk: 'Rain sensor', on: since(2002) },
  'rear-demist': { uk: 'Heated rear glass', us: 'Rear defroster', usual: true, on: isCar, takes: 180 },
  'heated-screen': { uk: 'Heated windscreen', us: 'Heated windshield', takes: 180 },
  horn: { uk: 'Horn', usual: true },
} as const satisfies Record<string, FunctionFacts>;

/** Roof, tow equipment, suspension, charging. */
export const body = {
  sunroof: { uk: 'Glass roof opens, tilts, closes', on: (car) => car.extras.includes('glass-roof') },
  sunblind: { uk: 'Roof blind', us: 'Roof shade', on: (car) => car.extras.includes('glass-roof') },
  'soft-top-down': {
    uk: 'Roof opens, all the way',
    usual: true,
    on: hasSoftTop,
    caution: 'Hands clear of the roof’s joints.',
  },
  'soft-top-up': {
    uk: 'Roof closes and locks',
    usual: true,
    on: hasSoftTop,
    caution: 'Hands clear of the roof’s joints.',
  },
  'tow-electrics': { uk: 'Tow socket', us: 'Trailer socket', on: (car) => car.extras.includes('tow-bar') },
  'tow-ball': {
    uk: 'Tow ball fits and locks',
    us: 'Hitch ball fits and locks',
    on: (car) => car.extras.includes('tow-bar'),
  },
  'air-suspension': { uk: 'Suspension rises and lowers', takes: 120 },
  'suspension-overnight': {
    uk: 'Suspension does not sink overnight',
    wrong: 'Suspension overnight',
    takes: 'overnight',
  },
  'charge-cable': {
    uk: 'Charging cable is there and whole',
    usual: true,
    on: isPlugged,
    caution: 'High voltage: a damaged cable is not plugged in.',
  },
  'charge-slow': { uk: 'Charges at a slow point', usual: true, on: isPlugged, takes: 120 },
  'charge-fast': { uk: 'Charges at a fast point', on: isPlugged, takes: 120 },
  'fifth-wheel-lock': { uk: 'Fifth wheel locks and lets go', usual: true, on: isTruck },
  'power-takeoff': { uk: 'Power take-off', on: isTruck },
  'side-steps-power': {
    uk: 'Side steps fold out',
    us: 'Power running boards',
    on: (car) => car.extras.includes('side-steps'),
  },
} as const satisfies Record<string, FunctionFacts>;
