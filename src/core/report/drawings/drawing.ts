import type { Point } from '../../car';

export type Place = readonly [x: number, y: number];

interface Look {
  fill?: string;
  stroke?: string;
  /** Width of the stroke. */
  line?: number;
  isDashed?: true;
}

/** One mark of a drawing, in its own units; y downwards. */
export type Shape =
  | ({ is: 'polygon'; points: readonly Place[]; isHatched?: true } & Look)
  | ({ is: 'circle'; at: Place; radius: number } & Look)
  | ({ is: 'line'; from: Place; to: Place } & Look)
  /** A word, its middle there, or its beginning. */
  | { is: 'label'; at: Place; text: string; size: number; begins?: true };

/** A picture as data: drawn as vectors on paper and in a page alike. Units are points, 1/72 inch, on paper. */
export interface Drawing {
  /** What it shows, for those who cannot see it. */
  says: string;
  width: number;
  height: number;
  shapes: readonly Shape[];
}

export const colours = {
  ink: '#14181c',
  soft: '#4a535b',
  tape: '#ffc933',
  rule: '#c9cdc8',
  warn: '#8f1d1d',
  sheet: '#ffffff',
} as const;

/** Maps millimetres of a drawing, x to the right and y downwards, into a box, whole and in proportion. */
export function fitter(
  size: { width: number; height: number },
  box: { x: number; y: number; width: number; height: number },
  isMirrored = false,
): { at: (point: Point) => Place; scale: number } {
  const scale = Math.min(box.width / size.width, box.height / size.height);
  const left = box.x + (box.width - size.width * scale) / 2;
  const top = box.y + (box.height - size.height * scale) / 2;
  return {
    scale,
    at: ([x, y]) => [left + (isMirrored ? size.width - x : x) * scale, top + y * scale],
  };
}
