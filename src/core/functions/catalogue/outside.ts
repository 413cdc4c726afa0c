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
  'remote-lock': {
    wrong: 'Remote does not lock and unlock as it should',
    uk: 'Remote locks and unlocks',
    usual: true,
  },
  'every-key': { wrong: 'Not every key opens and starts', uk: 'Every key opens and starts', usual: true },
  keyless: { uk: 'Keyless entry and start', on: since(2005) },
  'door-locks': {
    wrong: 'Not every door locks and opens',
    uk: 'Every door locks and opens, inside and out',
    usual: true,
  },
  'child-locks': { uk: 'Child locks', on: hasRearDoors },
  'double-lock': { uk: 'Lock from the driver’s door', usual: true },
  'boot-release': {
    wrong: 'Boot does not open and lock as it should',
    wrongUs: 'Trunk does not open and lock as it should',
    uk: 'Boot opens and locks',
    us: 'Trunk opens and locks',
    usual: true,
    on: isCar,
  },
  'power-tailgate': {
    uk: 'Powered tailgate',
    us: 'Power liftgate',
    on: hasTailgate,
    caution: 'Stand clear: hands and heads out of its way.',
  },
  'bonnet-release': { uk: 'Bonnet release and stay', us: 'Hood release and prop', usual: true },
  'filler-release': {
    wrong: 'Filler flap does not open and lock as it should',
    wrongUs: 'Fuel door does not open and lock as it should',
    uk: 'Filler flap opens and locks',
    us: 'Fuel door opens and locks',
    usual: true,
  },
  'sliding-door': { uk: 'Sliding door', on: hasSlidingDoor },
  'locking-nuts': {
    wrong: 'Locking-nut key does not fit',
    wrongUs: 'Wheel-lock key does not fit',
    uk: 'Locking-nut key fits',
    us: 'Wheel-lock key fits',
    on: isCar,
  },
  'soft-close': {
    wrong: 'Doors do not pull themselves shut',
    uk: 'Doors pull themselves shut',
    on: since(2000),
  },
} as const satisfies Record<string, FunctionFacts>;

/** Lamps, all round. */
export const lamps = {
  'side-lamps': { uk: 'Side lamps', us: 'Parking lights', usual: true },
  'dipped-beam': {
    wrong: 'Dipped beam',
    wrongUs: 'Low beam',
    uk: 'Dipped beam, both',
    us: 'Low beam, both',
    usual: true,
  },
  'main-beam': {
    wrong: 'Main beam',
    wrongUs: 'High beam',
    uk: 'Main beam, both',
    us: 'High beam, both',
    usual: true,
  },
  'daytime-lamps': { uk: 'Daytime running lamps', us: 'Daytime running lights', on: since(2008) },
  'front-fog': { uk: 'Front fog lamps', us: 'Front fog lights' },
  'rear-fog': { uk: 'Rear fog lamp', us: 'Rear fog light', usual: true },
  'brake-lamps': {
    wrong: 'Brake lamps',
    wrongUs: 'Brake lights',
    uk: 'Brake lamps, all',
    us: 'Brake lights, all',
    usual: true,
  },
  indicators: {
    wrong: 'Indicators or repeaters',
    wrongUs: 'Turn signals',
    uk: 'Indicators, all, and repeaters',
    us: 'Turn signals, all',
    usual: true,
  },
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
  'front-wipers': { wrong: 'Front wipers', uk: 'Front wipers, all speeds', usual: true },
  'front-washers': { uk: 'Front washers', usual: true },
  'rear-wiper': { uk: 'Rear wiper and washer', usual: true, on: hasTailgate },
  'rain-sensor': { uk: 'Rain sensor', on: since(2002) },
  'rear-demist': { uk: 'Heated rear glass', us: 'Rear defroster', usual: true, on: isCar, takes: 180 },
  'heated-screen': { uk: 'Heated windscreen', us: 'Heated windshield', takes: 180 },
  horn: { uk: 'Horn', usual: true },
} as const satisfies Record<string, FunctionFacts>;

/** Roof, tow equipment, suspension, charging. */
export const body = {
  sunroof: {
    wrong: 'Glass roof does not open, tilt and close as it should',
    uk: 'Glass roof opens, tilts, closes',
    on: (car) => car.extras.includes('glass-roof'),
  },
  sunblind: { uk: 'Roof blind', us: 'Roof shade', on: (car) => car.extras.includes('glass-roof') },
  'soft-top-down': {
    wrong: 'Roof does not open all the way',
    uk: 'Roof opens, all the way',
    usual: true,
    on: hasSoftTop,
    caution: 'Hands clear of the roof’s joints.',
  },
  'soft-top-up': {
    wrong: 'Roof does not close and lock as it should',
    uk: 'Roof closes and locks',
    usual: true,
    on: hasSoftTop,
    caution: 'Hands clear of the roof’s joints.',
  },
  'tow-electrics': { uk: 'Tow socket', us: 'Trailer socket', on: (car) => car.extras.includes('tow-bar') },
  'tow-ball': {
    wrong: 'Tow ball does not fit and lock as it should',
    wrongUs: 'Hitch ball does not fit and lock as it should',
    uk: 'Tow ball fits and locks',
    us: 'Hitch ball fits and locks',
    on: (car) => car.extras.includes('tow-bar'),
  },
  'air-suspension': {
    wrong: 'Suspension does not rise and lower as it should',
    uk: 'Suspension rises and lowers',
    takes: 120,
  },
  'suspension-overnight': {
    wrong: 'Suspension sinks overnight',
    uk: 'Suspension does not sink overnight',
    takes: 'overnight',
  },
  'charge-cable': {
    wrong: 'Charging cable is missing or not whole',
    uk: 'Charging cable is there and whole',
    usual: true,
    on: isPlugged,
    caution: 'High voltage: a damaged cable is not plugged in.',
  },
  'charge-slow': {
    wrong: 'Does not charge at a slow point',
    uk: 'Charges at a slow point',
    usual: true,
    on: isPlugged,
    takes: 120,
  },
  'charge-fast': {
    wrong: 'Does not charge at a fast point',
    uk: 'Charges at a fast point',
    on: isPlugged,
    takes: 120,
  },
  'fifth-wheel-lock': {
    wrong: 'Fifth wheel does not lock and let go as it should',
    uk: 'Fifth wheel locks and lets go',
    usual: true,
    on: isTruck,
  },
  'power-takeoff': { uk: 'Power take-off', on: isTruck },
  'side-steps-power': {
    wrong: 'Side steps do not fold out',
    wrongUs: 'Power running boards do not fold out',
    uk: 'Side steps fold out',
    us: 'Power running boards',
    on: (car) => car.extras.includes('side-steps'),
  },
} as const satisfies Record<string, FunctionFacts>;
