export type SweepHeld = 'new-index' | 'older-index' | 'smaller-index';

export interface Swept {
  /** Files put into quarantine. */
  putAside: number;
  /** Files of photos that are known again, put back. */
  broughtBack: number;
  /** Files no row names that were left where they are, and why. */
  left: number;
  held?: SweepHeld;
}
