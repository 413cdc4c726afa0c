import { burns, type FunctionFacts, isCar, isDiesel, isPlugged, isTruck, since } from '../functionFacts';

const DO_NOT_DRIVE = 'Do not drive until a qualified person has checked it.';

/** Key on, start, idle: in the order people do it. */
export const start = {
  'lamps-light': {
    uk: 'Warning lamps light with the key',
    us: 'Warning lights come on with the key',
    usual: true,
  },
  'glow-lamp': {
    uk: 'Glow lamp goes out',
    us: 'Glow light goes out',
    wrong: 'Glow lamp',
    usual: true,
    on: isDiesel,
    takes: 20,
  },
  'starts-cold': { uk: 'Starts cold', wrong: 'Start from cold', usual: true, on: burns },
  'starts-warm': { uk: 'Starts warm', wrong: 'Start when warm', on: burns },
  'starter-sound': { uk: 'Starter sounds healthy', wrong: 'Starter', usual: true, on: burns },
  'ready-lamp': { uk: 'Comes to “ready”', usual: true, on: isPlugged },
  'lamps-out': {
    uk: 'Warning lamps go out',
    us: 'Warning lights go out',
    wrong: 'Warning lamps',
    usual: true,
    takes: 15,
    caution: `Airbag, brake or stability lamp stays on: ${DO_NOT_DRIVE}`,
  },
  'oil-lamp': {
    uk: 'Oil lamp goes out at once',
    us: 'Oil light goes out at once',
    wrong: 'Oil lamp',
    usual: true,
    on: burns,
    caution: 'Oil lamp stays on: switch off at once.',
  },
  'idle-smooth': { uk: 'Idles smoothly', wrong: 'Idle', usual: true, on: burns },
  'engine-noise': { uk: 'No knocking or rattling', wrong: 'Engine noise', usual: true, on: burns },
  'exhaust-smoke': { uk: 'No smoke from the exhaust', wrong: 'Exhaust smoke', usual: true, on: burns },
  'revs-clean': { uk: 'Revs cleanly', wrong: 'Revving', usual: true, on: burns },
  'temperature-gauge': {
    uk: 'Temperature comes up and stays',
    wrong: 'Engine temperature',
    on: burns,
    takes: 600,
  },
  'stop-start': { uk: 'Stop-start', on: since(2010) },
  'fuel-gauge': { uk: 'Fuel or charge gauge', us: 'Fuel or charge gauge', usual: true },
  immobiliser: { uk: 'Alarm and immobiliser', us: 'Alarm and immobilizer' },
  'battery-overnight': { uk: 'Battery holds overnight', wrong: 'Battery', takes: 'overnight' },
  'air-pressure': {
    uk: 'Air pressure builds and holds',
    wrong: 'Air pressure',
    usual: true,
    on: isTruck,
    takes: 300,
  },
} as const satisfies Record<string, FunctionFacts>;

/** A short drive. Insured, licensed, with trade cover; phone away. */
export const drive = {
  'clutch-bite': { uk: 'Clutch takes and lets go', wrong: 'Clutch', on: burns },
  'gears-all': { uk: 'All gears, reverse too', usual: true },
  'pulls-straight': { uk: 'Pulls straight', wrong: 'Straight running', usual: true },
  'wheel-straight': { uk: 'Steering wheel stands straight', wrong: 'Steering wheel’s stand', usual: true },
  'brakes-smooth': { uk: 'Brakes smooth and straight', wrong: 'Braking', usual: true, caution: DO_NOT_DRIVE },
  'handbrake-holds': {
    uk: 'Parking brake holds',
    us: 'Parking brake holds',
    wrong: 'Parking brake',
    usual: true,
    caution: DO_NOT_DRIVE,
  },
  'no-shake': { uk: 'No shake at speed', wrong: 'Shake at speed', usual: true },
  'suspension-quiet': { uk: 'Suspension quiet over bumps', wrong: 'Suspension over bumps', usual: true },
  'wheel-bearings': { uk: 'No hum from wheels', wrong: 'Hum from wheels', usual: true },
  'drive-noise': { uk: 'No noise from gearbox or axle', wrong: 'Noise from gearbox or axle', usual: true },
  'engine-pulls': { uk: 'Engine pulls as it should', wrong: 'Engine’s pull', usual: true },
  'steering-assist': { uk: 'Steering assistance', usual: true },
  'all-wheel-drive': { uk: 'All-wheel drive, low range, locks', on: isCar },
  retarder: { uk: 'Engine brake or retarder', on: isTruck },
} as const satisfies Record<string, FunctionFacts>;
