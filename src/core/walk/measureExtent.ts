import type { Part } from '../car';
import type { Extent } from './extent';
import type { FindingDetails } from './families/findings/bodies';
import type { Spot } from './spot';

type Measured = Pick<FindingDetails, 'count' | 'lengthMm' | 'widthMm'>;

const round = (mm: number) => Math.max(1, Math.round(mm));

/**
 * What a drawn extent says of count and size, from the part's real size in millimetres. Dots count; a line has a length; a box has
 * a longer and a shorter side; an arc's length is π × rim diameter × its share of the circle.
 */
export function measureExtent(extent: Extent, { box }: Pick<Part, 'box'>): Measured {
  switch (extent.form) {
    case 'dots':
      return { count: extent.spots.length };
    case 'line': {
      const length = Math.hypot(
        (extent.to.u - extent.from.u) * box.width,
        (extent.to.v - extent.from.v) * box.height,
      );
      return { lengthMm: round(length) };
    }
    case 'box': {
      const [a, b] = [
        round(Math.abs(extent.to.u - extent.from.u) * box.width),
        round(Math.abs(extent.to.v - extent.from.v) * box.height),
      ];
      return { lengthMm: Math.max(a, b), widthMm: Math.min(a, b) };
    }
    case 'arc':
      return { lengthMm: arcLengthMm(box.width, extent.spanDeg / 360) };
  }
}

/** Length along a rim, millimetres: π × diameter × share of the circle (0..1). */
export const arcLengthMm = (rimDiameterMm: number, share: number): number =>
  round(Math.PI * rimDiameterMm * share);

/** How far apart dots lie, millimetres: the sides of the box round them. */
export function spreadMm(
  spots: readonly Spot[],
  { box }: Pick<Part, 'box'>,
): [lengthMm: number, widthMm: number] {
  const us = spots.map(({ u }) => u);
  const vs = spots.map(({ v }) => v);
  const sides = [
    round((Math.max(...us) - Math.min(...us)) * box.width),
    round((Math.max(...vs) - Math.min(...vs)) * box.height),
  ] as const;
  return [Math.max(...sides), Math.min(...sides)];
}

/** Clockwise from the top, degrees 0..360, of a spot on a round part; `isTurnedOver` where it is seen with u running the other way. */
export function clockDeg({ u, v }: Spot, isTurnedOver: boolean): number {
  const x = (isTurnedOver ? -1 : 1) * (u - 0.5);
  return ((Math.atan2(x, 0.5 - v) * 180) / Math.PI + 360) % 360;
}

/** The spot on a round part's rim at a clock angle: the reverse of `clockDeg`. `reach` is the distance from the middle, 0..0.5. */
export function spotOnClock(deg: number, isTurnedOver: boolean, reach = 0.5): Spot {
  const angle = (deg * Math.PI) / 180;
  return { u: 0.5 + (isTurnedOver ? -1 : 1) * reach * Math.sin(angle), v: 0.5 - reach * Math.cos(angle) };
}
