/** International inch and mile, exact since 1959 (NIST SP 811, appendix B). */
export const MM_PER_INCH = 25.4;
export const KM_PER_MILE = 1.609344;

export const mmFromInches = (inches: number): number => inches * MM_PER_INCH;
export const inchesFromMm = (mm: number): number => mm / MM_PER_INCH;
export const kmFromMiles = (miles: number): number => miles * KM_PER_MILE;
export const milesFromKm = (km: number): number => km / KM_PER_MILE;
/** Tread is spoken in thirty-seconds of an inch where inches are used. */
export const mmFrom32nds = (parts: number): number => mmFromInches(parts / 32);
export const thirtySecondsFromMm = (mm: number): number => inchesFromMm(mm) * 32;
