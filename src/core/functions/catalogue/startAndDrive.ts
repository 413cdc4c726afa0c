import { burns, type FunctionFacts, isCar, isDiesel, isPlugged, isTruck, since } from '../functionFacts';

const DO_NOT_DRIVE = 'Do not drive until a qualified person has checked it.';

/** Key on, start, idle: in the order people do it. */
export const start = {
  'lamps-light': {
    wrong: 'Warning lamps do not light with the key',
    wrongUs: 'Warning lights do not come on with the key',
    uk: 'Warning lamps light with the key',
    us: 'Warning lights come on with the key',
    usual: true,
  },
  'glow-lamp': {
    wrong: 'Glow lamp does not go out',
    wrongUs: 'Glow light does not go out',
    uk: 'Glow lamp goes out',
    us: 'Glow light goes out',
    usual: true,
    on: isDiesel,
    takes: 20,
  },
  'starts-cold': {
    first: true,
    wrong: 'Does not start as it should from cold',
    uk: 'Starts cold',
    usual: true,
    on: burns,
  },
  'starts-warm': { wrong: 'Does not start as it should when warm', uk: 'Starts warm', on: burns },
  'starter-sound': {
    wrong: 'Starter does not sound healthy',
    uk: 'Starter sounds healthy',
    usual: true,
    on: burns,
  },
  'ready-lamp': {
    first: true,
    wrong: 'Does not come to “ready”',
    uk: 'Comes to “ready”',
    usual: true,
    on: isPlugged,
  },
  'lamps-out': {
    first: true,
    wrong: 'A warning lamp stays on',
    wrongUs: 'A warning light stays on',
    uk: 'Warning lamps go out',
    us: 'Warning lights go out',
    usual: true,
    takes: 15,
    caution: `If the airbag, brake or stability lamp stays on: do not drive until a qualified person has checked it.`,
  },
  'oil-lamp': {
    wrong: 'Oil lamp does not go out at once',
    wrongUs: 'Oil light does not go out at once',
    uk: 'Oil lamp goes out at once',
    us: 'Oil light goes out at once',
    usual: true,
    on: burns,
    caution: 'Oil lamp stays on: switch off at once.',
  },
  'idle-smooth': { wrong: 'Does not idle smoothly', uk: 'Idles smoothly', usual: true, on: burns },
  'engine-noise': {
    wrong: 'Engine knocks or rattles',
    uk: 'No knocking or rattling',
    usual: true,
    on: burns,
  },
  'exhaust-smoke': {
    wrong: 'Smoke from the exhaust',
    uk: 'No smoke from the exhaust',
    usual: true,
    on: burns,
  },
  'revs-clean': { wrong: 'Does not rev cleanly', uk: 'Revs cleanly', usual: true, on: burns },
  'temperature-gauge': {
    wrong: 'Temperature does not come up and stay',
    uk: 'Temperature comes up and stays',
    on: burns,
    takes: 600,
  },
  'stop-start': { uk: 'Stop-start', on: since(2010) },
  'fuel-gauge': { uk: 'Fuel or charge gauge', us: 'Fuel or charge gauge', usual: true },
  immobiliser: { uk: 'Alarm and immobiliser', us: 'Alarm and immobilizer' },
  'battery-overnight': {
    wrong: 'Battery does not hold overnight',
    uk: 'Battery holds overnight',
    takes: 'overnight',
  },
  'air-pressure': {
    first: true,
    wrong: 'Air pressure does not build and hold',
    uk: 'Air pressure builds and holds',
    usual: true,
    on: isTruck,
    takes: 300,
  },
} as const satisfies Record<string, FunctionFacts>;

/** A short drive. Insured, licensed, with trade cover; phone away. */
export const drive = {
  'clutch-bite': {
    wrong: 'Clutch does not take and let go as it should',
    uk: 'Clutch takes and lets go',
    on: burns,
  },
  'gears-all': {
    first: true,
    wrong: 'Not every gear is as it should be',
    uk: 'All gears, reverse too',
    usual: true,
  },
  'pulls-straight': { first: true, wrong: 'Does not pull straight', uk: 'Pulls straight', usual: true },
  'wheel-straight': {
    wrong: 'Steering wheel does not stand straight',
    uk: 'Steering wheel stands straight',
    usual: true,
  },
  'brakes-smooth': {
    first: true,
    wrong: 'Brakes are not smooth and straight',
    uk: 'Brakes smooth and straight',
    usual: true,
    caution: DO_NOT_DRIVE,
  },
  'handbrake-holds': {
    wrong: 'Parking brake does not hold as it should',
    uk: 'Parking brake holds',
    us: 'Parking brake holds',
    usual: true,
    caution: DO_NOT_DRIVE,
  },
  'no-shake': { wrong: 'Shakes at speed', uk: 'No shake at speed', usual: true },
  'suspension-quiet': {
    wrong: 'Suspension is not quiet over bumps',
    uk: 'Suspension quiet over bumps',
    usual: true,
  },
  'wheel-bearings': { wrong: 'Hum from the wheels', uk: 'No hum from wheels', usual: true },
  'drive-noise': { wrong: 'Noise from gearbox or axle', uk: 'No noise from gearbox or axle', usual: true },
  'engine-pulls': {
    wrong: 'Engine does not pull as it should',
    uk: 'Engine pulls as it should',
    usual: true,
  },
  'steering-assist': { uk: 'Steering assistance', usual: true },
  'all-wheel-drive': { uk: 'All-wheel drive, low range, locks', on: isCar },
  retarder: { uk: 'Engine brake or retarder', on: isTruck },
} as const satisfies Record<string, FunctionFacts>;
