import type { Face, Part, PartId } from '#core/car';
import { seenX } from './faceGeometry';

/** A fill by something read of a part, the figure that stands on it, and both in words. */
export interface PartTint {
  fill: string;
  figure: string;
  says: string;
}

/** Large where there is room, still readable where there is little. */
const SIZE_PX = 15;
const LEAST_PX = 10;

interface TintFiguresProps {
  face: Face;
  parts: readonly Part[];
  tints: ReadonlyMap<PartId, PartTint>;
  /** Drawing units per CSS pixel. */
  unit: number;
}

/** The figures on the parts; colour alone says nothing. */
export function TintFigures({ face, parts, tints, unit }: TintFiguresProps) {
  return parts.map(({ id, mark }) => {
    const { figure, fill } = tints.get(id) ?? {};
    if (!figure) return null;
    return (
      <text
        key={id}
        x={seenX(face, mark.at[0])}
        y={mark.at[1] + SIZE_PX * 0.35 * unit}
        textAnchor="middle"
        fontSize={Math.max(LEAST_PX * unit, Math.min(SIZE_PX * unit, mark.radius * 1.1))}
        // Tape is yellow by night too.
        className={`${fill === 'fill-tape' ? 'fill-night' : 'fill-ink'} font-bold`}
        pointerEvents="none"
        aria-hidden
      >
        {figure}
      </text>
    );
  });
}
