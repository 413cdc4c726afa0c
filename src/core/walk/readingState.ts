import type { PartId } from '../car';
import type { TreadDepth, TreadUnit } from '../measure';
import type { MadeIn, MeasuredThirds, TyreFlag, TyreLawId } from '../tyres';
import type { BrakeMark, WheelFinish } from '../wheels';
import type { EntryOf } from './entries';
import type { PaintSource } from './readingBodies';
import type { Spot } from './spot';

export interface TreadRead {
  /** By which it is judged: the whole, or its lowest third. */
  depth: TreadDepth;
  thirds: MeasuredThirds;
  unit: TreadUnit;
  at: string;
  /** Some of it came from the practice gauge. */
  isPractice?: true;
}

export interface TyreDescribed {
  brand?: string;
  size?: string;
  made?: MadeIn;
  flags: readonly TyreFlag[];
  fittedAt?: number;
}

export interface TyreLawChosen {
  law: TyreLawId;
  ownMm?: number;
  newMm?: number;
  isAllDriven?: boolean;
}

export interface WheelDescribed {
  rimIn?: number;
  finish?: WheelFinish;
  lip?: BrakeMark;
  grooves?: BrakeMark;
  discRust?: BrakeMark;
  padMm?: number;
}

export interface PaintRead {
  /** Id of the entry: undoing it takes the readings off again. */
  entry: string;
  um: readonly number[];
  source: PaintSource;
  spot?: Spot;
  at: string;
}

export type ScreenPlanned = EntryOf<'screen-planned'>['body'];

/** What was read of the car, beside what was seen. */
export interface Readings {
  treads: Map<PartId, TreadRead>;
  tyres: Map<PartId, TyreDescribed>;
  tyreLaw?: TyreLawChosen;
  wheels: Map<PartId, WheelDescribed>;
  paint: Map<PartId, PaintRead[]>;
  screen?: ScreenPlanned;
}

export const noReadings = (): Readings => ({
  treads: new Map(),
  tyres: new Map(),
  wheels: new Map(),
  paint: new Map(),
});

export type ReadingEntry = EntryOf<
  'tread-read' | 'tyre-described' | 'tyre-law-chosen' | 'wheel-described' | 'paint-read' | 'screen-planned'
>;

/** Writes one reading into the readings it belongs to. */
export function noteReading(readings: Readings, entry: ReadingEntry): void {
  switch (entry.kind) {
    case 'tread-read':
      readings.treads.set(entry.body.part, withTread(readings.treads.get(entry.body.part), entry));
      break;
    case 'tyre-described': {
      const { part, ...said } = entry.body;
      readings.tyres.set(part, merged<TyreDescribed>(readings.tyres.get(part) ?? { flags: [] }, said));
      break;
    }
    case 'wheel-described': {
      const { part, ...said } = entry.body;
      readings.wheels.set(part, merged<WheelDescribed>(readings.wheels.get(part) ?? {}, said));
      break;
    }
    case 'tyre-law-chosen':
      readings.tyreLaw = entry.body;
      break;
    case 'paint-read': {
      const { part, ...read } = entry.body;
      const here = readings.paint.get(part);
      const one = { entry: entry.id, ...read, at: entry.at };
      if (here) here.push(one);
      else readings.paint.set(part, [one]);
      break;
    }
    case 'screen-planned':
      readings.screen = entry.body;
      break;
    default:
      entry satisfies never;
  }
}

function withTread(before: TreadRead | undefined, { body, at }: EntryOf<'tread-read'>): TreadRead {
  const { depth, unit, third, source } = body;
  const { whole: _, ...parts } = before?.thirds ?? {};
  const thirds: MeasuredThirds = third === undefined ? { whole: depth } : { ...parts, [third]: depth };
  const lowest = Object.values(thirds).reduce((a, b) => (b.lowMm < a.lowMm ? b : a));
  const isPractice = source === 'practice' || (third !== undefined && before?.isPractice);
  return { depth: lowest, thirds, unit, at, ...(isPractice && { isPractice: true }) };
}

/** What is said replaces what was said before; null takes it back. */
function merged<T extends object>(before: T, said: { [K in keyof T]?: T[K] | null | undefined }): T {
  const after = { ...before } as Record<string, unknown>;
  for (const [key, value] of Object.entries(said)) {
    if (value === null) delete after[key];
    else if (value !== undefined) after[key] = value;
  }
  return after as T;
}
