import type { HideBox, Mark, Place } from './marksSchema';

/** Where findings sit on a picture that shows where they are. */
export interface PictureSpot {
  /** What stands in the ring: the finding's number. */
  number: number;
  at: Place;
}

/** Everything drawn over a picture before it leaves the yard. */
export interface Overlay {
  marks?: readonly Mark[];
  boxes?: readonly HideBox[];
  spots?: readonly PictureSpot[];
}

export const isBare = ({ marks, boxes, spots }: Overlay): boolean =>
  !marks?.length && !boxes?.length && !spots?.length;

/** Lines and text are this share of the picture's longer side, so that they read the same on any picture. */
export const LINE_SHARE = 0.004;
export const TEXT_SHARE = 0.026;
/** A ring round a spot, share of the longer side. */
export const SPOT_RADIUS_SHARE = 0.035;
