import type { Shape } from '../body/shape';

/**
 * The body's skin is drawn flat on four zones of one atlas: a side (both sides wear it), the top,
 * and nose and tail unrolled round upright axes so that lamps run round the corners unbroken.
 */
export const ATLAS = 4096;
export type Zone = 'side' | 'top' | 'nose' | 'tail';

/** Place of a zone on the atlas in pixels, and the millimetres (or degrees across, for nose and tail) it holds. */
export interface ZonePlace {
  px: readonly [x: number, y: number, width: number, height: number];
  from: readonly [a: number, b: number];
  size: readonly [a: number, b: number];
}

export interface Zones {
  side: ZonePlace;
  top: ZonePlace;
  nose: ZonePlace;
  tail: ZonePlace;
  noseAxis: number;
  tailAxis: number;
  /** Nose and tail begin here on the flanks. */
  noseEnd: number;
  tailStart: number;
  /** From here back, what faces rearwards is tail also where it leans (a tailgate's glass). */
  tailTopStart: number;
  /** Above this height, and within so many degrees of the middle of the tail, a tailgate's glass is tail however its edges lean. */
  tailPane?: { from: number; halfDeg: number };
}

export function zonesOf({ profile: p, halfWidth, archRadius }: Shape): Zones {
  const roofEnd = (p.roof[p.roof.length - 1] as readonly [number, number])[0];
  const tailStart = p.rearAxle + archRadius + 60;
  const lid = (p.tail[p.lidFrom ?? p.rearGlassBase] as readonly [number, number])[0];
  return {
    side: { px: [0, 0, ATLAS, 1400], from: [-50, 0], size: [p.length + 100, p.height + 80] },
    top: {
      px: [0, 1400, ATLAS, 1500],
      from: [-50, -halfWidth - 30],
      size: [p.length + 100, 2 * halfWidth + 60],
    },
    nose: { px: [0, 2900, 2048, 1196], from: [-90, 100], size: [180, 1300] },
    tail: { px: [2048, 2900, 2048, 1196], from: [-90, 100], size: [180, 1900] },
    noseAxis: 900,
    tailAxis: p.length - 1100,
    noseEnd: p.frontAxle - archRadius - 42,
    tailStart,
    tailTopStart: p.rearLid === 'tailgate' && !p.bed ? Math.min(roofEnd - 10, tailStart) : lid + 120,
  };
}

export const tailAngle = (zones: Zones, x: number, y: number) =>
  (Math.atan2(y, x - zones.tailAxis) * 180) / Math.PI;
