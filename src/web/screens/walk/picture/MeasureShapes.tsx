import { OVERLAY_YELLOW, orderCorners, type Vec2 } from '#core/picture';
import type { Measuring } from './measuring';

const ACCENT = '#0b4a5c';
const WHITE = '#ffffff';

const pathOf = (points: readonly Vec2[], isClosed: boolean): string =>
  `M${points.map(([x, y]) => `${x} ${y}`).join('L')}${isClosed ? 'Z' : ''}`;

/** The points of a measuring and what they span, as thin on the screen however near one looks. */
export function MeasureShapes({ measuring, zoom }: { measuring: Measuring; zoom: number }) {
  const { by, of, scalePoints, markPoints } = measuring;
  const outline = by === 'card' ? (orderCorners(scalePoints) ?? scalePoints) : scalePoints;
  const thin = 2 / zoom;
  const spans = [
    { points: outline, isClosed: by === 'card' && scalePoints.length === 4, colour: WHITE },
    { points: markPoints, isClosed: of !== 'length', colour: OVERLAY_YELLOW },
  ].filter(({ points }) => points.length > 1);
  const ring = (key: string, [x, y]: Vec2, colour: string, width: number) => (
    <circle key={key} cx={x} cy={y} r={9 / zoom} fill="none" stroke={colour} strokeWidth={width / zoom} />
  );
  return (
    <>
      {spans.map(({ points, isClosed, colour }) =>
        [ACCENT, colour].map((stroke, i) => (
          <path
            key={colour + stroke}
            d={pathOf(points, isClosed)}
            fill="none"
            stroke={stroke}
            strokeWidth={thin * (2 - i)}
          />
        )),
      )}
      {[...scalePoints, ...markPoints].map((point, i) => {
        const colour = i < scalePoints.length ? WHITE : OVERLAY_YELLOW;
        // A dark ring beneath reads on white paint.
        return [ring(`dark ${i}`, point, '#000000', 4), ring(`light ${i}`, point, colour, 2.5)];
      })}
    </>
  );
}
