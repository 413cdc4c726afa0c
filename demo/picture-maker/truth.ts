import type { CameraSet, ScaleKind } from './spec';
import type { MarkKind } from './stage/damage/kinds';
import type { Extent } from './stage/damage/measureMask';

export type Triple = readonly [number, number, number];

/**
 * What is so in a picture, worked out from the scene it was taken of. Places are scene millimetres: X backwards from the nose,
 * Y up from the ground, Z to the car's left. Pixels count from the upper left corner of the stored picture.
 */
export interface Truth {
  name: string;
  seed: number;
  width: number;
  height: number;
  /** Three rows of four: scene place with a fourth 1 to pixel x, y and divisor. */
  camera: { matrix: number[][]; eye: Triple; focalMm: number };
  sky: string;
  part: string | null;
  side: 'left' | 'right' | null;
  spot: { u: number; v: number; place: Triple; pixel: readonly [number, number] } | null;
  /** What is shown there; null when there is nothing. */
  mark: {
    kind: MarkKind | 'kerbing' | 'bolster-wear' | 'stain';
    /** Gone after a wipe: it only looks like damage. */
    isDirt: boolean;
    extent: Extent | { fromDeg: number; toDeg: number; arcMm: number };
    /** Outline in pixels of the area outside which nothing is changed. */
    area: readonly (readonly [number, number])[];
  } | null;
  /** Two directions in the surface's plane (the ground's, for a whole car) and the matrix from its millimetres to pixels. */
  plane: { origin: Triple; right: Triple; up: Triple; homography: number[][] };
  scale: {
    kind: ScaleKind;
    sizeMm: Readonly<Record<string, number>>;
    /** Its upper edge, as places and as pixels. */
    outline: readonly Triple[];
    pixels: readonly (readonly [number, number])[];
  } | null;
  /** Tread left at each third, for a picture of one. */
  treadMm: { outer: number; centre: number; inner: number } | null;
  odometer: { distance: string; unit: 'mi' | 'km' } | null;
  lens: Pick<CameraSet, 'shakePx' | 'exposureEv' | 'glare' | 'noise'> & {
    /** Diameter in pixels of the circle a point at the spot is blurred into. */
    focusBlurPx: number;
  };
}
