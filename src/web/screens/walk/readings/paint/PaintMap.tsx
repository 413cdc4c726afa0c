import { memo } from 'react';
import { type BodyStyle, type FaceId, faceName, type PartId, type Speech } from '#core/car';
import type { Spot } from '#core/walk';
import { sentence } from '#core/wording';
import { FaceMap, type MapFinding } from '../../../../map/FaceMap';
import { faceAround } from '../../../../map/faceAround';
import type { PartTint } from '../../../../map/TintFigures';
import { FaceTurner } from '../../pictures/FaceTurner';

interface PaintMapProps {
  style: BodyStyle;
  speech: Speech;
  /** The panel in hand, and the face looked at where there is room for one only. */
  hand: PartId;
  face: FaceId;
  tints: ReadonlyMap<PartId, PartTint>;
  /** Every outside face at once, at a desk. */
  isWhole?: boolean;
  /** Places read on the panel in hand, and where the probe is now. */
  spots: readonly Spot[];
  spot: Spot | undefined;
  onPart: (part: PartId, spot: Spot) => void;
  onFace: (face: FaceId) => void;
}

const outside = [
  { face: 'front', place: 'col-span-2' },
  { face: 'top', place: 'col-span-2' },
  { face: 'rear', place: 'col-span-2' },
  { face: 'left', place: 'col-span-3' },
  { face: 'right', place: 'col-span-3' },
] as const;

// Findings and what was seen belong to other screens; here only readings are drawn.
const noFindings: readonly MapFinding[] = [];
const notLookedAt = () => 'not-looked-at' as const;

/** The car tinted by how far each panel is from its own level, with the medians on it. */
export const PaintMap = memo(function PaintMap(props: PaintMapProps) {
  const { style, speech, hand, face, tints, spots, spot, isWhole, onPart, onFace } = props;
  const map = {
    style,
    speech,
    current: hand,
    tints,
    onPart,
    statusOf: notLookedAt,
    findings: noFindings,
    dots: { part: hand, spots },
    ...(spot && { pending: { part: hand, spot } }),
  };
  if (isWhole)
    return (
      <div className="grid h-96 shrink-0 grid-cols-6 grid-rows-[3fr_2fr] gap-2">
        {outside.map(({ face: each, place }) => (
          <figure key={each} className={`relative min-h-0 min-w-0 ${place}`}>
            <FaceMap {...map} face={each} className="absolute inset-0 size-full touch-none" />
            <figcaption className="absolute top-0 left-0 text-sm text-soft">
              {sentence(faceName(each, speech))}
            </figcaption>
          </figure>
        ))}
      </div>
    );
  return (
    <div className="relative h-56 w-full contain-strict">
      <FaceMap
        {...map}
        face={face}
        onSwipe={(way) => onFace(faceAround(face, way === 'left' ? 1 : -1))}
        className="absolute inset-0 size-full touch-none"
      />
      <FaceTurner face={face} speech={speech} onFace={onFace} />
    </div>
  );
});
