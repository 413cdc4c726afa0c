import type { PartId } from '../car';
import type { Cure, Sureness } from '../walk';
import type { Trade } from './trades';

/** From the least to the most it may be; the same twice where it is known. Money in whole pence or cents. */
export interface Range {
  low: number;
  high: number;
}

/** A line of how a price came about: "45 min of the dent specialist", 6000. */
export interface PriceLine {
  says: string;
  amount: Range;
}

/** Work that may be given to somebody: one cure at one place, or a bundle of them. */
export interface Job {
  /** "touch-in finding 018f…", "full-panel bonnet", "polish car": the same for the same car and walk. */
  id: string;
  cure: Cure;
  trade: Trade;
  /** Where, in words: "Bonnet", "All wheels", "Whole car". */
  where: string;
  parts: readonly PartId[];
  /** Ids of the faults it puts right. */
  mends: readonly string[];
  /** How sure it is that it mends them: of the least sure. */
  sure: Sureness;
  /** Absent where a price is missing: then nobody can say what it costs. */
  cost?: Range;
  /** What is missing, in words. */
  missing?: string;
  minutes: Range;
  lines: readonly PriceLine[];
  /** Ids of what is paid once, however many jobs need it. */
  once: readonly string[];
}

/** What is paid once for all jobs that need it: setting up, a call-out, the way to the body shop. */
export interface PaidOnce {
  id: string;
  says: string;
  cost: number;
}

/** What a job counts with where it is not known exactly: the middle of its range. */
export const expected = ({ low, high }: Range): number => Math.round((low + high) / 2);
export const sum = (ranges: readonly Range[]): Range => ({
  low: ranges.reduce((total, { low }) => total + low, 0),
  high: ranges.reduce((total, { high }) => total + high, 0),
});
export const exactly = (value: number): Range => ({ low: value, high: value });
