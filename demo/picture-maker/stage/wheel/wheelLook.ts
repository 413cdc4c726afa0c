export interface RimDesign {
  spokes: number;
  forked: boolean;
  finish: 'silver' | 'dark' | 'steel';
}

export interface WheelLook {
  tyreRadius: number;
  rimRadius: number;
  /** Across the tread. */
  width: number;
  design: RimDesign;
  /** Damage along the rim's edge, degrees clockwise from the top as seen from outside. */
  kerbing?: { fromDeg: number; toDeg: number; depthMm: number };
}
