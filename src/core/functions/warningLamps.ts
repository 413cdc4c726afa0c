import type { Vocabulary } from '../car';
import { burns, type FunctionCar, isCar, isDiesel, isPlugged, isTruck, since } from './functionFacts';

const DO_NOT_DRIVE = 'do not drive until a qualified person has checked it';

export interface WarningLampFacts {
  uk: string;
  us?: string;
  /** The colour it usually has: red stops one, amber warns. */
  colour: 'red' | 'amber';
  on?: (car: FunctionCar) => boolean;
  caution?: string;
}

/** Warning lamps by what they mean, in plain words; the gravest first. */
export const warningLamps = {
  'oil-pressure': {
    uk: 'Oil pressure',
    colour: 'red',
    on: burns,
    caution: `Oil pressure lamp on: switch off at once; ${DO_NOT_DRIVE}.`,
  },
  'engine-hot': {
    uk: 'Engine too hot',
    colour: 'red',
    caution: 'Engine too hot: switch off; let it cool before anyone opens anything.',
  },
  brakes: { uk: 'Brakes', colour: 'red', caution: `Brake lamp on: ${DO_NOT_DRIVE}.` },
  airbag: { uk: 'Airbag', colour: 'red', caution: `Airbag lamp on: ${DO_NOT_DRIVE}.` },
  steering: { uk: 'Steering', colour: 'red', caution: `Steering lamp on: ${DO_NOT_DRIVE}.` },
  'high-voltage': {
    uk: 'High-voltage system',
    colour: 'red',
    on: isPlugged,
    caution: `High-voltage lamp on: do not touch orange cables; ${DO_NOT_DRIVE}.`,
  },
  'air-pressure-low': {
    uk: 'Air pressure low',
    colour: 'red',
    on: isTruck,
    caution: `Air pressure lamp on: ${DO_NOT_DRIVE}.`,
  },
  'battery-charge': { uk: 'Battery not charging', colour: 'red' },
  belt: { uk: 'Seat belt', colour: 'red' },
  'door-open': { uk: 'Door open', colour: 'red' },
  'anti-lock': {
    uk: 'Anti-lock brakes',
    colour: 'amber',
    on: since(1990),
    caution: `Anti-lock lamp on: ${DO_NOT_DRIVE}.`,
  },
  stability: {
    uk: 'Stability control',
    colour: 'amber',
    on: since(1998),
    caution: `Stability lamp on: ${DO_NOT_DRIVE}.`,
  },
  engine: { uk: 'Engine management', us: 'Check engine', colour: 'amber', on: burns },
  'glow-plugs': { uk: 'Glow plugs', colour: 'amber', on: isDiesel },
  'particle-filter': { uk: 'Particle filter', colour: 'amber', on: isDiesel },
  'exhaust-fluid': { uk: 'Exhaust fluid low', colour: 'amber', on: isDiesel },
  'tyre-pressure': { uk: 'Tyre pressure', us: 'Tire pressure', colour: 'amber', on: since(2005) },
  'brake-pads': { uk: 'Brake pads worn', colour: 'amber', caution: `Brake pad lamp on: ${DO_NOT_DRIVE}.` },
  gearbox: { uk: 'Gearbox', us: 'Transmission', colour: 'amber' },
  bulb: { uk: 'Lamp out', us: 'Light out', colour: 'amber' },
  washer: { uk: 'Washer fluid low', colour: 'amber', on: isCar },
  'service-due': { uk: 'Service due', colour: 'amber' },
  'low-fuel': { uk: 'Fuel or charge low', colour: 'amber' },
  'another-lamp': { uk: 'Another lamp', us: 'Another light', colour: 'amber' },
} as const satisfies Record<string, WarningLampFacts>;

export type WarningLampId = keyof typeof warningLamps;
export const warningLampIds = Object.keys(warningLamps) as [WarningLampId, ...WarningLampId[]];
export const warningLampOf = (id: WarningLampId): WarningLampFacts => warningLamps[id];

export const warningLampName = (id: WarningLampId, vocabulary: Vocabulary): string =>
  (vocabulary === 'us' ? warningLampOf(id).us : undefined) ?? warningLampOf(id).uk;

/** Lamps a car of this build can have. */
export const warningLampsFor = (car: FunctionCar): WarningLampId[] =>
  warningLampIds.filter((id) => warningLampOf(id).on?.(car) ?? true);

/** What the lamps-out function says when lamps stay on: "airbag, engine management stay on". */
export const lampsOnWords = (lamps: readonly WarningLampId[], vocabulary: Vocabulary): string => {
  const names = lamps.map((id) => warningLampName(id, vocabulary).toLowerCase());
  return `${names.join(', ')} ${names.length === 1 ? 'stays' : 'stay'} on`;
};
