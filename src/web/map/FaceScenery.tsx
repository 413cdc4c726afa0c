import { memo } from 'react';
import type { Face } from '#core/car';
import { pathOf } from './faceGeometry';

const looks = {
  body: 'fill-fill stroke-line',
  glass: 'fill-glass stroke-line',
  lamp: 'fill-ground stroke-soft',
  dark: 'fill-line stroke-soft',
  wheel: 'fill-line stroke-soft',
  line: 'fill-transparent stroke-soft',
} as const;

/** What is drawn over the parts again, so that a lamp or a plate shows on its panel. */
const onTop = new Set(['line', 'dark', 'lamp']);

/** What is drawn for orientation: below the parts, where some of it leads to a part of another face, or above them. */
export const FaceScenery = memo(function FaceScenery({ face, above }: { face: Face; above?: boolean }) {
  return face.scenery.map((piece, i) =>
    above && !onTop.has(piece.role) ? null : (
      <path
        // biome-ignore lint/suspicious/noArrayIndexKey: scenery never changes order.
        key={i}
        d={pathOf(face, piece.points)}
        className={looks[piece.role]}
        vectorEffect="non-scaling-stroke"
        strokeWidth={1}
        strokeLinejoin="round"
        data-leads-to={above ? undefined : piece.leadsTo}
        pointerEvents={above || !piece.leadsTo ? 'none' : undefined}
      />
    ),
  );
});
