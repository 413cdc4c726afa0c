import { Circle, Line } from 'react-konva';
import { orderCorners } from '#core/picture';
import type { Measuring } from './measuring';

const ACCENT = '#0b4a5c';
const YELLOW = '#ffc933';

/** The points of a measuring and what they span, as thin on the screen however near one looks. */
export function MeasureShapes({ measuring, zoom }: { measuring: Measuring; zoom: number }) {
  const { by, of, scalePoints, markPoints } = measuring;
  const outline = by === 'card' ? (orderCorners(scalePoints) ?? scalePoints) : scalePoints;
  const thin = 2 / zoom;
  const spans = [
    { points: outline, closed: by === 'card' && scalePoints.length === 4, colour: '#ffffff' },
    { points: markPoints, closed: of !== 'length', colour: YELLOW },
  ];
  return (
    <>
      {spans.map(({ points, closed, colour }) =>
        points.length < 2
          ? null
          : [ACCENT, colour].map((stroke, i) => (
              <Line
                key={colour + stroke}
                points={points.flat()}
                closed={closed}
                stroke={stroke}
                strokeWidth={thin * (2 - i)}
                tension={0}
                listening={false}
              />
            )),
      )}
      {[...scalePoints, ...markPoints].map(([x, y], i) => (
        <Circle
          // biome-ignore lint/suspicious/noArrayIndexKey: a point is its place in the list.
          key={i}
          x={x}
          y={y}
          radius={9 / zoom}
          stroke={i < scalePoints.length ? '#ffffff' : YELLOW}
          strokeWidth={2.5 / zoom}
          shadowColor="#000000"
          shadowBlur={3}
          listening={false}
        />
      ))}
    </>
  );
}
