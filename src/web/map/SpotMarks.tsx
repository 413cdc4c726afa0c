import { memo } from 'react';
import type { BodyStyle, FaceId } from '#core/car';
import type { Finding } from '#core/walk';
import { pointOf } from './faceGeometry';

/** A spot about to become a finding. */
export interface Pending {
  part: string;
  spot: Finding['spot'];
}

/** That a part is clear. */
export const Tick = memo(function Tick({ x, y, size: s }: { x: number; y: number; size: number }) {
  return (
    <path
      d={`M${x - s} ${y}l${s * 0.7} ${s * 0.7}l${s * 1.3} ${-s * 1.4}`}
      className="fill-transparent stroke-clear-ink"
      strokeWidth={s * 0.24}
      strokeLinecap="round"
      strokeLinejoin="round"
      pointerEvents="none"
    />
  );
});

/** Where a finding is about to be noted. */
export function PendingMark({
  style,
  faceId,
  pending,
  unit,
}: {
  style: BodyStyle;
  faceId: FaceId;
  pending: Pending;
  /** Drawing units per CSS pixel. */
  unit: number;
}) {
  const part = style.parts.get(pending.part);
  if (part?.face !== faceId) return null;
  const [x, y] = pointOf(style.faces[faceId], part, pending.spot);
  return (
    <circle
      cx={x}
      cy={y}
      r={unit * 11}
      className="fill-tape stroke-ink"
      strokeWidth={unit * 2}
      pointerEvents="none"
    />
  );
}
