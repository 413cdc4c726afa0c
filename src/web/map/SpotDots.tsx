import type { BodyStyle, FaceId, PartId } from '#core/car';
import type { Spot } from '#core/walk';
import { pointOf } from './faceGeometry';

interface SpotDotsProps {
  style: BodyStyle;
  faceId: FaceId;
  dots: { part: PartId; spots: readonly Spot[] };
  /** Drawing units per CSS pixel. */
  unit: number;
}

/** Small rings where something was read on a part. */
export function SpotDots({ style, faceId, dots, unit }: SpotDotsProps) {
  const part = style.parts.get(dots.part);
  if (part?.face !== faceId) return null;
  return dots.spots.map((spot) => {
    const [x, y] = pointOf(style.faces[faceId], part, spot);
    return (
      <circle
        key={`${spot.u} ${spot.v}`}
        cx={x}
        cy={y}
        r={unit * 4}
        className="fill-sheet stroke-ink"
        strokeWidth={unit * 1.5}
        pointerEvents="none"
      />
    );
  });
}
