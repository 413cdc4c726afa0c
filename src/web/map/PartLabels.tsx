import { memo } from 'react';
import {
  type BodyStyle,
  type FaceId,
  insideFaces,
  kindName,
  type Part,
  type PartId,
  type Speech,
} from '#core/car';
import type { PartStatus } from '#core/walk';
import { seenX } from './faceGeometry';

interface PartLabelsProps {
  style: BodyStyle;
  face: FaceId;
  speech: Speech;
  statusOf: (part: PartId) => PartStatus;
  /** Drawing units per CSS pixel. */
  unit: number;
}

const SIZE_PX = 12;
/** A letter of the house face takes about so much of its size. */
const LETTER = 0.54;

/** Names on the maps of the inside, where shapes alone do not tell; only where they fit. */
export const PartLabels = memo(function PartLabels(props: PartLabelsProps) {
  const { style, face, speech, statusOf, unit } = props;
  if (!insideFaces.some((each) => each === face)) return null;
  const here = [...style.parts.values()].filter((part) => part.face === face);
  return here.map((part) => {
    const name = kindName(part.kind, speech);
    // Below the tick or the strip that may stand at the mark.
    const down = statusOf(part.id) === 'not-looked-at' ? 4 : 20;
    return fits(part, name, down, unit) ? (
      <text
        key={part.id}
        x={seenX(style.faces[face], part.mark.at[0])}
        y={part.mark.at[1] + down * unit}
        textAnchor="middle"
        fontSize={SIZE_PX * unit}
        className="fill-soft"
        pointerEvents="none"
        aria-hidden
      >
        {name}
      </text>
    ) : null;
  });
});

function fits({ box, mark }: Part, name: string, down: number, unit: number): boolean {
  const room = 2 * Math.min(mark.at[0] - box.x, box.x + box.width - mark.at[0]);
  const below = box.y + box.height - mark.at[1];
  return name.length * SIZE_PX * LETTER * unit < room && below > (down + 5) * unit;
}
