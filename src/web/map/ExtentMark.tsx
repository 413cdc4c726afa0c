import type { Face, Part } from '#core/car';
import { type Extent, spotOnClock } from '#core/walk';
import { pointOf } from './faceGeometry';

interface ExtentMarkProps {
  face: Face;
  part: Part;
  extent: Extent;
  /** Drawing units per CSS pixel. */
  unit: number;
}

/** A rim is damaged at its edge, just inside the outline. */
const RIM_REACH = 0.46;
const ARC_STEP_DEG = 6;

/** Where a finding lies on its part, as it was drawn with the finger. */
export function ExtentMark({ face, part, extent, unit }: ExtentMarkProps) {
  const at = (spot: { u: number; v: number }) => pointOf(face, part, spot);
  const line = { className: 'fill-transparent stroke-ink', pointerEvents: 'none' as const };
  switch (extent.form) {
    case 'dots':
      return extent.spots.map((spot, i) => {
        const [x, y] = at(spot);
        return (
          <circle
            // biome-ignore lint/suspicious/noArrayIndexKey: dots are only ever added at the end.
            key={i}
            cx={x}
            cy={y}
            r={unit * 3.2}
            className="fill-ink stroke-sheet"
            strokeWidth={unit}
            pointerEvents="none"
          />
        );
      });
    case 'line': {
      const [[x1, y1], [x2, y2]] = [at(extent.from), at(extent.to)];
      return <line {...{ x1, y1, x2, y2 }} {...line} strokeWidth={unit * 2.5} strokeLinecap="round" />;
    }
    case 'box': {
      const [[x1, y1], [x2, y2]] = [at(extent.from), at(extent.to)];
      return (
        <rect
          x={Math.min(x1, x2)}
          y={Math.min(y1, y2)}
          width={Math.abs(x2 - x1)}
          height={Math.abs(y2 - y1)}
          {...line}
          strokeWidth={unit * 1.5}
          strokeDasharray={`${unit * 5} ${unit * 3}`}
        />
      );
    }
    case 'arc': {
      const steps = Math.max(1, Math.ceil(extent.spanDeg / ARC_STEP_DEG));
      const points = Array.from({ length: steps + 1 }, (_, i) => {
        const deg = extent.fromDeg + (extent.spanDeg * i) / steps;
        return at(spotOnClock(deg, face.mirrored, RIM_REACH))
          .map(Math.round)
          .join(' ');
      });
      return <path d={`M${points.join('L')}`} {...line} strokeWidth={unit * 5} strokeLinecap="round" />;
    }
  }
}
