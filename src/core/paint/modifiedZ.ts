import { median } from './paintLevel';

/** Iglewicz and Hoaglin (1993): values whose modified z-score is beyond this are labelled outliers. */
export const Z_LIMIT = 3.5;
const FACTOR = 0.6745;

/**
 * Modified z-scores, 0.6745 · (x − median) / MAD (Iglewicz and Hoaglin 1993; NIST/SEMATECH e-Handbook 1.3.5.17). All 0 where the values
 * scatter so little that their MAD is 0.
 */
export function modifiedZ(values: readonly number[]): number[] {
  if (values.length === 0) return [];
  const middle = median(values);
  const mad = median(values.map((value) => Math.abs(value - middle)));
  return values.map((value) => (mad > 0 ? (FACTOR * (value - middle)) / mad : 0));
}

/** Fewer readings say nothing about one of them. */
const FEWEST_FOR_STRAY = 5;
/** A reading is stray only when it is off by as much as this too: close readings make any of them stand out. */
const LEAST_OFF = 0.25;

/** Positions of readings of one panel that stand apart from the rest: a slip of the probe, or a small repair. Read there again. */
export function strayReadings(um: readonly number[]): number[] {
  if (um.length < FEWEST_FOR_STRAY) return [];
  const middle = median(um);
  return modifiedZ(um).flatMap((z, i) =>
    Math.abs(z) > Z_LIMIT && Math.abs((um[i] as number) / middle - 1) > LEAST_OFF ? [i] : [],
  );
}
