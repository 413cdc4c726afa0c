/** What only some shapes of body can be fitted with. */
export type ShapeOption = 'roof-rails' | 'glass-roof' | 'third-row' | 'side-steps' | 'guard-bar' | 'flares';

/** What follows from the kind of a body for all that can be on a car: extras, things that come with it, functions. */
export interface BodyTraits {
  /** How it ends: a lid that takes the glass along, a door hung at its side, a lid of its own, an open bed, a bare frame. */
  rear: 'tailgate' | 'swingdoor' | 'bootlid' | 'bed' | 'frame';
  /** Hinged doors to the rear seats. */
  hasRearDoors?: true;
  hasSlidingDoor?: true;
  hasRearSeats?: true;
  /** A cover over the load space. */
  hasLoadCover?: true;
  /** A roof that opens and closes. */
  hasSoftTop?: true;
  /** A heavy vehicle, with its own tyres, functions and law. */
  isTruck?: true;
  takes: readonly ShapeOption[];
}
