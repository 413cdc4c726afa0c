import type { z } from 'zod';
import type { PartId } from '../../../car';
import type { TreadDepth, TreadUnit } from '../../../measure';
import type { MadeIn, MeasuredThirds, TreadLook, TyreFlag, TyreLawId } from '../../../tyres';
import type { BrakeMark, WheelFinish } from '../../../wheels';
import type { Spot } from '../../spot';
import type { Noters } from '../noters';
import type { PaintSource, readingBodies } from './bodies';

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
  treadMaker?: string;
  casingMaker?: string;
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

type Body<K extends keyof typeof readingBodies> = z.output<(typeof readingBodies)[K]>;
export type ScreenPlanned = Body<'screen-planned'>;
export type TyreSaid = Body<'tyre-described'>;

/** What was read of the car, beside what was seen. */
export interface Readings {
  treads: Map<PartId, TreadRead>;
  /** How tyres looked to the eye. */
  treadLooks: Map<PartId, TreadLook>;
  tyres: Map<PartId, TyreDescribed>;
  tyreLaw?: TyreLawChosen;
  wheels: Map<PartId, WheelDescribed>;
  paint: Map<PartId, PaintRead[]>;
  /** Metals noted of panels. */
  metals: Map<PartId, 'steel' | 'aluminium'>;
  screen?: ScreenPlanned;
}

export const noReadings = (): Readings => ({
  treads: new Map(),
  treadLooks: new Map(),
  tyres: new Map(),
  wheels: new Map(),
  paint: new Map(),
  metals: new Map(),
});

/** How one reading is written into the readings it belongs to. */
export const readingNoters: Noters<Readings, typeof readingBodies> = {
  'tread-read': ({ treads }, { body, at }) => {
    treads.set(body.part, withTread(treads.get(body.part), body, at));
  },
  'tread-by-eye': ({ treadLooks }, { body: { part, looks } }) => {
    if (looks === null) treadLooks.delete(part);
    else treadLooks.set(part, looks);
  },
  'tyre-described': ({ tyres }, { body: { part, ...said } }) => {
    tyres.set(part, merged<TyreDescribed>(tyres.get(part) ?? { flags: [] }, said));
  },
  'tyre-law-chosen': (readings, { body }) => {
    readings.tyreLaw = body;
  },
  'wheel-described': ({ wheels }, { body: { part, ...said } }) => {
    wheels.set(part, merged<WheelDescribed>(wheels.get(part) ?? {}, said));
  },
  'paint-read': ({ paint }, { id, at, body: { part, ...read } }) => {
    const here = paint.get(part);
    const one = { entry: id, ...read, at };
    if (here) here.push(one);
    else paint.set(part, [one]);
  },
  'panel-metal-noted': ({ metals }, { body: { part, metal } }) => {
    if (metal === null) metals.delete(part);
    else metals.set(part, metal);
  },
  'screen-planned': (readings, { body }) => {
    readings.screen = body;
  },
};

function withTread(
  before: TreadRead | undefined,
  { depth, unit, third, source }: Body<'tread-read'>,
  at: string,
): TreadRead {
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
