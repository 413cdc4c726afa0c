import type { BodyStyle, FaceId } from '#core/car';
import type { Finding } from '#core/walk';
import { pointOf } from './faceGeometry';
import type { StripStanding } from './TapeStrip';

/** So far from a strip a thumb still means it. */
export const THUMB_PX = 22;

/** The strip under a thumb: the nearest, where several are. */
export function stripAt(
  style: BodyStyle,
  faceId: FaceId,
  findings: readonly (Pick<Finding, 'id' | 'part' | 'spot'> & { standing: StripStanding })[],
  [x, y]: readonly [number, number],
  reach: number,
): string | undefined {
  const near = findings.flatMap(({ id, part: partId, spot, standing }) => {
    const part = style.parts.get(partId);
    if (part?.face !== faceId || standing === 'dismissed') return [];
    const [atX, atY] = pointOf(style.faces[faceId], part, spot);
    const apart = Math.hypot(atX - x, atY - y);
    return apart <= reach ? [{ id, apart }] : [];
  });
  return near.sort((a, b) => a.apart - b.apart)[0]?.id;
}
