import type { Point } from './geometry';

/**
 * The few measures a body is drawn from, in millimetres: x from the nose backwards, z up from the ground.
 * They are our own round figures for a car of the kind, not any maker's.
 */
export interface Profile {
  length: number;
  width: number;
  height: number;
  frontAxle: number;
  rearAxle: number;
  tyreRadius: number;
  rimRadius: number;
  /** Lower and upper edge of the sill. */
  sill: readonly [low: number, high: number];
  /** Upper outline from the nose to the base of the windscreen. */
  bonnet: readonly Point[];
  /** Upper outline from the base of the windscreen to the end of the roof. */
  roof: readonly Point[];
  /** Upper outline from the end of the roof down to the rear bumper. */
  tail: readonly Point[];
  /** Lower edge of the side glass: z at the mirror and at the rear pillar. */
  belt: readonly [front: number, rear: number];
  /** Shut lines: front edge of the front door, pillar between the doors, rear edge of the last door. */
  doors: { front: number; middle: number; rear?: number };
  /** Where the side glass ends. */
  glassEnd: number;
  /** Index into `tail` of the lower edge of the rear glass. */
  rearGlassBase: number;
  /** A lid over a boot of its own, or a tailgate or side-hung door that takes the glass with it. */
  rearLid: 'tailgate' | 'swingdoor' | 'bootlid';
  fillerFlap: 'l' | 'r';
  roofRails: boolean;
  /** A pane behind the rear door. */
  quarterGlass: boolean;
  /** Where the lid begins, as an index into `tail`; where the rear glass ends, unless said. */
  lidFrom?: number;
  /** An open bed behind the cab: its ends and the height of its floor. */
  bed?: { from: number; to: number; floor: number };
  /** A roof that folds, so that it is looked at up and down. */
  softTop?: true;
  /** Rows of seats; two unless said. */
  rows?: 1 | 2;
  /** Upright sides, as a load needs them. */
  boxy?: true;
}
