/** Measures a tractor unit is drawn from, in millimetres; our own round figures for a vehicle of the kind. */
export interface TruckProfile {
  length: number;
  width: number;
  height: number;
  axles: readonly [front: number, middle: number, rear: number];
  tyreRadius: number;
  rimRadius: number;
  /** Height of the frame's upper edge. */
  frame: number;
  /** Edges of the door and the end of the sleeper, from the nose. */
  door: readonly [from: number, to: number];
  sleeperEnd: number;
  fairingEnd: number;
  /** Length of a bonnet before the cab; none where the driver sits over the engine. */
  bonnet?: number;
  /** Lower edge of the side glass, and of the cab. */
  belt: number;
  cabFloor: number;
}
