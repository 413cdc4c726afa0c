import type { PartKind } from '../partKinds';
import type { Position } from '../sides';
import type { Point } from './geometry';

/** A part's outline on the face that shows it best. */
export interface Shape {
  kind: PartKind;
  position?: Position;
  outline: Point[];
}

/** Something drawn for orientation that is not itself looked at on this face. */
export interface Scenery {
  role: 'body' | 'glass' | 'lamp' | 'dark' | 'wheel' | 'line';
  points: Point[];
  /** Tapping it leads to this part, which lives on another face. */
  kind?: PartKind;
  position?: Position;
}

export interface FaceDrawing {
  width: number;
  height: number;
  shapes: Shape[];
  scenery: Scenery[];
}
