import { z } from 'zod';
import { blurOf, type Region } from './blurOf';
import type { Grey } from './differenceHash';

/** Pictures are judged at this size, longer side in pixels: what is soft there is soft for a reader. */
export const JUDGED_SIDE = 800;

/** What was measured of a picture. */
export const pictureQualitySchema = z.strictObject({
  /** Blur of the direction in best focus and of the worst, pixels; absent where nothing has an edge. */
  sharpest: z.number().optional(),
  softest: z.number().optional(),
  /** Grey level, 0..255, that one pixel in a hundred is darker than, and brighter than. */
  darkest: z.number(),
  brightest: z.number(),
  /** Share of pixels too bright to hold anything. */
  blown: z.number(),
});
export type PictureQuality = z.output<typeof pictureQualitySchema>;

export const pictureFaults = ['soft', 'shaken', 'dark', 'washed-out', 'glare'] as const;
export type PictureFault = (typeof pictureFaults)[number];

/** Thresholds, calibrated on pictures whose blur is known: docs/photos.md. */
export const QUALITY_LIMITS = {
  /** Pixels of blur in the best direction. */
  soft: 0.8,
  /** Pixels of blur in the worst direction, and how many times the best. */
  shaken: { px: 1.2, times: 1.7 },
  dark: 50,
  washedOut: 110,
  glare: 0.1,
} as const;

const BLOWN = 250;

/** Measures a picture brought to JUDGED_SIDE; with a region, only that: what matters is the place of the fault. */
export function measureQuality(grey: Grey, region?: Region): PictureQuality {
  const { sharpest, softest } = blurOf(grey, region);
  const counts = new Uint32Array(256);
  for (let i = 0; i < grey.data.length; i++) {
    const level = (grey.data[i] as number) | 0;
    counts[level] = (counts[level] as number) + 1;
  }
  const all = grey.data.length;
  let blown = 0;
  for (let level = BLOWN; level < 256; level++) blown += counts[level] as number;
  return {
    ...(sharpest !== undefined && { sharpest: round(sharpest) }),
    ...(softest !== undefined && { softest: round(softest) }),
    darkest: levelAt(counts, 0.01 * all),
    brightest: levelAt(counts, 0.99 * all),
    blown: Math.round((blown / all) * 1000) / 1000,
  };
}

const round = (px: number) => Math.round(px * 100) / 100;

function levelAt(counts: Uint32Array, pixels: number): number {
  let sum = 0;
  for (let level = 0; level < 256; level++) {
    sum += counts[level] as number;
    if (sum >= pixels) return level;
  }
  return 255;
}

/** What is wrong with a picture, worst for a reader first. */
export function faultsOf({ sharpest, softest, darkest, brightest, blown }: PictureQuality): PictureFault[] {
  const faults: PictureFault[] = [];
  if (sharpest !== undefined && softest !== undefined) {
    const { px, times } = QUALITY_LIMITS.shaken;
    if (sharpest > QUALITY_LIMITS.soft) faults.push('soft');
    else if (softest > px && softest > times * Math.max(sharpest, px / times)) faults.push('shaken');
  }
  if (brightest < QUALITY_LIMITS.dark) faults.push('dark');
  if (darkest > QUALITY_LIMITS.washedOut) faults.push('washed-out');
  if (blown > QUALITY_LIMITS.glare) faults.push('glare');
  return faults;
}

/** What to say about it, and what helps. */
export const faultWords: Record<PictureFault, { name: string; advice: string }> = {
  soft: { name: 'Soft', advice: 'Tap the fault on the screen to focus, and hold still.' },
  shaken: { name: 'Shaken', advice: 'Rest your elbow on something and take it again.' },
  dark: { name: 'Too dark', advice: 'Use the lamp, or take it from where the light falls.' },
  'washed-out': { name: 'Washed out', advice: 'Turn so that the light does not fall into the lens.' },
  glare: { name: 'Glare', advice: 'Step aside until the bright spot has moved off the fault.' },
};
