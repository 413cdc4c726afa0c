import type { Vocabulary } from '../car';
import { burns, type FunctionCar, isDiesel, isPlugged, isTruck } from './functionFacts';
import type { FunctionId } from './functions';

export interface StartStep {
  /** What to do now. */
  does: string;
  /** What to look or listen for; a yes says that these work. */
  asks: string;
  functions: readonly [FunctionId, ...FunctionId[]];
  /** Lamps that stay on are chosen here. */
  lamps?: true;
}

interface StepFacts extends StartStep {
  on?: (car: FunctionCar) => boolean;
  us?: { does?: string; asks?: string };
}

/** From key on to a running engine and warm cabin, one step after the other, as people do it. Common practice. */
const steps: readonly StepFacts[] = [
  {
    does: 'Key on, do not start',
    asks: 'All warning lamps light?',
    us: { asks: 'All warning lights come on?' },
    functions: ['lamps-light'],
  },
  {
    does: 'Wait',
    asks: 'Glow lamp goes out?',
    us: { asks: 'Glow light goes out?' },
    functions: ['glow-lamp'],
    on: isDiesel,
  },
  {
    does: 'Start it, cold',
    asks: 'Starts at once, starter sounds healthy?',
    functions: ['starts-cold', 'starter-sound'],
    on: burns,
  },
  { does: 'Switch it on', asks: 'Comes to “ready”?', functions: ['ready-lamp'], on: isPlugged },
  {
    does: 'Look at once',
    asks: 'Oil lamp is out?',
    us: { asks: 'Oil light is out?' },
    functions: ['oil-lamp'],
    on: burns,
  },
  {
    does: 'Wait some seconds',
    asks: 'All warning lamps out?',
    us: { asks: 'All warning lights out?' },
    functions: ['lamps-out'],
    lamps: true,
  },
  { does: 'Let it idle', asks: 'Idles smoothly?', functions: ['idle-smooth'], on: burns },
  { does: 'Listen', asks: 'No knocking, no rattling?', functions: ['engine-noise'], on: burns },
  { does: 'Look behind', asks: 'No smoke?', functions: ['exhaust-smoke'], on: burns },
  { does: 'Rev it a little', asks: 'Revs cleanly?', functions: ['revs-clean'], on: burns },
  { does: 'Watch the gauge', asks: 'Air pressure builds?', functions: ['air-pressure'], on: isTruck },
  {
    does: 'Blower on',
    asks: 'All speeds, screen, face and feet?',
    functions: ['blower-speeds', 'air-direction'],
  },
  {
    does: 'Air-con on, begin its timer',
    asks: 'Blows cold after some minutes?',
    us: { does: 'A/C on, begin its timer' },
    functions: ['aircon-cold'],
  },
  { does: 'Turn the wheel to and fro', asks: 'Light, without noise?', functions: ['steering-assist'] },
  { does: 'Read the gauges', asks: 'Fuel or charge is shown?', functions: ['fuel-gauge'] },
];

/** The steps for a car, each said in its country's words. */
export const startSequence = (car: FunctionCar, vocabulary: Vocabulary): StartStep[] =>
  steps
    .filter(({ on }) => on?.(car) ?? true)
    .map(({ does, asks, us, functions, lamps }) => ({
      does: (vocabulary === 'us' ? us?.does : undefined) ?? does,
      asks: (vocabulary === 'us' ? us?.asks : undefined) ?? asks,
      functions,
      ...(lamps && { lamps }),
    }));
