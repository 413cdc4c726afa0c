import type { PartId } from '../../src/core/car';
import type { Spot } from '../../src/core/walk';
import type { CarLook } from './stage/body/car';
import type { Mark } from './stage/damage/kinds';
import type { Ground } from './stage/damage/layers';
import type { SkyName } from './stage/light/skies';

/** Things laid beside a fault, with their sizes in millimetres. */
export const scaleSizes = {
  /** Plain round blanks of the diameters mints publish for common coins. */
  'blank-23.25': { diameterMm: 23.25, thickMm: 2.3 },
  'blank-24.26': { diameterMm: 24.26, thickMm: 1.75 },
  /** ISO/IEC 7810 ID-1. */
  card: { widthMm: 85.6, heightMm: 53.98, cornerMm: 3.18, thickMm: 0.76 },
  'tape-measure': { widthMm: 120, heightMm: 16, thickMm: 0.3 },
  'marker-tape': { widthMm: 50, heightMm: 19, thickMm: 0.2 },
  rod: { widthMm: 80, heightMm: 15, thickMm: 15 },
} as const;

export type ScaleKind = keyof typeof scaleSizes;

export interface Scale {
  kind: ScaleKind;
  /** Its middle, millimetres right and up of the spot. */
  offset: readonly [right: number, up: number];
  turnDeg: number;
}

export type View =
  /** A whole car from a distance: azimuth from the nose over the car's left. */
  | { of: 'car'; azimuthDeg: number; heightMm: number; distanceMm: number }
  /** A place on a part: from arm's length it shows where, from close by it shows what. */
  | {
      of: 'spot';
      part: PartId;
      spot: Spot;
      distanceMm: number;
      /** How far the eye stands to the right of, and above, straight on. */
      swingDeg: number;
      liftDeg: number;
      mark?: Mark;
      ground?: Ground;
      scale?: Scale;
      /** What is in the middle of the picture: the spot, or a place so far beside it. */
      aim?: readonly [right: number, up: number];
    }
  | {
      of: 'wheel';
      wheel: 'fl' | 'fr' | 'rl' | 'rr';
      distanceMm: number;
      swingDeg: number;
      liftDeg: number;
      atDeg?: number;
    }
  | {
      of: 'tread';
      wheel: 'fl' | 'fr' | 'rl' | 'rr';
      outerMm: number;
      centreMm: number;
      innerMm: number;
      distanceMm: number;
    }
  | { of: 'seat'; cover: 'leather' | 'cloth'; fault: 'bolster-wear' | 'stain' | 'none'; distanceMm: number }
  | { of: 'dashboard'; distance: string; unit: 'mi' | 'km'; lamps: readonly string[] }
  | { of: 'keys'; count: number }
  | {
      of: 'service-book';
      lines: readonly (readonly [date: string, distance: string, by: string, what: string])[];
    };

export interface CameraSet {
  focalMm: number;
  apertureMm: number;
  shakePx: number;
  /** Focus this much farther than the subject: a missed focus. */
  focusOffMm: number;
  /** Stops over or under what the meter says. */
  exposureEv: number;
  /** Standard deviation of the sensor's noise, of 255, in mid-grey. */
  noise: number;
  /** Light bleeding over the picture, 0..1. */
  glare: number;
  rollDeg: number;
}

export interface Picture {
  name: string;
  seed: number;
  sky: SkyName;
  car: CarLook;
  view: View;
  camera: CameraSet;
  /** Minutes after the walk began, for the camera's clock. */
  minute: number;
  /** The camera also wrote down a place; sharing must lose it. */
  withPlace?: true;
  /** Taken with the phone on its side: stored turned, with Exif orientation 6. */
  turned?: true;
}

export const phone: CameraSet = {
  focalMm: 28,
  apertureMm: 1.6,
  shakePx: 0.4,
  focusOffMm: 0,
  exposureEv: 0,
  noise: 3,
  glare: 0.08,
  rollDeg: 0,
};
